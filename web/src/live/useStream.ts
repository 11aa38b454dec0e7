import { onScopeDispose, watch } from 'vue'
import { useParty } from '@/party/store'

/**
 * Follows what other screens mark; after a lost connection it goes on where it was.
 *
 * @param id which party, none while nothing is to be followed
 */
export function useStream(id: () => string | undefined): void {
  if (typeof EventSource === 'undefined') return
  const party = useParty()
  let source: EventSource | undefined
  watch(
    id,
    (own) => {
      source?.close()
      source = own ? new EventSource(`/api/parties/${own}/stream`) : undefined
      source?.addEventListener('fact', () => void party.replan())
      source?.addEventListener('brief', () => void party.refresh())
      source?.addEventListener('open', () => void party.sendEvents())
    },
    { immediate: true },
  )
  onScopeDispose(() => source?.close())
}
