<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, ref } from 'vue'
import type { Brief, Question, Requirement } from '../api/types'
import StageFrame from '../build/StageFrame.vue'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import ChoiceField from '../ui/ChoiceField.vue'
import MoneyField from '../ui/MoneyField.vue'
import SignMark from '../ui/SignMark.vue'
import TextField from '../ui/TextField.vue'
import { plain, sentence } from '../ui/words'

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
const PRIORITIES = [
  { value: 'MUST', label: 'must' },
  { value: 'SHOULD', label: 'should' },
  { value: 'NICE', label: 'nice' },
] as const
const OUTCOMES = [
  { value: 'OPEN', label: 'open' },
  { value: 'ANSWERED', label: 'answered' },
  { value: 'FAILED', label: 'failed' },
] as const
const SECRECY = [
  { value: 'OPEN', label: 'All of it' },
  { value: 'NO_SPECIFICATION', label: 'No prices, no specification' },
  { value: 'SURPRISE', label: 'Nothing but whether it is on time' },
] as const

const edit = (change: Partial<Brief>) => builds.edit('briefs', brief.value, change)
const problem = (field: string) => builds.problem('briefs', brief.value.id, field)
function toggle<T>(list: T[], item: T, on: boolean): T[] {
  return on ? [...list, item] : list.filter((each) => each !== item)
}
function skip(question: Question) {
  edit({ skipped: toggle(brief.value.skipped, question.key, !question.skipped) })
}
const wish = ref('')
const priority = ref<Requirement['priority']>('MUST')
function addWish() {
  if (!wish.value.trim()) return
  builds.add('requirements', {
    text: wish.value.trim(),
    priority: priority.value,
    answer: '',
    outcome: 'OPEN',
  })
  wish.value = ''
}
const change = (requirement: Requirement, to: Partial<Requirement>) =>
  builds.edit('requirements', requirement, to)
const coverage = computed(() =>
  (['MUST', 'SHOULD', 'NICE'] as const).map((level) => {
    const mine = builds.build!.requirements.filter((each) => each.priority === level)
    const count = (outcome: Requirement['outcome']) =>
      mine.filter((each) => each.outcome === outcome).length
    return { level, answered: count('ANSWERED'), failed: count('FAILED'), open: count('OPEN') }
  }),
)
function focusWish() {
  document.querySelector<HTMLInputElement>('.new-wish input')?.focus()
}
</script>

