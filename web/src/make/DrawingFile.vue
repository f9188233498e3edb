<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { upload } from '../api/client'
import type { ReadDrawing } from '../api/types'
import MeasureField from '../ui/MeasureField.vue'
import { fixed, said } from '../units/writing'

/** A drawing from another program: read, shown with its faults, and only then used. */
const emit = defineEmits<{ part: [drawing: ReadDrawing, name: string]; motif: [path: string] }>()
defineProps<{ canMark: boolean }>()
const input = ref<HTMLInputElement | null>(null)
const joinMm = ref(0.1)
const read = ref<ReadDrawing | null>(null)
const problem = ref('')
const busy = ref(false)
let file: File | null = null
function choose(event: Event) {
  file = (event.target as HTMLInputElement).files?.[0] ?? null
  ;(event.target as HTMLInputElement).value = ''
  take()
}
async function take() {
  if (!file) return
  busy.value = true
  problem.value = ''
  read.value = null
  try {
    const body = new FormData()
    body.append('file', file)
    read.value = await upload<ReadDrawing>(`/api/drawings?joinMm=${joinMm.value}`, body)
  } catch (refusal) {
    problem.value = (refusal as Error).message
  } finally {
    busy.value = false
  }
}
function tolerance(value: number | null) {
  if (value === null) return
  joinMm.value = value
  take()
}
const name = computed(() => (file?.name ?? 'Drawing').replace(/\.[a-z]+$/i, ''))
const pad = computed(() =>
  read.value ? Math.max(read.value.widthMm, read.value.heightMm) / 30 : 0,
)
function use() {
  if (read.value) emit('part', read.value, name.value)
  read.value = null
}
function mark() {
  if (read.value) emit('motif', read.value.cut)
  read.value = null
}
</script>

<template>
  <section class="file">
    <p class="row">
      <Button
        class="quiet"
        size="small"
        label="Read an SVG or DXF"
        :disabled="busy"
        @click="input?.click()"
      />
      <span class="soft">up to 12 MB; nothing is kept until you use it</span>
    </p>
    <input
      ref="input"
      type="file"
      accept=".svg,.dxf,image/svg+xml"
      class="visually-hidden"
      aria-label="Drawing to read"
      tabindex="-1"
      @change="choose"
    />
    <p v-if="problem" class="bad" role="alert">{{ said(problem) }}</p>
    <div v-if="read" class="read">
      <svg
        :viewBox="`${-pad} ${-pad} ${read.widthMm + 2 * pad} ${read.heightMm + 2 * pad}`"
        role="img"
        :aria-label="`${name}: ${fixed(read.widthMm, 1)} by ${fixed(read.heightMm, 1)} mm`"
      >
        <g :transform="`translate(0 ${read.heightMm}) scale(1 -1)`">
          <path :d="read.cut" class="cut" fill-rule="evenodd" />
          <path :d="read.engraved" class="engraved" fill-rule="evenodd" />
          <path :d="read.lines" class="burnt" />
          <circle
            v-for="(fault, index) in read.faults"
            :key="index"
            :cx="fault.xMm"
            :cy="fault.yMm"
            :r="pad"
            :class="['fault', { repaired: fault.repaired }]"
          >
            <title>{{ said(fault.what) }}</title>
          </circle>
        </g>
      </svg>
      <div>
        <p class="mono">
          {{ fixed(read.widthMm, 1) }} × {{ fixed(read.heightMm, 1) }} mm,
          {{ fixed(read.areaMm2 / 100, 1) }} cm², contour {{ fixed(read.contourMm, 0) }} mm,
          {{ read.openings }} openings
        </p>
        <p v-if="read.joinedEnds" class="soft">
          {{ read.joinedEnds }} open ends joined, widest gap
          <span class="mono">{{ fixed(read.widestGapMm, 3) }} mm</span>
        </p>
        <MeasureField
          label="Join ends nearer than"
          own
          unit="mm"
          :model-value="joinMm"
          @update:model-value="tolerance"
        />
        <ul v-if="read.faults.length">
          <li v-for="(fault, index) in read.faults" :key="index">
            {{ said(fault.what) }} {{ fault.repaired ? '' : '(look at it)' }}
          </li>
        </ul>
        <p v-for="each in read.notes" :key="each" class="soft">{{ said(each) }}</p>
        <p class="row">
          <Button size="small" label="Make it a part" @click="use" />
          <Button
            v-if="canMark"
            class="quiet"
            size="small"
            label="Engrave it on this part"
            @click="mark"
          />
        </p>
      </div>
    </div>
  </section>
</template>

<style scoped>
.row {
  align-items: center;
  margin: 6px 0;
}
.read {
  display: grid;
  grid-template-columns: 200px 1fr;
  gap: 14px;
}
svg {
  width: 200px;
  max-height: 200px;
  overflow: visible;
}
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.2px;
  vector-effect: non-scaling-stroke;
}
.cut {
  fill: var(--paper);
}
.engraved {
  fill: color-mix(in srgb, var(--ink) 45%, transparent);
}
.fault {
  fill: none;
  stroke: var(--madder);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}
.repaired {
  stroke: var(--verdigris);
}
ul {
  margin: 4px 0;
  padding-left: 18px;
}
p {
  margin: 3px 0;
}
</style>
