/** A server of one party and a device's storage, for tests of what stands above them. */

import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, afterEach, vi } from 'vitest'
import type { Brief, GuestBook, JournalView, Lesson, LookedBack, Plan, RehearsalView } from '@/api/types'
import { useParty } from '@/party/store'
import { aBrief, aLine, aPlan } from './data'

/** What this device keeps, by store and key. */
export const stored = new Map<string, unknown>()
vi.mock('idb-keyval', () => ({
  createStore: (name: string) => name,
  get: (key: string, store: string) => Promise.resolve(stored.get(store + key)),
  set: (key: string, value: unknown, store: string) => Promise.resolve(stored.set(store + key, value)),
  del: (key: string, store: string) => Promise.resolve(stored.delete(store + key)),
  delMany: (keys: string[], store: string) =>
    Promise.resolve(keys.forEach((key) => stored.delete(store + key))),
  entries: (store: string) =>
    Promise.resolve(
      [...stored].flatMap(([key, value]) =>
        key.startsWith(store) ? [[key.slice(store.length), value]] : [],
      ),
    ),
  update: (key: string, change: (old: unknown) => unknown, store: string) =>
    Promise.resolve(stored.set(store + key, change(stored.get(store + key)))),
}))

/** Revision, brief and plan may be changed behind the page's back. */
export const server = {
  revision: 1,
  brief: aBrief(),
  plan: aPlan(),
  events: [] as Record<string, unknown>[],
  down: false,
  refusesPlans: false,
  catalogue: {
    cuts: [] as object[],
    ingredients: [] as object[],
    extras: [] as object[],
    sauceBar: [] as object[],
  },
  /** What comes of an offered edit; the brief as it was sent when left out. */
  edited: undefined as Brief | undefined,
  /** What a saved brief is tidied to; nothing hangs loose when left out. */
  tidied: undefined as Brief | undefined,
  /** What the market and a file answer. */
  news: {} as object,
  preview: {} as object,
  /** What the heat model answers, and what it was asked last. */
  bench: {} as object,
  asked: {} as object,
  boils: 100,
  /** What the household keeps, and has otherwise than the party. */
  household: {} as object,
  offers: [] as object[],
  /** The household as another editor left it, told once to whoever puts in another one. */
  stale: undefined as object | undefined,
  /** The journal as it stands, what it teaches, and whether that was taken. */
  journal: {} as JournalView,
  lesson: {} as Lesson,
  evenings: [] as LookedBack[],
  /** What evenings know of people. */
  book: [] as GuestBook['people'],
  taken: false,
  /** The rehearsal there is; none where the server has forgotten it. */
  rehearsal: undefined as RehearsalView | undefined,
  /** What is wrong with a backup that is put in; nothing where it is whole. */
  damaged: '',
  /** The calendar's address, and what a calendar file says. */
  calendar: null as string | null,
  busy: {} as object,
}

function fresh(): Partial<typeof server> {
  const plan: Plan = aPlan()
  plan.purchases.trips[0]?.lines.push(aLine('leek', 'Produce'))
  return {
    revision: 1,
    brief: aBrief(),
    plan,
    events: [],
    down: false,
    refusesPlans: false,
    edited: undefined,
    tidied: undefined,
    damaged: '',
    rehearsal: undefined,
    taken: false,
    book: [],
    calendar: null,
    catalogue: { cuts: [], ingredients: [], extras: [], sauceBar: [] },
  }
}

function answer(status: number, body: unknown, headers: Record<string, string> = {}): Response {
  return new Response(JSON.stringify(body), {
    status,
    headers: { 'Content-Type': 'application/json', ...headers },
  })
}

