import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { get, send } from '../api/client'
import type { Session } from '../api/types'
import { useSaver } from './saver'

/** Who is here. */
export const useSession = defineStore('session', () => {
  const session = ref<Session | null>(null)
  const account = computed(() => session.value?.account ?? null)
  const owner = computed(() => account.value?.role === 'OWNER')

  let last: string | null = null

  /** Whoever is in gets what they left unsent here; after somebody else the page starts anew. */
  function take(answer: Session) {
    const id = answer.account?.id ?? null
    if (id && last && last !== id) {
      location.assign('/yard')
      return
    }
    session.value = answer
    if (id) {
      last = id
      useSaver().begin(id)
    }
  }
  async function load() {
    take(await get<Session>('/api/session'))
  }
  async function signIn(name: string, password: string) {
    await load()
    take(await send<Session>('POST', '/api/session', { name, password }))
  }
  async function setUp(answers: unknown) {
    await load()
    take(await send<Session>('POST', '/api/setup', answers))
  }
  async function signOut(everywhere = false) {
    await send('DELETE', everywhere ? '/api/session/all' : '/api/session')
    await load()
  }
  /** The server forgot us: ask to sign in again, keeping what was typed. */
  function expired() {
    if (session.value) session.value = { ...session.value, account: null }
  }
  return { session, account, owner, load, signIn, setUp, signOut, expired }
})
