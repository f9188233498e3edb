<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, useTemplateRef } from 'vue'
import type { Brief, Question } from '../api/types'
import StageFrame from '../build/StageFrame.vue'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import SignMark from '../ui/SignMark.vue'
import { plain, sentence } from '../ui/words'
import ThingFields from '../ui/ThingFields.vue'
import BroughtList from './BroughtList.vue'
import ClientSight from './ClientSight.vue'
import RemarkList from './RemarkList.vue'
import RequirementList from './RequirementList.vue'
import { said } from '../units/writing'

/** The brief as an interview: one question a line, left and resumed at any time. */
const builds = useBuild()
const session = useSession()
const brief = computed(() => builds.build!.brief)
const interview = computed(() => builds.view!.interview.questions)
const answered = computed(() => interview.value.filter((question) => question.answered).length)
const FACES = ['FRONT', 'BACK', 'LEFT', 'RIGHT', 'TOP', 'BOTTOM'] as const
const COSTS = [
  'PERFORMANCE_HARDWARE',
  'LOOK_HARDWARE',
  'MADE_PART_MATERIAL',
  'FINISH_MATERIAL',
  'OUTSIDE_WORK',
  'LABOUR',
  'SHIPPING',
  'CONTINGENCY',
] as const
const SECRECY = [
  { value: 'OPEN', label: 'All of it' },
  { value: 'NO_SPECIFICATION', label: 'No prices, no specification' },
  { value: 'SURPRISE', label: 'Nothing but whether it is on time' },
]
const STANDS = { field: 'standsWhere', label: 'Where it will stand', hideLabel: true, lines: 1 }
const CAP = { field: 'budgetCapMinor', label: 'At most' }
const REVEAL = [
  { field: 'revealOn', label: 'Reveal on' },
  { field: 'revealMovable', label: 'that day can move' },
]
const KNOWN = { field: 'secrecy', label: 'May know before the reveal', options: SECRECY }

const edit = (change: Partial<Brief>) => builds.edit('briefs', brief.value, change)
function toggle<T>(list: T[], item: T, on: boolean): T[] {
  return on ? [...list, item] : list.filter((each) => each !== item)
}
function skip(question: Question) {
  edit({ skipped: toggle(brief.value.skipped, question.key, !question.skipped) })
}
const groups = computed(() => {
  const names = [...new Set(interview.value.map((question) => question.group))]
  return names.map((name) => ({
    name,
    questions: interview.value.filter((question) => question.group === name),
  }))
})
const next = computed(() => interview.value.find((q) => !q.answered && !q.skipped)?.key ?? null)
/** Questions that are answered in words, with the label of their field. */
const WORDS: Record<
  string,
  { field: 'client' | 'purpose' | 'themeLine' | 'loved' | 'hated'; label: string; lines?: number }
> = {
  client: { field: 'client', label: 'Client' },
  purpose: { field: 'purpose', label: 'Used for', lines: 1 },
  themeLine: { field: 'themeLine', label: 'Theme in one line', lines: 1 },
  loved: { field: 'loved', label: 'Loved', lines: 1 },
  hated: { field: 'hated', label: 'Hated', lines: 1 },
}
function sign(question: Question) {
  if (question.answered) return 'done'
  return question.skipped ? 'wait' : question.key === next.value ? 'now' : 'note'
}
const coverage = computed(() =>
  (['MUST', 'SHOULD', 'NICE'] as const).map((level) => {
    const mine = builds.view!.coverage.filter((state) => state.requirement.priority === level)
    const count = (outcome: string) => mine.filter((state) => state.outcome === outcome).length
    return { level, answered: count('ANSWERED'), failed: count('FAILED'), open: count('OPEN') }
  }),
)
function resume() {
  const line = document.querySelector(`[data-question="${next.value}"]`)
  line?.querySelector<HTMLElement>('input, textarea, [role=combobox]')?.focus()
}
const list = useTemplateRef<InstanceType<typeof RequirementList>>('list')
</script>

