<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { newId } from '../api/client'
import type { ElevationItem, Face, FaceView, Size } from '../api/types'
import { useBuild } from '../store/build'
import { useDraft } from '../store/draft'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import ChoiceStrip from '../ui/ChoiceStrip.vue'
import MeasureField from '../ui/MeasureField.vue'
import WhyButton from '../ui/WhyButton.vue'
import { duration, sentence } from '../ui/words'
import FaceArt from './FaceArt.vue'
import FaceBox from './FaceBox.vue'
import FaceCanvas from './FaceCanvas.vue'
import FaceMap from './FaceMap.vue'
import ItemEditor from './ItemEditor.vue'
import { kindWords, measures } from './faceWords'
import { newItem, newPanel, offers, opening } from './newThing'
import { moved, type Placed } from './placing'
import { useConcept } from './useConcept'
import { exact, fixed, said } from '../units/writing'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** Six faces to scale: one large, all unfolded, or wrapped on a box; by day and at dusk. */
const builds = useBuild()
const concept = useConcept()
const session = useSession()
const shell = useShell()
const workshop = useWorkshop()
const build = computed(() => builds.build!)
const how = ref<'large' | 'unfolded' | 'box'>('large')
const dusk = ref(false)
/** The face looked at last, found again when one comes back. */
const which = useDraft<Face>(`face:${builds.id}`, 'LEFT')
const view = computed<FaceView | undefined>(() =>
  concept.faces.find((each) => each.elevation.face === which.value),
)
const face = computed(() => view.value?.elevation)
const chosen = computed(() => face.value?.items.find((drawn) => drawn.id === concept.picked))
watch(which, () => (concept.picked = null))
const size = computed(() => build.value.concept.look.size ?? null)
function resize(side: 'widthMm' | 'heightMm' | 'depthMm', value: number | null) {
  if (value === null) return
  concept.editLook({
    size: { ...(size.value ?? { widthMm: 300, heightMm: 400, depthMm: 250 }), [side]: value },
  })
}
const SIDES = ['widthMm', 'heightMm', 'depthMm'] as const
/** Once there is an enclosure the size is its own; what was typed here was a wish. */
const enclosure = computed(() => build.value.enclosures[0])
const outer = computed(() => builds.view!.outer ?? null)
const differs = computed(
  () =>
    size.value &&
    outer.value &&
    SIDES.some((side) => Math.abs(size.value![side] - outer.value![side]) > 0.5),
)
const sizeWords = (of: Size) => `${SIDES.map((side) => exact(of[side])).join(' × ')} mm`
const wishIt = () => concept.editLook({ size: outer.value! })
const sizeProblem = (side: string) =>
  builds.problem('concepts', build.value.concept.id, `look.size.${side}`)

function place(drawn: ElevationItem, to: { xMm: number; yMm: number }): Placed | null {
  return moved(drawn, which.value, to, build.value.panels, face.value!.items)
}
/** Shown at once where it is dragged to; what follows from it comes from the server. */
function drag(drawn: ElevationItem, to: { xMm: number; yMm: number }) {
  const placed = place(drawn, to)
  if (!placed) return
  concept.hold(drawn.id, to)
  concept.preview({ [placed.kind]: [placed.value] })
}
function drop(drawn: ElevationItem, to: { xMm: number; yMm: number }) {
  const placed = place(drawn, to)
  concept.hold(drawn.id, to)
  concept.held = null
  if (placed?.kind === 'items') concept.editItem(placed.value, {})
  else if (placed) concept.editPanel(placed.value, {})
}

