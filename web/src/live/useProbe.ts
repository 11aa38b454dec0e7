import { onScopeDispose, ref } from 'vue'
import { api, ask, NoConnection, RequestRefused } from '@/api/client'

/** Each side is asked for its temperature so often [ms]. */
const EVERY = 30_000

/** Thermometers in the sides, asked once or again and again; what they show is recorded by the server. */
export function useProbe(party: string, sides: () => string[]) {
  const follows = ref(false)
  const said = ref('')
  let timer: ReturnType<typeof setInterval> | undefined

  async function read(side: string): Promise<number | undefined> {
    try {
      const shown = await ask(
        api.POST('/api/parties/{id}/probe', { params: { path: { id: party }, query: { side } } }),
      )
      said.value = shown.message ?? ''
      return shown.celsius ?? undefined
    } catch (e) {
      if (!(e instanceof NoConnection) && !(e instanceof RequestRefused)) throw e
      said.value = 'The thermometer cannot be asked now.'
      return undefined
    }
  }

  async function readAll(): Promise<void> {
    for (const side of sides()) await read(side)
  }

  function toggle(): void {
    follows.value = !follows.value
    clearInterval(timer)
    if (!follows.value) return
    void readAll()
    timer = setInterval(() => void readAll(), EVERY)
  }

  onScopeDispose(() => clearInterval(timer))
  return { follows, said, read, toggle }
}

export type Probe = ReturnType<typeof useProbe>
