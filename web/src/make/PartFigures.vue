<script setup lang="ts">
import { computed } from 'vue'
import type { MadePart } from '../api/types'
import { useBuild } from '../store/build'
import WhyButton from '../ui/WhyButton.vue'
import { duration } from '../ui/words'
import { fixed, said } from '../units/writing'

/** Numbers, steps and files of one part. */
const props = defineProps<{ part: MadePart }>()
const builds = useBuild()
const figures = computed(() => props.part.figures ?? null)
const tasks = computed(() =>
  builds.view!.makeTasks.filter((task) => task.task.thingId === props.part.panel.id),
)
const machined = computed(() => ['LASER', 'ROUTER', 'BLADE'].includes(props.part.panel.cutMethod))
const counts = computed(() =>
  builds.view!.make.pieces.find((each) => each.panelId === props.part.panel.id),
)
const file = (form: string, kerf = false) =>
  `/api/builds/${encodeURIComponent(builds.id)}/panels/${encodeURIComponent(props.part.panel.id)}.${form}${kerf ? '?kerf=true' : ''}`
</script>

<template>
  <dl v-if="figures" class="figures">
    <div>
      <dt>area</dt>
      <dd class="mono">{{ fixed(figures.areaMm2 / 100, 1) }} cm²</dd>
    </div>
    <div>
      <dt>mass <WhyButton :why="figures.massWhy" of="Mass" /></dt>
      <dd class="mono">{{ fixed(figures.massKg * 1000, 0) }} g</dd>
    </div>
    <div>
      <dt>contour</dt>
      <dd class="mono">{{ fixed(figures.contourMm, 0) }} mm</dd>
    </div>
    <div v-if="figures.engravedMm2 > 0">
      <dt>engraved</dt>
      <dd class="mono">{{ fixed(figures.engravedMm2 / 100, 1) }} cm²</dd>
    </div>
    <div v-if="machined">
      <dt>cut <WhyButton :why="figures.cutWhy" of="Cut time" /></dt>
      <dd class="mono">{{ fixed(figures.cutSeconds, 0) }} s</dd>
    </div>
    <div v-if="figures.openings">
      <dt>openings</dt>
      <dd class="mono">{{ figures.openings }}</dd>
    </div>
    <div v-if="figures.holeCount">
      <dt>border holes</dt>
      <dd class="mono">
        {{ figures.holeCount }} at {{ fixed(figures.holePitchMm, 1) }} /
        {{ fixed(figures.sidePitchMm, 1) }} mm
      </dd>
    </div>
    <div v-if="counts && (counts.cut || counts.laid)">
      <dt>pieces</dt>
      <dd class="mono">{{ counts.cut }} cut, {{ counts.laid }} laid of {{ counts.wanted }}</dd>
    </div>
  </dl>
  <table v-if="tasks.length" class="ledger">
    <tbody>
      <tr v-for="task in tasks" :key="task.task.key">
        <td>{{ said(task.task.title) }}</td>
        <td class="right mono">
          {{ duration(task.task.handsOnMinutes) }}
          <WhyButton :why="task.task.why" :of="task.task.title" />
        </td>
        <td class="soft">{{ task.doneAt ? 'done' : '' }}</td>
      </tr>
    </tbody>
  </table>
  <p v-if="part.model" class="row files">
    <span class="soft">as a file</span>
    <a :href="file('svg')">SVG</a>
    <a :href="file('dxf')">DXF</a>
    <template v-if="machined">
      <span class="soft">with the kerf</span>
      <a :href="file('svg', true)">SVG</a>
      <a :href="file('dxf', true)">DXF</a>
    </template>
  </p>
</template>

<style scoped>
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  margin: 4px 0 10px;
}
dt {
  font-size: 12.5px;
  color: var(--smoke);
}
dd {
  margin: 0;
  font-size: 14px;
}
.files {
  gap: 12px;
  margin: 8px 0;
}
</style>
