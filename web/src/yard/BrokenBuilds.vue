<script setup lang="ts">
import Button from 'primevue/button'
import { send } from '../api/client'
import type { YardView } from '../api/types'
import { useShell } from '../store/shell'
import SignMark from '../ui/SignMark.vue'
import { said } from '../units/writing'

/**
 * Builds that can't be worked out: why, and the way back. They hold their people as before. And
 * things of the workshop that can't be read.
 */
defineProps<{ broken: YardView['broken']; leftOut: YardView['leftOut'] }>()
const emit = defineEmits<{ mended: [] }>()
const shell = useShell()
async function mend(build: YardView['broken'][number]) {
  try {
    await send('POST', `/api/builds/${encodeURIComponent(build.id)}/mend`)
    shell.say(`${build.name} is as it was before. Ctrl+Z takes that back.`)
    emit('mended')
  } catch (refusal) {
    shell.say((refusal as Error).message)
  }
}
</script>

<template>
  <section v-if="broken.length || leftOut.length" aria-label="Builds that can’t be worked out">
    <article v-for="build in broken" :key="build.id" class="row">
      <SignMark kind="stop" />
      <p>
        {{ said(build.sentence) }}
        <span class="soft"
          >Its people and stations stay taken as they were; the other builds are not touched.</span
        >
      </p>
      <Button
        v-if="build.mendable"
        class="quiet"
        size="small"
        label="Put back what broke it"
        :aria-label="`Put back what broke ${build.name}`"
        @click="mend(build)"
      />
      <span v-else class="soft">Undo what was done last, or ask who did it.</span>
    </article>
    <article v-for="sentence in leftOut" :key="sentence" class="row">
      <SignMark kind="stop" />
      <p>
        {{ said(sentence) }}
        <span class="soft">Nothing of it is lost; the program that wrote it can read it.</span>
      </p>
    </article>
  </section>
</template>

<style scoped>
article {
  gap: 10px;
  border-top: 1.5px solid var(--madder);
  padding: 8px 0;
}
p {
  margin: 0;
  max-width: 720px;
}
</style>
