<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { upload } from '../api/client'
import type { Look } from '../api/types'
import { useBuild } from '../store/build'
import { useShell } from '../store/shell'
import FromPicture from './FromPicture.vue'
import PaletteBar from './PaletteBar.vue'
import PaletteViews from './PaletteViews.vue'
import { useConcept } from './useConcept'
import { fixed, said } from '../units/writing'
import ThingFields from '../ui/ThingFields.vue'

/** The palette with its roles, its share of what shows, what stock comes nearest, and other lights. */
const builds = useBuild()
const concept = useConcept()
const shell = useShell()
const look = computed(() => builds.build!.concept.look)
const palette = computed(() => look.value.palette)
const model = computed(() => concept.view?.palette ?? null)
const of = (index: number) => model.value?.colours[index]
const ROLES = ['BASE', 'SECOND', 'ACCENT', 'METAL', 'GLOW', 'TEXT'] as const
const roles = ROLES.map((value) => ({ value, label: value.toLowerCase() }))
const HEX = /^#[0-9A-Fa-f]{6}$/

/** Shown at once where every colour can be drawn. */
function colour(change: { look: Look }) {
  if (change.look.palette.every((c) => HEX.test(c.hex) && c.name.trim()))
    concept.editLook(change.look)
  else builds.edit('concepts', builds.build!.concept, change)
}
function add() {
  take([{ name: 'new colour', hex: '#8C8C8C' }])
}
/** More colours, each with the first role nobody has. */
function take(more: { name: string; hex: string }[]) {
  const all = [...palette.value]
  for (const each of more.slice(0, 7 - all.length)) {
    const role = ROLES.find((wanted) => !all.some((c) => c.role === wanted)) ?? 'ACCENT'
    all.push({ ...each, role })
  }
  concept.editLook({ palette: all })
}
function remove(index: number) {
  concept.editLook({ palette: palette.value.filter((_, i) => i !== index) })
}
const percent = (share: number) => `${fixed(share * 100, 0)} %`
const file = ref<HTMLInputElement | null>(null)
async function read(event: Event) {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  if (!chosen) return
  try {
    await upload(concept.base + '/palette', await chosen.text(), 'application/json')
    await builds.reload()
    shell.say('The palette of that file is here now. Ctrl+Z brings the other back.')
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
  input.value = ''
}
defineExpose({ add })
</script>

<template>
  <div class="row">
    <span class="soft">three to seven colours; shares are of the faces that show</span>
    <span class="grow" />
    <a :href="concept.base + '/palette.css'">CSS</a>
    <a :href="concept.base + '/palette.svg'">swatches, SVG</a>
    <a :href="concept.base + '/palette.json'">JSON</a>
    <Button class="bare" size="small" label="Read a palette file" @click="file?.click()" />
    <input
      ref="file"
      type="file"
      accept=".json,application/json"
      class="visually-hidden"
      aria-label="Palette file"
      tabindex="-1"
      @change="read"
    />
  </div>
  <PaletteBar v-if="model" class="bar" :palette="palette" :model="model" />
  <ul class="palette">
    <li v-for="(c, index) in palette" :key="index">
      <ThingFields
        kind="concepts"
        :thing="builds.build!.concept"
        :within="`look.palette.${index}`"
        :fields="[
          { field: 'hex', label: 'Colour of ' + c.name, hideLabel: true },
          { field: 'name', label: 'Name of the colour', required: true, hideLabel: true },
          { field: 'role', options: roles, hideLabel: true },
        ]"
        :edit="colour"
      />
      <span class="mono share">{{ of(index) ? percent(of(index)!.share) : '' }}</span>
      <span class="near">
        <template v-for="match in of(index)?.matches.slice(0, 2) ?? []" :key="match.stock.id">
          <span class="match" :class="{ far: match.deltaE00 > 5 }">
            <i :style="{ background: match.stock.hex }" />
            {{ match.stock.name }}
            <span class="mono">ΔE00 {{ fixed(match.deltaE00, 1) }}</span>
            <span class="soft"> · {{ said(match.words) }}</span>
          </span>
        </template>
      </span>
      <Button
        class="bare"
        size="small"
        label="Remove"
        :aria-label="'Remove colour ' + c.name"
        @click="remove(index)"
      />
    </li>
  </ul>
  <p class="row">
    <Button v-if="palette.length < 7" class="quiet" label="Add a colour" @click="add" />
    <span v-if="model && model.other > 0.005" class="soft mono"
      >{{ percent(model.other) }} of what shows is of no palette colour</span
    >
  </p>
  <div class="below">
    <PaletteViews v-if="model" :palette="palette" :views="model.views" />
    <FromPicture :room="7 - palette.length" @take="take" />
  </div>
</template>

<style scoped>
.bar {
  margin: 8px 0 6px;
}
.palette {
  list-style: none;
  padding: 0;
  margin: 0 0 10px;
}
.palette li {
  display: grid;
  grid-template-columns: 128px minmax(110px, 0.8fr) 104px 44px minmax(210px, 1.6fr) auto;
  gap: 8px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  padding: 4px 0;
}
.share {
  text-align: right;
  font-size: 14px;
}
.near {
  display: grid;
  gap: 1px;
  font-size: 12.5px;
}
.match i {
  display: inline-block;
  width: 11px;
  height: 11px;
  border: 1px solid var(--line);
}
.far .mono {
  color: var(--madder);
  font-weight: 700;
}
.below {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(250px, 0.8fr);
  gap: 30px;
  margin-top: 8px;
}
</style>