async function serve(input: RequestInfo | URL): Promise<Response> {
  if (server.down) throw new TypeError('Failed to fetch')
  const request = input as Request
  const id = request.url.match(/parties\/(\w+)/)?.[1] ?? 'p'
  const view = () => ({ id, revision: server.revision, brief: server.brief })
  if (request.url.endsWith('/catalogue')) return answer(200, { broths: [], sauces: [], ...server.catalogue })
  if (request.url.endsWith('/briefs/edits')) {
    const asked = (await request.json()) as { brief: Brief; edits: object[] }
    server.asked = asked.edits
    return answer(200, { brief: server.edited ?? asked.brief })
  }
  if (new URL(request.url).pathname.endsWith('/plan'))
    return server.refusesPlans ? answer(422, { detail: 'This takes too long.' }) : answer(200, server.plan)
  if (request.url.endsWith('/heat/window')) {
    server.asked = (await request.json()) as object
    return answer(200, server.bench)
  }
  if (request.url.endsWith('/household-news')) {
    if (request.method === 'DELETE') server.offers = []
    return request.method === 'DELETE' ? new Response(null, { status: 204 }) : answer(200, server.offers)
  }
  if (request.url.includes('/household/people')) {
    if (request.method === 'GET') return answer(200, { people: server.book })
    server.taken = true
    return answer(200, { household: { revision: 2, household: server.household }, parties: 2 })
  }
  if (request.url.endsWith('/household/evenings')) return answer(200, server.evenings)
  if (request.url.endsWith('/household/lesson')) {
    if (request.method === 'POST') server.taken = true
    return answer(200, request.method === 'POST' ? { revision: 1, household: {} } : server.lesson)
  }
  if (request.url.includes('/rehearsals')) {
    if (request.method === 'POST') server.asked = (await request.json()) as object
    if (request.method === 'DELETE' && server.rehearsal) server.rehearsal.state = 'STOPPED'
    if (request.method === 'DELETE') return new Response(null, { status: 204 })
    return server.rehearsal ? answer(200, server.rehearsal) : answer(404, { detail: 'There is none.' })
  }
  if (request.url.endsWith('/backup'))
    return server.damaged
      ? answer(400, { detail: server.damaged })
      : answer(200, { parties: 2, revisions: 3, events: 4 })
  if (request.url.endsWith('/journal')) {
    if (request.method === 'GET') return answer(200, server.journal)
    if (request.headers.get('If-Match') !== `"${server.journal.revision}"`)
      return answer(412, { status: 412, current: server.journal })
    const journal = (await request.json()) as JournalView['journal']
    server.journal = { ...server.journal, revision: server.journal.revision + 1, journal }
    return answer(200, server.journal)
  }
  if (request.url.includes('/household')) {
    server.asked =
      request.method === 'GET' || request.method === 'DELETE' ? {} : ((await request.json()) as object)
    if (request.method === 'PUT' && server.stale) {
      const current = server.stale
      server.stale = undefined
      return answer(412, { status: 412, current })
    }
    return answer(200, { revision: 1, household: server.household })
  }
  if (request.url.endsWith('/boiling-point')) return answer(200, { celsius: server.boils })
  if (request.url.endsWith('/market')) return answer(200, server.news)
  if (request.url.endsWith('/busy')) return answer(200, server.busy)
  if (request.url.endsWith('/calendar')) {
    if (request.method === 'DELETE') server.calendar = null
    if (request.method === 'POST') server.calendar = `${server.calendar ?? '/calendar/secret'}+`
    return request.method === 'DELETE'
      ? new Response(null, { status: 204 })
      : answer(200, { path: server.calendar })
  }
  if (request.url.includes('/import/')) return answer(200, server.preview)
  if (request.url.endsWith('/events')) {
    const batch = (await request.json()) as Record<string, unknown>[]
    if (batch.some((event) => event.subject === 'refused'))
      return answer(400, { detail: 'subject was refused' })
    server.events.push(...batch)
    return answer(200, { recorded: 1, known: 0, last: server.events.length })
  }
  if (request.method === 'PUT') {
    if (request.headers.get('If-Match') !== `"${server.revision}"`)
      return answer(412, { status: 412, current: view() })
    server.revision++
    server.brief = server.tidied ?? ((await request.json()) as Brief)
    return answer(200, view(), { 'Ladle-Tidied': String(server.tidied !== undefined) })
  }
  return answer(200, view())
}

/** Requests that are not answered yet. */
let asking = 0
async function served(input: RequestInfo | URL): Promise<Response> {
  asking++
  try {
    return await serve(input)
  } finally {
    asking--
  }
}

/** What a page still has to send, it sends to the server of its own test, however slow the machine is. */
async function isQuiet(): Promise<void> {
  const TURNS = 5
  for (let quiet = 0; quiet < TURNS; quiet++) {
    await new Promise((resolve) => setImmediate(resolve))
    if (asking > 0) quiet = -1
  }
}

/** Each test of the file begins with the same party and an empty device; nothing is tried again behind its back. */
export function useTestServer(): void {
  beforeEach(() => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
    setActivePinia(createPinia())
    stored.clear()
    localStorage.clear()
    Object.assign(server, fresh())
    vi.stubGlobal('fetch', vi.fn(served))
  })
  afterEach(async () => {
    await isQuiet()
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })
}

/** The party opened as the page does it. */
export async function opened() {
  const party = useParty()
  await party.open('p')
  return party
}
