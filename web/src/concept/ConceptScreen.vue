<script setup lang="ts">
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import StageFrame from '../build/StageFrame.vue'
import { useFresh } from '../store/live'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import TextField from '../ui/TextField.vue'
import ViewTabs from '../ui/ViewTabs.vue'
import WhyButton from '../ui/WhyButton.vue'
import { day, duration } from '../ui/words'
import AgreedView from './AgreedView.vue'
import FacesView from './FacesView.vue'
import PaletteBar from './PaletteBar.vue'
import OptionsView from './OptionsView.vue'
import PaletteView from './PaletteView.vue'
import { useConcept } from './useConcept'
import { fixed, said } from '../units/writing'
import MoneyFigure from '../ui/MoneyFigure.vue'

/** The drawn build: faces, palette, options beside each other, and what was agreed. */
const builds = useBuild()
const concept = useConcept()
const session = useSession()
const route = useRoute()
const problem = ref('')
const VIEWS = [
  { value: 'faces', label: 'Faces' },
  { value: 'palette', label: 'Palette' },
  { value: 'options', label: 'Options' },
  { value: 'agreed', label: 'Agreed' },
] as const
const shown = computed(
  () => VIEWS.find((view) => view.value === route.query.show)?.value ?? 'faces',
)
watch(shown, askForAgreed, { immediate: true })
/** Every agreement is as large as the build itself: it comes when somebody looks. */
async function askForAgreed() {
  if (shown.value !== 'agreed') return
  await builds.ask('agreed').catch((refusal) => (problem.value = refusal.message))
}
const now = computed(() => builds.build!.concept)
const words = computed(() => now.value.look.themeWords.join(', '))
function putWords(text: string) {
  const themeWords = text
    .split(',')
    .map((word) => word.trim())
    .filter(Boolean)
  builds.edit('concepts', now.value, { look: { ...now.value.look, themeWords } })
}
useFresh(() => concept.load())
onMounted(() => concept.load().catch((refusal) => (problem.value = refusal.message)))
const faces = useTemplateRef<InstanceType<typeof FacesView>>('faces')
const palette = useTemplateRef<InstanceType<typeof PaletteView>>('palette')
function addHere() {
  if (shown.value === 'palette') palette.value?.add()
  else if (shown.value === 'faces') faces.value?.add()
}
const finish = computed(() => builds.view?.fuse.finish ?? null)
const share = (index: number) => {
  const of = concept.view?.palette.colours[index]
  return of ? `${fixed(of.share * 100, 0)} %` : ''
}
const coverage = computed(() => {
  const count = (outcome: string) =>
    builds.view!.coverage.filter((state) => state.outcome === outcome).length
  return `${count('ANSWERED')} answered · ${count('FAILED') + count('OPEN')} not`
})
</script>

<template>
  <StageFrame
    title="Concept"
    :note="builds.build!.brief.themeLine"
    :capabilities="['concept']"
    :live="concept.view?.findings"
    :on-new="addHere"
  >
    <template #actions>
      <ViewTabs label="Parts of the concept" :views="VIEWS" :shown="shown" />
    </template>
    <p v-if="problem" class="bad" role="alert">{{ said(problem) }}</p>
    <template v-else-if="concept.view">
      <FacesView v-if="shown === 'faces'" ref="faces" />
      <PaletteView v-else-if="shown === 'palette'" ref="palette" />
      <OptionsView v-else-if="shown === 'options'" />
      <AgreedView v-else-if="builds.view!.agreed" />
    </template>
    <p v-else class="soft" role="status">Drawing…</p>
    <template #watch-first>
      <section class="option">
        <h3>
          Option {{ now.letter }}<template v-if="now.name"> · {{ now.name }}</template>
        </h3>
        <dl v-if="concept.view">
          <template v-if="session.owner && builds.view!.budget">
            <dt>quote <WhyButton :why="builds.view!.budget.quoteWhy" of="Quote" /></dt>
            <dd class="mono"><MoneyFigure :of="concept.view" name="quoteMinor" /></dd>
          </template>
          <dt>hands-on</dt>
          <dd class="mono">{{ duration(concept.view.minutes) }}</dd>
          <dt>planned finish</dt>
          <dd class="mono">{{ finish ? day(finish) : '—' }}</dd>
          <dt>asked for</dt>
          <dd class="mono">{{ coverage }}</dd>
        </dl>
        <template v-if="concept.view && now.look.palette.length">
          <PaletteBar :palette="now.look.palette" :model="concept.view.palette" />
          <ul class="shares" aria-label="Shares of the faces that show">
            <li v-for="(colour, index) in now.look.palette" :key="index">
              <i :style="{ background: colour.hex }" />{{ colour.name }}
              <span class="mono">{{ share(index) }}</span>
            </li>
          </ul>
        </template>
        <TextField
          label="Name of this option"
          :problem="builds.problem('concepts', now.id, 'name')"
          :model-value="now.name"
          @update:model-value="(name) => builds.edit('concepts', now, { name })"
        />
        <TextField
          label="Theme words, with commas"
          :problem="builds.problem('concepts', now.id, 'look.themeWords')"
          :lines="2"
          :model-value="words"
          @update:model-value="putWords"
        />
      </section>
    </template>
  </StageFrame>
</template>

<style scoped>
.option {
  display: grid;
  gap: 8px;
  margin-bottom: 6px;
}
.shares {
  list-style: none;
  margin: -2px 0 2px;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 1px 12px;
  font-size: 12.5px;
}
.shares li {
  display: inline-flex;
  gap: 5px;
  align-items: center;
}
.shares i {
  width: 10px;
  height: 10px;
  border: 1px solid var(--line);
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 10px;
  margin: 0;
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
</style>
