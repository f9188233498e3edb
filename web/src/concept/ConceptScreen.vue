<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import type { Concept, PaletteColour } from '../api/types'
import StageFrame from '../build/StageFrame.vue'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import { useShell } from '../store/shell'
import { useWorkshop } from '../store/workshop'
import ChoiceField from '../ui/ChoiceField.vue'
import MeasureField from '../ui/MeasureField.vue'
import MoneyField from '../ui/MoneyField.vue'
import ScaledDrawing from '../ui/ScaledDrawing.vue'
import TextField from '../ui/TextField.vue'
import WhyButton from '../ui/WhyButton.vue'
import { day, duration, money } from '../ui/words'

/** Theme words, palette, outer size; one concept chosen and frozen with its date and price. */
const builds = useBuild()
const session = useSession()
const shell = useShell()
const workshop = useWorkshop()
const concept = computed(() => builds.build!.concept)
const look = computed(() => concept.value.look)
const ROLES = ['BASE', 'SECOND', 'ACCENT', 'METAL', 'GLOW', 'TEXT'] as const
const roles = ROLES.map((value) => ({ value, label: value.toLowerCase() }))

function edit(change: Partial<Concept['look']>) {
  builds.edit('concepts', concept.value, { look: { ...look.value, ...change } })
}
const problem = (field: string) => builds.problem('concepts', concept.value.id, field)
function colour(index: number, change: Partial<PaletteColour>) {
  edit({ palette: look.value.palette.map((c, i) => (i === index ? { ...c, ...change } : c)) })
}
function addColour() {
  if (look.value.palette.length >= 7) return
  const role = ROLES.find((each) => !look.value.palette.some((c) => c.role === each)) ?? 'ACCENT'
  edit({ palette: [...look.value.palette, { name: 'new colour', hex: '#8C8C8C', role }] })
}
function removeColour(index: number) {
  edit({ palette: look.value.palette.filter((_, i) => i !== index) })
}
const size = computed(() => look.value.size ?? null)
function resize(side: 'widthMm' | 'heightMm' | 'depthMm', value: number | null) {
  if (value === null) return
  edit({
    size: { ...(size.value ?? { widthMm: 300, heightMm: 400, depthMm: 250 }), [side]: value },
  })
}
const words = computed(() => look.value.themeWords.join(', '))
function putWords(text: string) {
  edit({
    themeWords: text
      .split(',')
      .map((word) => word.trim())
      .filter(Boolean),
  })
}
const base = computed(() => look.value.palette.find((c) => c.role === 'BASE')?.hex ?? 'none')
const second = computed(() => look.value.palette.find((c) => c.role === 'SECOND')?.hex ?? 'none')
const budget = computed(() => builds.view!.budget ?? null)
const by = ref('')
const price = ref<number | null>(null)
const refusal = ref('')
async function freeze() {
  refusal.value = ''
  try {
    await builds.act('freeze', { by: by.value, priceMinor: price.value })
    shell.say('Frozen: this look, this price, this date.')
  } catch (problem) {
    refusal.value = (problem as Error).message
  }
}
</script>

