import { onScopeDispose } from 'vue'
import { useParty } from '@/party/store'

/** Follows what other screens mark; after a lost connection it goes on where it was. */
export function useStream(id: string): void {
  if (typeof EventSource === 'undefined') return
  const party = useParty()
  const source = new EventSource(`/api/parties/${id}/stream`)
  source.addEventListener('fact', () => void party.replan())
  source.addEventListener('brief', () => void party.refresh())
  source.addEventListener('open', () => void party.sendEvents())
  onScopeDispose(() => source.close())
}
