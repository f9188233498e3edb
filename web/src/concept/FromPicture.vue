<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { onBeforeUnmount, ref } from 'vue'
import { upload } from '../api/client'
import type { PictureColour } from '../api/types'
import { fixed, said } from '../units/writing'

/** The main colours of a picture the client brought. The picture is read and not kept. */
defineProps<{ room: number }>()
const emit = defineEmits<{ take: [colours: { name: string; hex: string }[]] }>()
const input = ref<HTMLInputElement | null>(null)
const found = ref<PictureColour[]>([])
const wanted = ref<string[]>([])
const withoutWhite = ref(false)
const problem = ref('')
const busy = ref(false)
const shown = ref('')
let file: File | null = null

function choose(event: Event) {
  file = (event.target as HTMLInputElement).files?.[0] ?? null
  ;(event.target as HTMLInputElement).value = ''
  read()
}
async function read() {
  if (!file) return
  busy.value = true
  problem.value = ''
  found.value = []
  try {
    const body = new FormData()
    body.append('picture', file)
    const answer = await upload<{ colours: PictureColour[] }>(
      `/api/calc/colour/palette?k=5&withoutNearWhite=${withoutWhite.value}`,
      body,
    )
    found.value = answer.colours
    wanted.value = answer.colours.map((colour) => colour.hex)
    show(file)
  } catch (refusal) {
    problem.value = (refusal as Error).message
    show(null)
  } finally {
    busy.value = false
  }
}
function show(picture: File | null) {
  if (shown.value) URL.revokeObjectURL(shown.value)
  shown.value = picture ? URL.createObjectURL(picture) : ''
}
onBeforeUnmount(() => show(null))
function take() {
  emit(
    'take',
    found.value
      .filter((colour) => wanted.value.includes(colour.hex))
      .map((colour, index) => ({ name: `picture ${index + 1}`, hex: colour.hex })),
  )
  found.value = []
  show(null)
}
</script>

<template>
  <section>
    <h3>From a picture</h3>
    <p class="row">
      <Button class="quiet" label="Choose a picture" :disabled="busy" @click="input?.click()" />
      <span class="check">
        <Checkbox v-model="withoutWhite" binary input-id="white" @update:model-value="read" />
        <label for="white">leave near-white margins out</label>
      </span>
    </p>
    <input
      ref="input"
      type="file"
      accept="image/jpeg,image/png"
      class="visually-hidden"
      aria-label="Picture to take colours from"
      tabindex="-1"
      @change="choose"
    />
    <p v-if="busy" class="soft" role="status">Looking for its main colours…</p>
    <p v-if="problem" class="bad" role="alert">{{ said(problem) }}</p>
    <div v-if="found.length" class="found">
      <img v-if="shown" :src="shown" alt="The picture" />
      <ul>
        <li v-for="colour in found" :key="colour.hex">
          <Checkbox v-model="wanted" :value="colour.hex" :input-id="'take' + colour.hex" />
          <i :style="{ background: colour.hex }" />
          <label :for="'take' + colour.hex" class="mono"
            >{{ colour.hex }} · {{ fixed(colour.share * 100, 0) }} %</label
          >
        </li>
      </ul>
    </div>
    <p v-if="found.length" class="row">
      <Button
        class="quiet"
        :label="`Put ${Math.min(room, wanted.length)} of them into the palette`"
        :disabled="!wanted.length || room === 0"
        @click="take"
      />
      <span v-if="wanted.length > room" class="soft">there is room for {{ room }}</span>
    </p>
    <p v-else-if="!busy && !problem" class="soft">
      JPEG or PNG, up to 12 MB. Only its colours are read; the picture is not kept.
    </p>
  </section>
</template>

<style scoped>
.check {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
.row {
  align-items: center;
  margin: 8px 0;
}
.found {
  display: flex;
  gap: 14px;
}
.found img {
  max-width: 120px;
  max-height: 120px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  gap: 7px;
  align-items: center;
  padding: 2px 0;
}
li i {
  width: 26px;
  height: 18px;
  border: 1px solid var(--line);
}
</style>
