<script setup lang="ts">
import { computed } from 'vue'
import type { SceneModel } from '../api/types'
import { useBuild } from '../store/build'
import SignMark from '../ui/SignMark.vue'
import WhyButton from '../ui/WhyButton.vue'
import { fixed } from '../units/writing'

/** The palette by day and beside it in a scene, with the pairs that run together there. */
const props = defineProps<{ scene: SceneModel }>()
const builds = useBuild()
const palette = computed(() => builds.build!.concept.look.palette)
const name = (index: number) => palette.value[index]?.name ?? ''
const pairs = computed(() =>
  props.scene.merged.map(
    (pair) =>
      `${name(pair.first)} and ${name(pair.second)}: ΔE00 ${fixed(pair.wasDeltaE00, 0)} by day, ${fixed(pair.deltaE00, 0)} here`,
  ),
)
</script>

<template>
  <section v-if="palette.length">
    <h3>
      Told apart in {{ scene.name }} <WhyButton :why="scene.why" of="Colours in this light" />
    </h3>
    <ul>
      <li v-for="(colour, index) in palette" :key="index">
        <span class="pair">
          <i :style="{ background: colour.hex }" /><i
            :style="{ background: scene.palette[index] ?? colour.hex }"
          />
        </span>
        {{ colour.name }}
      </li>
    </ul>
    <p v-for="pair in pairs" :key="pair" class="merged">
      <SignMark kind="note" /> <span class="mono">{{ pair }}</span>
    </p>
    <p v-if="!pairs.length" class="soft">By day left, here right. All that must stay apart does.</p>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  font-size: 12.5px;
}
li {
  display: grid;
  gap: 2px;
}
.pair {
  display: inline-flex;
  border: 1px solid var(--line);
}
.pair i {
  width: 34px;
  height: 30px;
}
.merged {
  margin: 4px 0 0;
  font-size: 12.5px;
}
</style>
