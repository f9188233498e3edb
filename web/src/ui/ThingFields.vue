<script setup lang="ts">
import schema from 'virtual:thing-schema'
import { computed } from 'vue'
import { useBuild } from '../store/build'
import { useSession } from '../store/session'
import type { Thing } from '../store/things'
import { useWorkshop } from '../store/workshop'
import ColourField from './ColourField.vue'
import CheckField from './CheckField.vue'
import ChoiceField from './ChoiceField.vue'
import DateField from './DateField.vue'
import MeasureField from './MeasureField.vue'
import MoneyField from './MoneyField.vue'
import TextField from './TextField.vue'
import {
  changeAt,
  controlOf,
  factsOf,
  labelOf,
  optionsOf,
  unitOf,
  valueAt,
  type FieldSpec,
  type Option,
} from './thingField'

/**
 * Fields of one thing. What a field is (number, choice, words), its unit and whether it may be empty
 * come from the record behind it; it saves by itself and shows its own refusal. Amounts are the
 * owner's.
 */
const props = defineProps<{
  kind: string
  thing: Thing
  fields: readonly (FieldSpec | string | null | false | undefined)[]
  /** A dotted name that all fields lie in. */
  within?: string
  /** None of the numbers may be left empty. */
  given?: boolean
  /** In place of saving the change. */
  edit?: (change: never) => void
  /** What else may be wrong with a field. */
  alsoWrong?: (field: string) => string
}>()
defineOptions({ inheritAttrs: false })
const builds = useBuild()
const workshop = useWorkshop()
const session = useSession()
const store = computed(() => (schema.kinds[props.kind].ofBuild ? builds : workshop))

interface Line {
  spec: FieldSpec
  path: string
  label: string
  control: ReturnType<typeof controlOf>
  /** Yes or no, chosen in words. */
  chosen: boolean
  optional: boolean
}
/** What a reference may point at, where every form offers the same. */
const references = computed<Record<string, Option[]>>(() => {
  const choices = (list: { id: string; name: string }[] = []) =>
    list.map(({ id, name }) => ({ value: id, label: name }))
  return {
    supplierId: [{ value: '', label: 'none' }, ...choices(workshop.book?.suppliers)],
    sheetId: choices(workshop.book?.sheets),
    panelId: choices(builds.build?.panels),
  }
})
const lines = computed(() =>
  props.fields
    .filter((each): each is FieldSpec | string => !!each)
    .map((each): FieldSpec => (typeof each === 'string' ? { field: each } : each))
    .map((spec) => ({ options: references.value[spec.field], ...spec }))
    .filter((spec) => !spec.absent && (session.owner || !spec.field.endsWith('Minor')))
    .map((spec): Line => {
      const path = props.within ? `${props.within}.${spec.field}` : spec.field
      const facts = factsOf(props.kind, path)
      return {
        spec,
        path,
        label: spec.label ?? labelOf(path),
        control: controlOf(spec, facts),
        chosen: facts.type === 'boolean' && !!spec.options,
        optional: spec.optional ?? (facts.nullable && !props.given),
      }
    }),
)
const stored = (line: Line) => (line.spec.get ? line.spec.get() : valueAt(props.thing, line.path))
function value(line: Line): unknown {
  const held = stored(line)
  if (held === null || held === undefined) return line.spec.instead ?? null
  if (line.chosen) return String(held)
  return line.spec.times ? (held as number) * line.spec.times : held
}
function put(line: Line, typed: unknown) {
  const empty = typed === null || typed === '' || typed === undefined
  if (empty && line.control === 'number' && !line.optional) return
  const nothing = line.control === 'money' && !line.optional ? 0 : null
  if (line.chosen) typed = typed === 'true'
  const scaled = line.spec.times && !empty ? (typed as number) / line.spec.times : typed
  const text = line.control === 'text' || (line.control === 'choice' && !line.optional)
  const next = empty && !text ? nothing : scaled
  const change = line.spec.set
    ? line.spec.set(next as never)
    : changeAt(props.thing, line.path, next)
  if (props.edit) props.edit(change as never)
  else store.value.edit(props.kind, props.thing, change)
}
function problem(line: Line): string {
  return (
    store.value.problem(props.kind, props.thing.id, line.path) || props.alsoWrong?.(line.path) || ''
  )
}
/** Its place in the thing, so that it stays under the hand; two sides of one value are told apart. */
function keyOf(line: Line, index: number): string {
  const first = lines.value.findIndex((each) => each.path === line.path)
  return first === index ? line.path : `${line.path} ${index - first}`
}
const numberOf = (line: Line) => value(line) as number | null
const wordsOf = (line: Line) => value(line) as string | null
const choiceOf = (line: Line) => wordsOf(line) ?? (line.spec.none === undefined ? null : '')
const coloured = (line: Line) => ({
  instead: line.spec.instead as string | undefined,
  modelValue: stored(line) as string | null,
})
/** What every kind of field takes. */
const common = (line: Line) => ({
  label: line.label,
  hint: line.spec.hint,
  hideLabel: line.spec.hideLabel,
  class: line.spec.class,
  problem: problem(line),
})
</script>

<template>
  <template v-for="(line, index) in lines" :key="keyOf(line, index)">
    <MeasureField
      v-if="line.control === 'number'"
      v-bind="{ ...$attrs, ...common(line) }"
      :unit="line.spec.unit ?? unitOf(line.path)"
      :duration="line.spec.duration"
      :optional="line.optional"
      :disabled="line.spec.disabled"
      :model-value="numberOf(line)"
      @update:model-value="(typed) => put(line, typed)"
    />
    <MoneyField
      v-else-if="line.control === 'money'"
      v-bind="{ ...$attrs, ...common(line) }"
      :optional="line.optional"
      :model-value="numberOf(line)"
      @update:model-value="(typed) => put(line, typed)"
    />
    <ChoiceField
      v-else-if="line.control === 'choice'"
      v-bind="common(line)"
      :data-chosen="$attrs['data-tag']"
      :disabled="line.spec.disabled"
      :filter="line.spec.filter"
      :model-value="choiceOf(line)"
      :options="
        optionsOf(line.spec, factsOf(kind, line.path)) as { value: string; label: string }[]
      "
      @update:model-value="(chosen) => put(line, chosen)"
    />
    <CheckField
      v-else-if="line.control === 'check'"
      :data-chosen="$attrs['data-tag']"
      :class="line.spec.class"
      :label="line.label"
      :model-value="!!value(line)"
      @update:model-value="(on) => put(line, on)"
    />
    <ColourField
      v-else-if="line.control === 'colour'"
      v-bind="{ ...$attrs, ...common(line), ...coloured(line) }"
      :disabled="line.spec.disabled"
      @update:model-value="(hex) => put(line, hex)"
    />
    <DateField
      v-else-if="line.control === 'date'"
      v-bind="{ ...$attrs, ...common(line) }"
      :optional="line.optional"
      :model-value="wordsOf(line)"
      @update:model-value="(day) => put(line, day)"
    />
    <TextField
      v-else
      v-bind="{ ...$attrs, ...common(line) }"
      :lines="line.spec.lines"
      :required="line.spec.required ?? line.path === 'name'"
      :model-value="wordsOf(line) ?? ''"
      @update:model-value="(words) => put(line, words)"
    />
  </template>
</template>