<template>
  <StageFrame
    title="Brief"
    :note="`${answered} of ${interview.length} answers; leave and come back as you like`"
    :capabilities="['brief']"
    :on-new="() => list?.focusNew()"
  >
    <template #actions>
      <Button v-if="next" class="quiet" label="Go on with the talk" @click="resume" />
    </template>
    <div class="sides">
      <section aria-label="Interview">
        <div class="name">
          <ThingFields
            kind="briefs"
            :thing="brief"
            :fields="[{ field: 'name', label: 'Working title' }]"
          />
        </div>
        <section v-for="group in groups" :key="group.name" class="group">
          <h3>{{ group.name }}</h3>
          <ol class="talk">
            <li
              v-for="question in group.questions"
              :key="question.key"
              :class="{ skipped: question.skipped }"
              :data-question="question.key"
            >
              <div class="ask">
                <SignMark :kind="sign(question)" />
                <span class="question">{{ question.ask }}</span>
                <Button
                  v-if="!question.answered"
                  class="bare"
                  size="small"
                  :label="question.skipped ? 'Ask it after all' : 'Skip for now'"
                  :aria-label="
                    (question.skipped ? 'Ask after all: ' : 'Skip for now: ') + question.ask
                  "
                  @click="skip(question)"
                />
              </div>
              <div v-if="!question.skipped" class="answer">
                <ThingFields
                  v-if="WORDS[question.key]"
                  kind="briefs"
                  :thing="brief"
                  :fields="[{ ...WORDS[question.key], hideLabel: true }]"
                />
                <template v-else-if="question.key === 'standsWhere'">
                  <ThingFields kind="briefs" :thing="brief" :fields="[STANDS]" />
                  <fieldset>
                    <legend>Not seen there</legend>
                    <span v-for="face in FACES" :key="face" class="check">
                      <Checkbox
                        binary
                        :input-id="'face' + face"
                        :model-value="brief.hiddenFaces.includes(face)"
                        @update:model-value="
                          (on: boolean) =>
                            edit({ hiddenFaces: toggle(brief.hiddenFaces, face, on) })
                        "
                      /><label :for="'face' + face">{{ plain(face) }}</label>
                    </span>
                  </fieldset>
                </template>
                <span v-else-if="question.key === 'requirements'" class="soft"
                  >The list is beside this; <span class="mono">n</span> writes the next one.</span
                >
                <BroughtList v-else-if="question.key === 'brought'" />
                <template v-else-if="question.key === 'budgetCapMinor'">
                  <ThingFields kind="briefs" :thing="brief" :fields="[CAP]" />
                  <fieldset>
                    <legend>Counts towards it</legend>
                    <span v-for="cost in COSTS" :key="cost" class="check">
                      <Checkbox
                        binary
                        :input-id="'cost' + cost"
                        :model-value="brief.capCounts.includes(cost)"
                        @update:model-value="
                          (on: boolean) => edit({ capCounts: toggle(brief.capCounts, cost, on) })
                        "
                      /><label :for="'cost' + cost">{{ plain(cost) }}</label>
                    </span>
                  </fieldset>
                </template>
                <template v-else-if="question.key === 'revealOn'">
                  <ThingFields kind="briefs" :thing="brief" :fields="REVEAL" />
                </template>
                <template v-else>
                  <ThingFields kind="briefs" :thing="brief" :fields="[KNOWN]" />
                  <ClientSight v-if="session.owner" />
                </template>
              </div>
              <p v-if="question.ledTo" class="led soft">→ {{ said(question.ledTo) }}</p>
            </li>
          </ol>
        </section>
      </section>
      <section aria-label="Asked for">
        <h3>Asked for</h3>
        <RequirementList ref="list" />
        <RemarkList />
      </section>
    </div>
    <template #watch-first>
      <section class="coverage">
        <h3>Asked for</h3>
        <table class="ledger">
          <thead>
            <tr>
              <th><span class="visually-hidden">Priority</span></th>
              <th class="right">answered</th>
              <th class="right">open</th>
              <th class="right">failed</th>
            </tr>
          </thead>
          <tbody class="mono">
            <tr v-for="line in coverage" :key="line.level">
              <td>{{ sentence(line.level) }}</td>
              <td class="right">{{ line.answered }}</td>
              <td class="right">{{ line.open }}</td>
              <td class="right">{{ line.failed }}</td>
            </tr>
          </tbody>
        </table>
      </section>
    </template>
  </StageFrame>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 34px;
}
.name {
  max-width: 380px;
}
.group {
  margin-top: 12px;
}
.group h3 {
  border-bottom: 1.5px solid var(--ink);
  padding-bottom: 2px;
}
.talk {
  list-style: none;
  padding: 0;
  margin: 0;
}
.talk > li {
  border-bottom: 1px solid var(--line);
  padding: 5px 0 6px;
}
.ask {
  display: flex;
  gap: 9px;
  align-items: center;
  min-height: 24px;
}
.question {
  font-weight: 600;
}
.ask :deep(.p-button) {
  min-height: 22px;
  font-size: 12.5px;
  font-weight: 400;
  color: var(--smoke);
}
.answer {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  padding: 2px 0 0 23px;
  align-items: flex-end;
}
.answer > :deep(.field) {
  flex: 1 1 320px;
  max-width: 440px;
}
.led {
  margin: 2px 0 0 23px;
  font-size: 12.5px;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
}
legend {
  font-size: 12.5px;
  font-weight: 600;
  color: var(--smoke);
}
.check {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
.coverage {
  margin-bottom: 6px;
}
</style>
