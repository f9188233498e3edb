<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import AskDialogs from './access/AskDialogs.vue'
import SaveState from './access/SaveState.vue'
import SignInScreen from './access/SignInScreen.vue'
import { useLive } from './store/live'
import { useSession } from './store/session'
import { useShell } from './store/shell'
import { useWorkshop } from './store/workshop'
import SideRail from './ui/SideRail.vue'
import { useFocusKept } from './useFocusKept'
import { useKeys } from './useKeys'
import { said } from './units/writing'

const session = useSession()
const shell = useShell()
const workshop = useWorkshop()
const live = useLive()
const route = useRoute()
const unreachable = ref(false)
let retry: ReturnType<typeof setTimeout> | undefined

async function begin() {
  try {
    await session.load()
    unreachable.value = false
  } catch {
    unreachable.value = true
    retry = setTimeout(begin, 2000)
  }
}
watch(
  () => session.account,
  (account) => {
    if (!account) return live.end()
    live.begin()
    workshop.load().catch(() => undefined)
  },
)
live.keepFresh(() => workshop.load(true))
onMounted(begin)
onBeforeUnmount(() => clearTimeout(retry))
useKeys()
useFocusKept()
</script>

<template>
  <p v-if="unreachable" class="away" role="alert">
    The workshop’s computer does not answer. Trying again…
  </p>
  <template v-else-if="session.session">
    <SignInScreen v-if="!session.account" />
    <div
      v-if="session.account || route.path.startsWith('/builds')"
      v-show="session.account"
      class="frame"
    >
      <SideRail />
      <div class="page">
        <div class="place"><RouterView v-if="workshop.view" /></div>
        <SaveState />
      </div>
      <AskDialogs />
    </div>
  </template>
  <p v-if="shell.message" class="message" role="status">{{ said(shell.message) }}</p>
</template>

<style scoped>
.frame {
  display: flex;
  height: 100%;
}
.page {
  flex: 1;
  min-width: 0;
  min-height: 0;
  display: flex;
  flex-direction: column;
}
.place {
  flex: 1;
  min-height: 0;
  overflow: auto;
}
.away {
  padding: 40px;
}
.message {
  position: fixed;
  left: 50%;
  bottom: 18px;
  transform: translateX(-50%);
  background: var(--soot);
  color: var(--on-soot);
  padding: 9px 16px;
  margin: 0;
  z-index: 2000;
}
@media (max-width: 640px) {
  .frame {
    flex-direction: column;
  }
}
@media print {
  .frame,
  .page,
  .place {
    display: block;
    height: auto;
    overflow: visible;
  }
}
</style>