<template>
  <StageFrame
    title="Brief"
    :note="`${answered} of ${interview.length} answers; leave and come back as you like`"
    :capabilities="['brief']"
    :on-new="focusWish"
  >
    <TextField
      class="name"
      label="Working title"
      required
      :model-value="brief.name"
      :problem="problem('name')"
      @update:model-value="(name) => edit({ name })"
    />
    <ol class="talk">
      <li v-for="question in interview" :key="question.key" :class="{ skipped: question.skipped }">
        <div class="ask">
          <SignMark :kind="question.answered ? 'done' : question.skipped ? 'wait' : 'note'" />
          <h3>{{ question.ask }}</h3>
          <Button
            v-if="!question.answered"
            class="bare"
            size="small"
            :label="question.skipped ? 'Ask it after all' : 'Skip for now'"
            :aria-label="(question.skipped ? 'Ask after all: ' : 'Skip for now: ') + question.ask"
            @click="skip(question)"
          />
        </div>
        <div v-if="!question.skipped" class="answer">
          <TextField
            v-if="question.key === 'client'"
            label="Client"
            :model-value="brief.client"
            @update:model-value="(client) => edit({ client })"
          />
          <TextField
            v-else-if="question.key === 'themeLine'"
            label="Theme in one line"
            :model-value="brief.themeLine"
            @update:model-value="(themeLine) => edit({ themeLine })"
          />
          <template v-else-if="question.key === 'standsWhere'">
            <TextField
              label="Where it will stand"
              :model-value="brief.standsWhere"
              @update:model-value="(standsWhere) => edit({ standsWhere })"
            />
            <fieldset>
              <legend>Not seen there</legend>
              <span v-for="face in FACES" :key="face" class="check">
                <Checkbox
                  binary
                  :input-id="'face' + face"
                  :model-value="brief.hiddenFaces.includes(face)"
                  @update:model-value="
                    (on: boolean) => edit({ hiddenFaces: toggle(brief.hiddenFaces, face, on) })
                  "
                /><label :for="'face' + face">{{ plain(face) }}</label>
              </span>
            </fieldset>
          </template>
          <template v-else-if="question.key === 'requirements'">
            <ul class="wishes">
              <li v-for="requirement in builds.build!.requirements" :key="requirement.id">
                <ChoiceField
                  label="Priority"
                  hide-label
                  :model-value="requirement.priority"
                  :options="[...PRIORITIES]"
                  @update:model-value="(to) => change(requirement, { priority: to })"
                />
                <TextField
                  label="Requirement"
                  hide-label
                  required
                  :model-value="requirement.text"
                  @update:model-value="(text) => change(requirement, { text })"
                />
                <TextField
                  label="What answers it"
                  hide-label
                  :model-value="requirement.answer"
                  :problem="builds.problem('requirements', requirement.id, 'answer')"
                  @update:model-value="(answer) => change(requirement, { answer })"
                />
                <ChoiceField
                  label="Outcome"
                  hide-label
                  :model-value="requirement.outcome"
                  :options="[...OUTCOMES]"
                  @update:model-value="(outcome) => change(requirement, { outcome })"
                />
                <Button
                  class="bare"
                  size="small"
                  label="Remove"
                  :aria-label="'Remove requirement ' + requirement.text"
                  @click="builds.remove('requirements', requirement.id)"
                />
              </li>
            </ul>
            <form class="new-wish" @submit.prevent="addWish">
              <ChoiceField v-model="priority" label="How badly" :options="[...PRIORITIES]" />
              <TextField v-model="wish" label="A wish, as the client said it" />
              <Button type="submit" class="quiet" label="Add this requirement" />
            </form>
          </template>
          <template v-else-if="question.key === 'budgetCapMinor'">
            <MoneyField
              v-if="session.owner"
              label="At most"
              optional
              :model-value="brief.budgetCapMinor ?? null"
              :problem="problem('budgetCapMinor')"
              @update:model-value="(budgetCapMinor) => edit({ budgetCapMinor })"
            />
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
            <TextField
              label="Reveal on"
              type="date"
              :model-value="brief.revealOn ?? ''"
              :problem="problem('revealOn')"
              @update:model-value="(day) => edit({ revealOn: day || null })"
            />
            <span class="check">
              <Checkbox
                binary
                input-id="movable"
                :model-value="brief.revealMovable"
                @update:model-value="(revealMovable: boolean) => edit({ revealMovable })"
              /><label for="movable">that day can move</label>
            </span>
          </template>
          <ChoiceField
            v-else
            label="May know before the reveal"
            :model-value="brief.secrecy ?? null"
            :options="[...SECRECY]"
            @update:model-value="(secrecy) => edit({ secrecy })"
          />
        </div>
        <p v-if="question.ledTo" class="led soft">→ {{ question.ledTo }}</p>
      </li>
    </ol>
    <template #watch>
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
.name {
  max-width: 380px;
}
.talk {
  list-style: none;
  padding: 0;
  margin: 14px 0 0;
}
.talk > li {
  border-top: 1px solid var(--line);
  padding: 9px 0 10px;
}
.ask {
  display: flex;
  gap: 9px;
  align-items: center;
}
.answer {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  padding: 5px 0 0 23px;
  align-items: flex-end;
}
.answer > :deep(.field) {
  flex: 1 1 240px;
  max-width: 520px;
}
.led {
  margin: 3px 0 0 23px;
  font-size: 13px;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
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
.wishes {
  list-style: none;
  padding: 0;
  margin: 0;
  width: 100%;
  display: grid;
  gap: 5px;
}
.wishes li {
  display: grid;
  grid-template-columns: 100px 1.3fr 1fr 124px auto;
  gap: 8px;
  align-items: start;
}
.new-wish {
  display: grid;
  grid-template-columns: 100px 1fr auto;
  gap: 8px;
  align-items: end;
  width: 100%;
}
.coverage {
  margin-top: 8px;
}
</style>
