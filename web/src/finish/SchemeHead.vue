<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Scheme, SchemeModel } from '../api/types'
import { useBuild } from '../store/build'
import WhyButton from '../ui/WhyButton.vue'
import ThingFields from '../ui/ThingFields.vue'
import { exact, fixed } from '../units/writing'

/** What a finish is for: part, ground, viewing side and the colour it should come to. */
const props = defineProps<{ scheme: Scheme; model?: SchemeModel; offered: boolean }>()
const emit = defineEmits<{ change: [change: Partial<Scheme>]; 'update:offered': [on: boolean] }>()
const builds = useBuild()
const area = computed(() => ({
  formula: 'area of one side + rim × thickness, all pieces',
  inputs: [
    `${fixed(props.model?.areaM2 ?? 0, 4)} m² together`,
    `rims ${fixed(props.model?.rimM ?? 0, 2)} m × ${exact(props.model?.thicknessMm ?? 0)} mm`,
  ],
}))
const FACES = ['FRONT', 'BACK', 'LEFT', 'RIGHT', 'TOP', 'BOTTOM'] as const
const SURFACES = [
  { value: 'BARE', label: 'as it was made' },
  { value: 'PAINTED', label: 'sound old paint' },
  { value: 'STRIP', label: 'old finish to strip' },
] as const
const SIDES = [
  { value: 'FRONT', label: 'the front' },
  { value: 'BACK', label: 'the back' },
] as const
const places = computed(() => [
  ...builds.build!.panels.map((p) => ({ value: p.id, label: p.name })),
  ...builds.build!.prints.map((p) => ({ value: p.id, label: `${p.name} (print)` })),
  ...FACES.map((face) => ({ value: `face:${face}`, label: `the ${face.toLowerCase()} face` })),
])
const place = computed(() =>
  props.scheme.face ? `face:${props.scheme.face}` : props.scheme.panelId,
)
function lies(value: string) {
  const face = FACES.find((each) => value === `face:${each}`) ?? null
  return { face, panelId: face ? '' : value }
}
const FIELDS = computed(() => [
  'name',
  { field: 'panelId', label: 'On', options: places.value, get: () => place.value, set: lies },
  { field: 'surface', label: 'Ground', options: SURFACES },
  { field: 'seenFrom', options: SIDES },
  { field: 'targetHex', label: 'Target colour' },
])
</script>

<template>
  <section class="head">
    <ThingFields kind="schemes" :thing="scheme" :fields="FIELDS" />
    <Button
      class="quiet"
      label="Schemes from stock"
      :aria-expanded="offered"
      :disabled="!model"
      @click="emit('update:offered', !offered)"
    />
  </section>
  <p v-if="model" class="soft facts">
    {{ model.substrate }}{{ model.clear ? ', clear' : '' }},
    <span class="mono">{{ fixed(model.thicknessMm, 2) }} mm</span> ·
    <span class="mono">{{ fixed(model.areaM2, 3) }} m²</span> a side
    <WhyButton :why="area" of="Painted area" /> · rims
    <span class="mono">{{ fixed(model.rimM, 2) }} m</span
    ><template v-if="model.leader">
      · hangs with {{ builds.build!.schemes.find((s) => s.id === model!.leader)?.name }},
      <button type="button" @click="emit('change', { hangsWith: null })">hang it alone</button>
    </template>
  </p>
</template>

<style scoped>
.head {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 12px;
  align-items: end;
}
.facts {
  margin: 6px 0 0;
  font-size: 13px;
}
.facts button {
  font: inherit;
  background: none;
  border: 0;
  padding: 0;
  color: var(--ink);
  text-decoration: underline;
  cursor: pointer;
}
</style>