const offered = computed(() => offers(build.value))
const adding = ref('VINYL')
function add() {
  if (!face.value) return
  const sheetId = workshop.offered('sheets')[0]?.id
  if (adding.value === 'PANEL' || adding.value === 'WINDOW') {
    const bare = build.value.panels.find((p) => p.face === which.value && !p.window)
    if (adding.value === 'WINDOW' && bare) {
      concept.editPanel(bare, { window: opening(bare.widthMm, bare.heightMm) })
      concept.picked = bare.id + '/window'
    } else if (sheetId) {
      const id = builds.add('panels', newPanel(adding.value, face.value, sheetId))
      concept.picked = id
      concept.preview({ panels: [build.value.panels.find((p) => p.id === id)!] })
    } else shell.say('Put a sheet on the stock list first: a part is cut from one.')
    return
  }
  const item = newItem(adding.value, newId(), face.value, build.value)
  concept.editItem(item, {})
  concept.picked = item.id
}
async function mirror() {
  const answer = await builds.act<{ parts: number; items: number; left: string[] }>(
    `faces/${which.value.toLowerCase()}/mirror?id=${newId()}`,
  )
  shell.say(
    answer.left.length
      ? `Mirrored. Left out, there is only one of each: ${answer.left.join(', ')}.`
      : `Mirrored: ${answer.parts} parts and ${answer.items} things.`,
  )
}
const across: Record<Face, string> = {
  FRONT: 'back',
  BACK: 'front',
  LEFT: 'right',
  RIGHT: 'left',
  TOP: 'bottom',
  BOTTOM: 'top',
}
const part = (drawn: ElevationItem) =>
  drawn.of?.kind === 'panels' && drawn.kind === 'PANEL'
    ? builds.view!.parts.find((each) => each.panel.id === drawn.of!.id)
    : undefined
function figures(drawn: ElevationItem): string {
  const figures = part(drawn)?.figures
  if (!figures) return ''
  return `cut ${fixed(figures.contourMm, 0)} mm · ${duration(Math.max(1, figures.cutSeconds / 60))} · ${fixed(figures.massKg * 1000, 0)} g`
}
const files = computed(() => {
  const query = `?dusk=${dusk.value}${dusk.value && concept.scene ? `&scene=${concept.scene}` : ''}`
  const one = `${concept.base}/faces/${which.value.toLowerCase()}`
  return [
    { label: 'this face, SVG', href: one + '.svg' + query },
    { label: 'PNG', href: one + '.png' + query },
    { label: 'whole sheet, SVG', href: concept.base + '/faces.svg' + query },
    { label: 'PNG', href: concept.base + '/faces.png' + query },
  ]
})
const HOWS = [
  { value: 'large', label: 'One large' },
  { value: 'unfolded', label: 'Unfolded' },
  { value: 'box', label: 'On the box' },
] as const
/** By day with the lights off, at dusk, or in a scene. */
const light = computed({
  get: () => (dusk.value ? concept.scene || 'dusk' : 'day'),
  set: (value: string) => {
    dusk.value = value !== 'day'
    if (dusk.value) concept.scene = value === 'dusk' ? '' : value
  },
})
const LIGHTS = computed(() => [
  { value: 'day', label: 'Lights off, day' },
  { value: 'dusk', label: build.value.scenes.length ? 'Dusk' : 'Lights on, dusk' },
  ...build.value.scenes.map((scene) => ({ value: scene.id, label: sentence(scene.name) })),
])
/** What the faces show with the lights on. */
const litWords = computed(
  () => build.value.scenes.find((each) => each.id === concept.scene)?.name ?? 'dusk',
)
defineExpose({ add })
</script>

