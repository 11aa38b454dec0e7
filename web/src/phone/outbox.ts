import type { PartyEvent } from '@/api/types'

/** What this phone said and the server does not have yet, kept while the page is closed. */
export function outbox(store: Pick<Storage, 'getItem' | 'setItem'>, key = 'ladle-said') {
  let events = read()

  function read(): PartyEvent[] {
    try {
      const kept: unknown = JSON.parse(store.getItem(key) ?? '[]')
      return Array.isArray(kept) ? (kept as PartyEvent[]) : []
    } catch {
      return []
    }
  }

  function keep(next: PartyEvent[]): void {
    events = next
    store.setItem(key, JSON.stringify(events))
  }

  return {
    all: () => events,
    add: (event: PartyEvent) => keep([...events, event]),
    drop: (gone: PartyEvent[]) => keep(events.filter((event) => !gone.includes(event))),
    clear: () => keep([]),
  }
}