<template>
  <StageFrame
    title="Concept"
    :note="builds.build!.brief.themeLine"
    :capabilities="['concept']"
    :on-new="addColour"
  >
    <div class="sides">
      <section>
        <ScaledDrawing
          v-if="size"
          :width-mm="size.widthMm"
          :height-mm="size.heightMm"
          :height="300"
          label="Front face to scale, in the base and second colour of the palette"
        >
          <template #default="{ x, y, s }">
            <rect
              :x="x(0)"
              :y="y(size.heightMm)"
              :width="s(size.widthMm)"
              :height="s(size.heightMm)"
              :fill="base"
              class="face"
            />
            <rect
              :x="x(0)"
              :y="y(size.heightMm)"
              :width="s(size.widthMm)"
              :height="s(size.heightMm) * 0.06"
              :fill="second"
            />
            <rect
              :x="x(0)"
              :y="y(size.heightMm * 0.06)"
              :width="s(size.widthMm)"
              :height="s(size.heightMm) * 0.06"
              :fill="second"
            />
          </template>
        </ScaledDrawing>
        <p v-else class="soft empty">
          Give the outer size and the front is drawn here, to scale. Faces and their items come with
          the elevations.
        </p>
        <div class="size">
          <MeasureField
            v-for="side in ['widthMm', 'heightMm', 'depthMm'] as const"
            :key="side"
            :label="{ widthMm: 'Width', heightMm: 'Height', depthMm: 'Depth' }[side]"
            quantity="length"
            unit="mm"
            :model-value="size ? size[side] : null"
            :problem="problem(`look.size.${side}`)"
            @update:model-value="(value) => resize(side, value)"
          />
        </div>
        <TextField
          label="Theme words and motifs, with commas"
          :model-value="words"
          @update:model-value="putWords"
        />
      </section>
      <section>
        <div class="row">
          <h3>Palette</h3>
          <span class="soft">three to seven colours</span>
        </div>
        <ul class="palette">
          <li v-for="(colourOf, index) in look.palette" :key="index">
            <InputText
              type="color"
              :model-value="colourOf.hex"
              :aria-label="'Colour of ' + colourOf.name"
              class="picker"
              @update:model-value="(hex) => colour(index, { hex: (hex ?? '').toUpperCase() })"
            />
            <TextField
              label="Name of the colour"
              hide-label
              required
              :model-value="colourOf.name"
              @update:model-value="(name) => colour(index, { name })"
            />
            <TextField
              label="Colour code"
              hide-label
              class="mono"
              :model-value="colourOf.hex"
              :problem="problem(`look.palette.${index}.hex`)"
              @update:model-value="(hex) => colour(index, { hex })"
            />
            <ChoiceField
              label="Role"
              hide-label
              :model-value="colourOf.role"
              :options="roles"
              @update:model-value="(role) => colour(index, { role })"
            />
            <Button
              class="bare"
              size="small"
              label="Remove"
              :aria-label="'Remove colour ' + colourOf.name"
              @click="removeColour(index)"
            />
          </li>
        </ul>
        <Button
          v-if="look.palette.length < 7"
          class="quiet"
          label="Add a colour"
          @click="addColour"
        />
      </section>
    </div>
    <template #watch>
      <section class="freeze">
        <h3>{{ concept.frozen ? 'Frozen' : 'Choose this concept' }}</h3>
        <dl v-if="concept.frozen">
          <dt>by</dt>
          <dd>{{ concept.frozen.by }}</dd>
          <dt>on</dt>
          <dd class="mono">{{ day(concept.frozen.at) }}</dd>
          <dt v-if="session.owner">price</dt>
          <dd v-if="session.owner" class="mono">
            {{ money(concept.frozen.priceMinor, workshop.currency) }}
          </dd>
          <dt>planned finish then</dt>
          <dd class="mono">{{ day(concept.frozen.finishOn) }}</dd>
        </dl>
        <dl v-if="budget">
          <dt>quote today <WhyButton :why="budget.quoteWhy" of="Quote" /></dt>
          <dd class="mono">{{ money(budget.quoteMinor, workshop.currency) }}</dd>
          <dt>hands-on</dt>
          <dd class="mono">{{ duration(budget.labour.plannedMinutes) }}</dd>
          <dt>planned finish</dt>
          <dd class="mono">{{ builds.view!.fuse.finish ? day(builds.view!.fuse.finish) : '—' }}</dd>
        </dl>
        <form v-if="session.owner" @submit.prevent="freeze">
          <TextField v-model="by" label="Chosen by" />
          <MoneyField
            v-model="price"
            label="Agreed price"
            optional
            hint="left empty: the quote above"
          />
          <p v-if="refusal" class="bad" role="alert">{{ refusal }}</p>
          <Button
            type="submit"
            :class="{ quiet: concept.frozen }"
            :label="concept.frozen ? 'Freeze again' : 'Freeze this concept'"
            :disabled="!by.trim()"
          />
        </form>
      </section>
    </template>
  </StageFrame>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: minmax(300px, 0.9fr) minmax(360px, 1.1fr);
  gap: 28px;
}
.face {
  stroke: var(--ink);
  stroke-width: 1.2;
}
.size {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 12px;
  margin-bottom: 10px;
}
.palette {
  list-style: none;
  padding: 0;
  margin: 8px 0 12px;
}
.palette li {
  display: grid;
  grid-template-columns: 52px 1fr 92px 108px auto;
  gap: 8px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  padding: 5px 0;
}
.picker {
  padding: 2px;
  height: 44px;
  width: 50px;
}
.freeze {
  margin-top: 8px;
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 10px;
  margin: 8px 0;
}
dd {
  margin: 0;
  text-align: right;
}
dt,
dd {
  border-bottom: 1px solid var(--line);
  padding-bottom: 3px;
}
form {
  display: grid;
  gap: 8px;
}
.empty {
  padding: 60px 20px;
  border: 1px dashed var(--line);
}
</style>
