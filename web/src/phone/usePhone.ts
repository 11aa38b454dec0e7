import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import { api, ask, NoConnection, RequestRefused, serverNow } from '@/api/client'
import type { GuestAnswer, Mine, PartyEvent, Said } from '@/api/types'
import { newId } from '@/ui/newId'
import { DIP_KEY } from './dip'
import { outbox } from './outbox'

/** Asked for anew at least so often: no stream is trusted for ever [ms]. */
const EVERY_MS = 30_000
const AGAIN_MS = 2000
const UNAUTHORIZED = 401

/** One phone at the table: its own view, fresh after every sleep, and what it says, sent as soon as it can be. */
export function usePhone() {
  const mine = shallowRef<Mine>()
  const problem = ref('')
  const isAway = ref(false)
  const box = outbox(localStorage)
  const unsent = shallowRef(box.all())
  let source: EventSource | undefined
  let retry: ReturnType<typeof setTimeout> | undefined
  let isClosed = false

  async function pair(secret: string): Promise<void> {
    try {
      await ask(api.POST('/api/pair', { body: { secret } }))
      // the secret is used: it stays in no history
      history.replaceState(null, '', '/mine')
      box.clear()
      unsent.value = []
      await refresh()
      follow()
    } catch (e) {
      fail(e)
    }
  }

  async function refresh(): Promise<void> {
    if (isClosed) return
    try {
      mine.value = await ask(api.GET('/api/mine'))
      problem.value = ''
      isAway.value = false
    } catch (e) {
      fail(e)
    }
  }

  function fail(e: unknown): void {
    if (isClosed) return
    if (e instanceof NoConnection) {
      isAway.value = true
      clearTimeout(retry)
      retry = setTimeout(() => void catchUp(), AGAIN_MS)
    } else if (e instanceof RequestRefused) {
      problem.value = e.message
      if (e.status === UNAUTHORIZED) {
        mine.value = undefined
        source?.close()
        // nothing of the evening stays on this phone
        localStorage.removeItem(DIP_KEY)
        box.clear()
        unsent.value = []
      }
    } else {
      throw e
    }
  }

  function follow(): void {
    if (isClosed) return
    source?.close()
    source = new EventSource('/api/mine/stream')
    source.addEventListener('changed', () => void refresh())
    source.addEventListener('open', () => (isAway.value = false))
    source.addEventListener('error', () => void refresh())
  }

  async function send(): Promise<void> {
    const going = box.all()
    if (going.length === 0 || isClosed) return
    try {
      await ask(
        api.POST('/api/mine/events', {
          params: { header: { 'Ladle-Sent': new Date(serverNow()).toISOString() } },
          body: going,
        }),
      )
      box.drop(going)
    } catch (e) {
      if (e instanceof RequestRefused && e.status < 500) {
        // it will not be let through later either; the host is at the table
        box.drop(going)
      }
      fail(e)
    }
    unsent.value = box.all()
  }

  async function catchUp(): Promise<void> {
    await send()
    await refresh()
    if (mine.value && source?.readyState !== EventSource.OPEN) follow()
  }

  function say(said: Said): string {
    const event = { ...said, id: newId(), at: new Date(serverNow()).toISOString() } as PartyEvent
    box.add(event)
    unsent.value = box.all()
    problem.value = ''
    void send().then(() => (problem.value ? undefined : refresh()))
    return event.id
  }

  async function take(guest: string): Promise<void> {
    try {
      await ask(api.POST('/api/mine/place', { body: { guest } }))
    } catch (e) {
      fail(e)
    }
    const why = problem.value
    await refresh()
    problem.value = why
  }

  async function answer(given: GuestAnswer): Promise<boolean> {
    try {
      await ask(api.PUT('/api/mine/answer', { body: given }))
      await refresh()
      return true
    } catch (e) {
      fail(e)
      return false
    }
  }

  async function leave(): Promise<void> {
    await ask(api.DELETE('/api/mine')).catch(() => undefined)
    await refresh()
  }

  async function begin(): Promise<void> {
    const secret = location.hash.slice(1)
    if (secret) await pair(secret)
    else {
      await refresh()
      if (mine.value) follow()
    }
  }

  const awake = () => document.visibilityState === 'visible' && mine.value && void catchUp()
  const timer = setInterval(() => mine.value && void catchUp(), EVERY_MS)
  document.addEventListener('visibilitychange', awake)
  window.addEventListener('online', awake)
  window.addEventListener('pageshow', awake)
  onScopeDispose(() => {
    isClosed = true
    clearInterval(timer)
    clearTimeout(retry)
    source?.close()
    document.removeEventListener('visibilitychange', awake)
    window.removeEventListener('online', awake)
    window.removeEventListener('pageshow', awake)
  })

  /** Taken by this phone, whether the server knows already or not. */
  const taken = computed(
    () => new Set(unsent.value.filter((e) => e.type === 'TAKEN_OUT').map((e) => `${e.drop} ${e.stay}`)),
  )
  return { mine, problem, isAway, taken, begin, say, take, answer, leave, refresh }
}

export type Phone = ReturnType<typeof usePhone>
