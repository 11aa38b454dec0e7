import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { Brief } from '@/api/types'
import { aBrief, aLine, aPlan } from '@/testing'
import { useParty } from './store'

const drafts = new Map<string, unknown>()
vi.mock('idb-keyval', () => ({
  createStore: (name: string) => name,
  get: (key: string, store: string) => Promise.resolve(drafts.get(store + key)),
  set: (key: string, value: unknown, store: string) => Promise.resolve(drafts.set(store + key, value)),
  del: (key: string, store: string) => Promise.resolve(drafts.delete(store + key)),
}))

/** A server of one party; `revision` and `brief` may be changed behind the page's back. */
const server = { revision: 1, brief: aBrief(), events: [] as unknown[], down: false }

function answer(status: number, body: unknown): Response {
  return new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })
}

async function serve(input: RequestInfo | URL): Promise<Response> {
  if (server.down) throw new TypeError('Failed to fetch')
  const request = input as Request
  const view = () => ({ id: 'p', revision: server.revision, brief: server.brief })
  if (request.url.endsWith('/catalogue'))
    return answer(200, { cuts: [], ingredients: [], broths: [], sauces: [] })
  if (request.url.endsWith('/plan')) {
    const plan = aPlan()
    plan.purchases.trips[0]?.lines.push(aLine('leek', 'Produce'))
    return answer(200, plan)
  }
  if (request.url.endsWith('/events')) {
    server.events.push(...((await request.json()) as unknown[]))
    return answer(200, { recorded: 1, known: 0 })
  }
  if (request.method === 'PUT') {
    if (request.headers.get('If-Match') !== `"${server.revision}"`)
      return answer(412, { status: 412, current: view() })
    server.revision++
    server.brief = (await request.json()) as Brief
  }
  return answer(200, view())
}

beforeEach(() => {
  setActivePinia(createPinia())
  drafts.clear()
  Object.assign(server, { revision: 1, brief: aBrief(), events: [], down: false })
  vi.stubGlobal('fetch', vi.fn(serve))
})

afterEach(() => {
  vi.unstubAllGlobals()
})

async function opened() {
  const party = useParty()
  await party.open('p')
  return party
}

it('saves an edit as the next revision', async () => {
  const party = await opened()
  party.edit('rename', (draft) => (draft.title = 'Feast'))
  expect(party.saveState).toBe('unsaved')
  await party.save()

  expect(party.saveState).toBe('saved')
  expect(server.brief.title).toBe('Feast')
  expect([...drafts.keys()].filter((key) => key.startsWith('lively-ladle-drafts'))).toEqual([])
})

it('makes an edit undone and done again, each saved anew', async () => {
  const party = await opened()
  party.edit('rename', (draft) => (draft.title = 'Feast'))
  party.undo()
  expect(party.brief?.title).toBe('Supper')
  expect(party.canUndo).toBeUndefined()
  party.redo()
  await party.save()

  expect(server.brief.title).toBe('Feast')
})

it('undoes only its own edit when somebody else edited meanwhile', async () => {
  const party = await opened()
  party.edit('rename', (draft) => (draft.title = 'Feast'))
  await party.save()
  server.brief = { ...server.brief, mealMinutes: 120 }
  server.revision++
  await party.refresh()
  party.undo()

  expect(party.brief).toMatchObject({ title: 'Supper', mealMinutes: 120 })
})

it('merges with somebody else’s edit of another field', async () => {
  const party = await opened()
  server.brief = { ...server.brief, mealMinutes: 120 }
  server.revision++
  party.edit('rename', (draft) => (draft.title = 'Feast'))
  await party.save()
  await party.save()

  expect(server.brief).toMatchObject({ title: 'Feast', mealMinutes: 120 })
  expect(party.clash).toBeUndefined()
})

it('keeps both versions of the same field until one is chosen', async () => {
  const party = await opened()
  server.brief = { ...server.brief, title: 'Theirs' }
  server.revision++
  party.edit('rename', (draft) => (draft.title = 'Mine'))
  await party.save()

  expect(party.clash?.mine.title).toBe('Mine')
  expect(party.clash?.theirs.title).toBe('Theirs')
  expect(server.brief.title).toBe('Theirs')
  party.choose('mine')
  await party.save()
  expect(server.brief.title).toBe('Mine')
})

it('keeps what is typed while the server is away, and takes it up again', async () => {
  const party = await opened()
  server.down = true
  party.edit('rename', (draft) => (draft.title = 'Feast'))
  await party.save()
  expect(party.saveState).toBe('offline')

  server.down = false
  setActivePinia(createPinia())
  const again = await opened()
  expect(again.brief?.title).toBe('Feast')
  await again.save()
  expect(server.brief.title).toBe('Feast')
})

it('opens without a connection as it was last seen, and shows what happens meanwhile', async () => {
  await opened()
  await vi.waitFor(() => expect([...drafts.keys()]).toContain('lively-ladle-seenp'))
  server.down = true
  setActivePinia(createPinia())
  const again = await opened()

  expect(again.brief?.title).toBe('Supper')
  expect(again.offline).toBe(true)
  const line = again.plan?.purchases.trips[0]?.lines[0]
  expect(line?.boughtEvent).toBeUndefined()
  await again.record({
    type: 'BOUGHT',
    subject: 'leek',
    ingredient: 'leek',
    count: 1,
    grams: 500,
    priceCents: 99,
  })
  expect(again.plan?.purchases.trips[0]?.lines[0]?.boughtEvent).toBeTruthy()
})

it('cannot open a party it never saw without a connection', async () => {
  server.down = true

  await expect(opened()).rejects.toThrow('No connection')
})

it('sends an event once it can, under the id it made', async () => {
  const party = await opened()
  server.down = true
  await party.record({ type: 'TASK_DONE', subject: 'table:lay' })
  expect(server.events).toEqual([])

  server.down = false
  setActivePinia(createPinia())
  await opened()
  expect(server.events).toHaveLength(1)
  expect(server.events[0]).toMatchObject({ type: 'TASK_DONE', subject: 'table:lay' })
})
