import { computed, onScopeDispose, shallowRef, type ComputedRef } from 'vue'
import { api, ask, NoConnection, RequestRefused } from '@/api/client'
import { usual } from '@/api/parts'
import type { Moment, RehearsalView } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { useKept } from '@/ui/useKept'

export type Attention = 'ATTENTIVE' | 'USUAL' | 'DISTRACTED'

/** Which rehearsal this device began for this party, and of what. */
interface Begun {
  id: string
  attention: Attention
  brief: string
}

export interface OfRehearsal {
  view: ComputedRef<RehearsalView | undefined>
  /** The plan has changed since. */
  isOld: ComputedRef<boolean>
  isUnderWay: ComputedRef<boolean>
  /** Marked on the table, as long as they are of its plan. */
  moments: ComputedRef<Moment[]>
  trouble: ComputedRef<string>
  begin: (attention: Attention) => Promise<void>
  stop: () => Promise<void>
}

/** The rehearsal of the party on screen: begun, watched and stopped here; a reload finds it again. */
export function useRehearsal(): OfRehearsal {
  const { party, brief } = useOpenParty()
  const begun = useKept<Begun | undefined>(`rehearsal ${party.id}`, undefined, true)
  const view = shallowRef<RehearsalView>()
  const trouble = shallowRef('')
  let source: EventSource | undefined

  const isOld = computed(() => begun.value !== undefined && begun.value.brief !== JSON.stringify(brief.value))
  const isUnderWay = computed(() => ['WAITING', 'RUNNING'].includes(view.value?.state ?? ''))
  const moments = computed(() => (isOld.value ? [] : (view.value?.result?.moments ?? [])))

  const path = (id: string) => ({ params: { path: { id } } })

  async function find(): Promise<void> {
    if (!begun.value) return
    try {
      view.value = await ask(api.GET('/api/rehearsals/{id}', path(begun.value.id)))
      follow(view.value)
    } catch (e) {
      // a restart of the server forgets it
      if (e instanceof RequestRefused && e.status === 404) begun.value = undefined
      else tell(e)
    }
  }

  function follow(from: RehearsalView): void {
    source?.close()
    if (!isUnderWay.value || typeof EventSource === 'undefined') return
    source = new EventSource(`/api/rehearsals/${from.id}/progress`)
    source.addEventListener('progress', (event) => {
      view.value = JSON.parse((event as MessageEvent<string>).data) as RehearsalView
      if (!isUnderWay.value) source?.close()
    })
  }

  async function begin(attention: Attention): Promise<void> {
    trouble.value = ''
    try {
      if (isUnderWay.value) await stop()
      view.value = await ask(
        api.POST('/api/rehearsals', {
          body: {
            ...usual('RehearsalControllerWanted'),
            brief: brief.value,
            rates: { ...usual('MistakeRates'), attention },
          },
        }),
      )
      begun.value = { id: view.value.id, attention, brief: JSON.stringify(brief.value) }
      follow(view.value)
      if (typeof EventSource === 'undefined') await find()
    } catch (e) {
      tell(e)
    }
  }

  async function stop(): Promise<void> {
    if (!view.value) return
    try {
      await ask(api.DELETE('/api/rehearsals/{id}', path(view.value.id)))
      await find()
    } catch (e) {
      tell(e)
    }
  }

  function tell(e: unknown): void {
    if (!(e instanceof NoConnection || e instanceof RequestRefused)) throw e
    trouble.value =
      e instanceof NoConnection ? 'Without a connection there is nothing to rehearse with.' : e.message
  }

  void find()
  onScopeDispose(() => source?.close())
  return {
    view: computed(() => view.value),
    isOld,
    isUnderWay,
    moments,
    trouble: computed(() => trouble.value),
    begin,
    stop,
  }
}
