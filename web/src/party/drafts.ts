import { createStore, del, get, set } from 'idb-keyval'
import type { Brief, Catalogue, PartyEvent, PartyView, Plan } from '@/api/types'

/** An edit the server does not have yet, with the revision it was made on. */
export interface Draft {
  revision: number
  base: Brief
  brief: Brief
}

/** A party as it was last seen here, for opening it without a connection. */
export interface Seen {
  view: PartyView
  plan: Plan
  catalogue: Catalogue
}

const drafts = () => createStore('lively-ladle-drafts', 'drafts')
const seen = () => createStore('lively-ladle-seen', 'parties')
const outbox = () => createStore('lively-ladle-outbox', 'events')

/** Keeps what is typed on this device until the server has it. Vue's proxies cannot be stored, hence the copy. */
export const keepDraft = (party: string, draft: Draft) =>
  set(party, JSON.parse(JSON.stringify(draft)) as Draft, drafts())
export const findDraft = (party: string) => get<Draft>(party, drafts())
export const dropDraft = (party: string) => del(party, drafts())

export const keepEvents = (party: string, events: PartyEvent[]) =>
  set(party, JSON.parse(JSON.stringify(events)) as PartyEvent[], outbox())
export const findEvents = async (party: string) => (await get<PartyEvent[]>(party, outbox())) ?? []

export const keepSeen = (party: string, last: Seen) =>
  set(party, JSON.parse(JSON.stringify(last)) as Seen, seen())
export const findSeen = (party: string) => get<Seen>(party, seen())