<template>
  <p v-if="!view || !face" class="soft empty">
    Give the outer size below: all six faces are drawn from it, and everything you put on them.
  </p>
  <template v-else>
    <div class="row bar">
      <ChoiceStrip v-model="how" label="How the faces are shown" :options="HOWS" />
      <ChoiceStrip v-model="light" label="Light" :options="LIGHTS" />
      <h3 class="which">
        {{ sentence(face.face) }} face
        <span class="soft mono"
          >{{ fixed(face.widthMm, 1) }} × {{ fixed(face.heightMm, 1) }} mm</span
        >
        <span class="soft">{{ face.shown ? '' : ' · not seen where it stands' }}</span>
      </h3>
    </div>
    <div v-if="how === 'large'" class="sides">
      <FaceCanvas
        :view="view"
        :all="concept.faces"
        :dusk="dusk"
        :picked="concept.picked"
        :findings="concept.view?.findings ?? []"
        :height="450"
        @pick="concept.picked = $event"
        @drag="drag"
        @drop="drop"
      />
      <div class="aside">
        <span class="label">{{ dusk ? 'lights off, day' : `lights on, ${litWords}` }}</span>
        <svg
          :viewBox="`0 0 ${face.widthMm} ${face.heightMm}`"
          width="222"
          :height="(222 * face.heightMm) / face.widthMm > 200 ? 200 : undefined"
          role="img"
          :aria-label="dusk ? 'The same face by day' : `The same face, ${litWords}`"
        >
          <FaceArt :view="view" :dusk="!dusk" :small="!!concept.held" />
        </svg>
        <span class="label">six faces</span>
        <FaceMap
          :faces="concept.faces"
          :dusk="dusk"
          :picked="which"
          :width="222"
          :height="200"
          @pick="which = $event"
        />
      </div>
    </div>
    <FaceMap
      v-else-if="how === 'unfolded'"
      class="whole"
      :faces="concept.faces"
      :dusk="dusk"
      :picked="which"
      :width="840"
      :height="560"
      named
      @pick="
        (picked) => {
          which = picked
          how = 'large'
        }
      "
    />
    <FaceBox v-else :faces="concept.faces" :dusk="dusk" :height="470" />
    <form v-if="how === 'large'" class="row add" @submit.prevent="add">
      <ChoiceField v-model="adding" label="Add to this face" hide-label :options="offered" />
      <Button type="submit" class="quiet" label="Add to this face" />
      <Button
        class="bare"
        size="small"
        :label="`Copy it all, mirrored, to the ${across[which]}`"
        @click="mirror"
      />
    </form>
    <ItemEditor
      v-if="how === 'large' && chosen"
      :key="chosen.id"
      :drawn="chosen"
      :face="which"
      :beside="face.items"
    />
    <table v-if="how === 'large'" class="ledger things">
      <caption class="visually-hidden">
        Things on this face
      </caption>
      <tbody>
        <tr
          v-for="drawn in face.items"
          :key="drawn.id"
          :class="{ chosen: drawn.id === concept.picked }"
        >
          <td>
            <button type="button" class="pick" @click="concept.picked = drawn.id">
              {{ drawn.name }}
            </button>
          </td>
          <td class="mono where">{{ measures(drawn) }}</td>
          <td class="soft">{{ kindWords(drawn.kind) }} · {{ said(drawn.detail) }}</td>
          <td class="right mono">
            {{ figures(drawn) }}
            <template v-if="session.owner && part(drawn)">
              · <MoneyFigure :of="part(drawn)!" name="materialMinor" />
              <WhyButton :why="part(drawn)!.materialWhy" :of="`Sheet for ${drawn.name}`" />
            </template>
          </td>
        </tr>
      </tbody>
    </table>
    <p class="row files">
      <span class="soft">Take away:</span>
      <a v-for="file in files" :key="file.href" :href="file.href">{{ file.label }}</a>
    </p>
  </template>
  <p v-if="enclosure && outer" class="row outer">
    <span>
      The faces are those of {{ enclosure.name }}, with the parts that stick out of it:
      <span class="mono">{{ sizeWords(outer) }}</span> wide, high, deep.
    </span>
    <template v-if="differs">
      <span class="soft">Wished for: {{ sizeWords(size!) }}.</span>
      <Button class="bare" size="small" label="Make it the wish" @click="wishIt" />
    </template>
  </p>
  <div v-else class="size">
    <MeasureField
      v-for="side in SIDES"
      :key="side"
      :label="{ widthMm: 'Outer width', heightMm: 'Outer height', depthMm: 'Outer depth' }[side]"
      unit="mm"
      :model-value="size ? size[side] : null"
      :problem="sizeProblem(side)"
      @update:model-value="(value) => resize(side, value)"
    />
  </div>
</template>

<style scoped>
.bar {
  align-items: center;
  gap: 18px;
  margin-bottom: 4px;
}
.which .soft {
  font-weight: 400;
}
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 222px;
  gap: 14px;
}
.aside {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.label {
  font-size: 12.5px;
  font-weight: 600;
  color: var(--smoke);
}
.whole {
  margin: 26px auto 10px;
}
.add {
  align-items: center;
  margin: 4px 0 8px;
}
.add :deep(.field) {
  width: 260px;
}
.things {
  margin-top: 8px;
}
.things td {
  padding: 4px 10px 4px 0;
}
.things tr.chosen td {
  background: var(--paper);
}
.where {
  white-space: pre;
}
.pick {
  font: inherit;
  font-weight: 600;
  color: var(--ink);
  background: none;
  border: 0;
  padding: 2px 0;
  text-align: left;
  cursor: pointer;
}
.pick:hover {
  text-decoration: underline;
}
.files {
  font-size: 13px;
  margin: 10px 0;
}
.outer {
  gap: 10px;
  flex-wrap: wrap;
}
.size {
  display: grid;
  grid-template-columns: repeat(3, 150px);
  gap: 16px;
  margin: 8px 0;
}
.empty {
  padding: 60px 20px;
  border: 1px dashed var(--line);
}
</style>
