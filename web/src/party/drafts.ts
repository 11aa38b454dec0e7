import { createStore, del, delMany, entries, get, set, update } from 'idb-keyval'
import type { Brief, Catalogue, PartyEvent, PartyView, Plan } from '@/api/types'
import { newId } from '@/ui/newId'

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

/** Each page keeps its own draft, or of two windows on one party the second would write over the first. */
const PAGE = newId()
const own = (party: string) => `${party} ${PAGE}`

/** Drafts of pages that were left in the middle of an edit; the database is too slow for a page that goes. */
const LEFT = 'ladle-left '

/** Vue's proxies cannot be stored. */
const plain = <T>(value: T) => JSON.parse(JSON.stringify(value)) as T

/** Keeps what is typed on this device until the server has it. */
export const keepDraft = (party: string, draft: Draft) => set(own(party), plain(draft), drafts())
/** A page that was left may be shown again and save after all. */
export async function dropDraft(party: string): Promise<void> {
  localStorage.removeItem(LEFT + own(party))
  await del(own(party), drafts())
}

/** Keeps it at once, for a page that is being left. */
export const keepDraftAtOnce = (party: string, draft: Draft) =>
  localStorage.setItem(LEFT + own(party), JSON.stringify(draft))

const leftDrafts = (party: string): [string, Draft][] =>
  Object.keys(localStorage)
    .filter((key) => key.startsWith(LEFT + party))
    .map((key) => [key, JSON.parse(localStorage.getItem(key) ?? '') as Draft])

/** What this page and others, closed or open, could not save of a party, by key. */
export const findDrafts = async (party: string): Promise<[string, Draft][]> => [
  ...(await entries<string, Draft>(drafts())).filter(([key]) => key.startsWith(party)),
  ...leftDrafts(party),
]
/** Drafts that were taken up into this page's own. */
export async function dropDrafts(party: string, keys: string[]): Promise<void> {
  keys.filter((key) => key.startsWith(LEFT)).forEach((key) => localStorage.removeItem(key))
  await delMany(
    keys.filter((key) => key !== own(party)),
    drafts(),
  )
}

/** Adds to what is still to be sent; other windows may do the same at the same time. */
export const addEvent = (party: string, event: PartyEvent) =>
  update<PartyEvent[]>(party, (kept = []) => [...kept, plain(event)], outbox())
export const dropEvents = (party: string, ids: Set<string>) =>
  update<PartyEvent[]>(party, (kept = []) => kept.filter((event) => !ids.has(event.id)), outbox())
export const findEvents = async (party: string) => (await get<PartyEvent[]>(party, outbox())) ?? []

export const keepSeen = (party: string, last: Seen) => set(party, plain(last), seen())
export const findSeen = (party: string) => get<Seen>(party, seen())
