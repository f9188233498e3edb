<script setup lang="ts">
import schema from 'virtual:thing-schema'
import { computed, type ComputedRef } from 'vue'
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
const choices = (list: { id: string; name: string }[] = []): Option[] =>
  list.map(({ id, name }) => ({ value: id, label: name }))
/** What a reference may point at, where every form offers the same. */
const chosenAt = (field: string) => valueAt(props.thing, field) as string | null | undefined
const REFERENCES: Record<string, ComputedRef<Option[]> | undefined> = {
  supplierId: computed(() => [
    { value: '', label: 'none' },
    ...choices(workshop.offered('suppliers', chosenAt('supplierId'))),
  ]),
  sheetId: computed(() => choices(workshop.offered('sheets', chosenAt('sheetId')))),
  panelId: computed(() => choices(builds.build?.panels)),
}
const lines = computed(() =>
  props.fields
    .filter((each): each is FieldSpec | string => !!each)
    .map((each): FieldSpec => (typeof each === 'string' ? { field: each } : each))
    .map((spec) => ({ options: REFERENCES[spec.field]?.value, ...spec }))
    .filter((spec) => session.owner || !spec.field.endsWith('Minor'))
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
const storedAt = (spec: FieldSpec, path: string) =>
  spec.get ? spec.get() : valueAt(props.thing, path)
function value(line: Line): unknown {
  const held = storedAt(line.spec, line.path)
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
const FIELDS = {
  number: MeasureField,
  money: MoneyField,
  choice: ChoiceField,
  check: CheckField,
  colour: ColourField,
  date: DateField,
  text: TextField,
}
/** What only this kind of field takes. */
function own(line: Line): object {
  const { spec, control, path, optional } = line
  const { disabled } = spec
  const modelValue = value(line)
  switch (control) {
    case 'number':
      return {
        modelValue,
        unit: spec.unit ?? unitOf(path),
        whole: !spec.times && !spec.number && factsOf(props.kind, path).type === 'integer',
        duration: spec.duration,
        optional,
        disabled,
      }
    case 'choice':
      return {
        modelValue: modelValue ?? (spec.none === undefined ? null : ''),
        options: optionsOf(spec, factsOf(props.kind, path)),
        disabled,
      }
    case 'check':
      return { modelValue: !!modelValue }
    case 'colour':
      return { modelValue: storedAt(spec, path), instead: spec.instead, disabled }
    case 'money':
      return { modelValue, optional, figure: spec.get ? undefined : props.thing.figureKeys?.[path] }
    case 'text':
      return {
        modelValue: modelValue ?? '',
        required: spec.required ?? path === 'name',
        lines: spec.lines,
      }
    default:
      return { modelValue, optional }
  }
}
/** What every kind of field takes; a switch says its label only. */
function common(line: Line): object {
  const { hint, hideLabel } = line.spec
  const named = { label: line.label, class: line.spec.class }
  return line.control === 'check' ? named : { ...named, hint, hideLabel, problem: problem(line) }
}
/** Marks of tests: fields that are typed into, and those that are chosen. */
const marks = (line: Line, attrs: Record<string, unknown>) =>
  line.control === 'choice' || line.control === 'check'
    ? { 'data-chosen': attrs['data-tag'] }
    : attrs
</script>

<template>
  <component
    :is="FIELDS[line.control]"
    v-for="(line, index) in lines"
    :key="keyOf(line, index)"
    v-bind="{ ...marks(line, $attrs), ...common(line), ...own(line) }"
    @update:model-value="(typed: unknown) => put(line, typed)"
  />
</template>
