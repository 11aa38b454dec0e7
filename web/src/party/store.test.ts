import { createPinia, setActivePinia } from 'pinia'
import { expect, it, vi } from 'vitest'
import { watch } from 'vue'
import { opened, server, stored, useTestServer } from '@/test/server'

useTestServer()

it('saves an edit as the next revision', async () => {
  const party = await opened()
  party.edit('rename', (draft) => (draft.title = 'Feast'))
  expect(party.saveState).toBe('unsaved')
  await party.save()

  expect(party.saveState).toBe('saved')
  expect(server.brief.title).toBe('Feast')
  expect([...stored.keys()].filter((key) => key.startsWith('lively-ladle-drafts'))).toEqual([])
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
  await vi.waitFor(() => expect([...stored.keys()]).toContain('lively-ladle-seenp'))
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

it('says and drops an event that is never accepted, and sends the others', async () => {
  const party = await opened()
  server.down = true
  for (const subject of ['a', 'refused', 'b']) await party.record({ type: 'TASK_DONE', subject })
  server.down = false
  setActivePinia(createPinia())
  const again = await opened()

  expect(server.events.map((event) => event.subject)).toEqual(['a', 'b'])
  expect(again.message).toContain('Not recorded: subject was refused')
  expect(stored.get('lively-ladle-outboxp')).toEqual([])
})

it('shows only what this device has kept, so that no reload loses what is on screen', async () => {
  const party = await opened()
  server.down = true
  const keptWhenShown: unknown[] = []
  const stop = watch(
    () => party.pending,
    () => keptWhenShown.push(structuredClone(stored.get('lively-ladle-outboxp'))),
    { flush: 'sync' },
  )
  await party.record({ type: 'TASK_DONE', subject: 'table:lay' })
  stop()

  expect(keptWhenShown).toEqual([[expect.objectContaining({ subject: 'table:lay' })]])
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

it('keeps one party’s plan and edits out of another', async () => {
  const party = await opened()
  let answer = () => {}
  const slow = new Promise<void>((resolve) => (answer = resolve))
  const serve = fetch
  vi.stubGlobal('fetch', async (input: RequestInfo | URL) => {
    const request = input as Request
    if (request.url.includes('/parties/p/')) await slow
    return serve(request)
  })
  party.edit('rename', (draft) => (draft.title = 'Of the first'))
  const next = party.open('other')
  answer()
  await next

  expect(party.id).toBe('other')
  expect(stored.get('lively-ladle-seenother')).toMatchObject({ view: { id: 'other' } })
  expect(stored.has('lively-ladle-draftsother')).toBe(false)
  expect(server.brief.title).toBe('Of the first')
})

it('tries again once, however many edits and marks wait', async () => {
  const party = await opened()
  server.down = true
  for (const title of ['A', 'B', 'C']) {
    party.edit('rename', (draft) => (draft.title = title))
    await party.save()
    await party.record({ type: 'TASK_DONE', subject: title })
  }
  server.down = false
  const asked = vi.mocked(fetch).mockClear()
  await vi.advanceTimersByTimeAsync(3000)
  await party.save()
  await vi.waitFor(() => expect(server.events).toHaveLength(3))

  const sent = asked.mock.calls.map(
    ([request]) => `${(request as Request).method} ${(request as Request).url}`,
  )
  expect(sent.filter((line) => line.startsWith('PUT'))).toHaveLength(1)
  expect(sent.filter((line) => line.endsWith('/events'))).toHaveLength(1)
  expect(server.brief.title).toBe('C')
})

it('tries again what a failing server did not take, and says so until it has it', async () => {
  const party = await opened()
  const serve = fetch
  vi.stubGlobal('fetch', (input: RequestInfo | URL) =>
    (input as Request).method === 'PUT'
      ? Promise.resolve(new Response('{"detail":"The database is away."}', { status: 500 }))
      : serve(input),
  )
  party.edit('rename', (draft) => (draft.title = 'Feast'))
  await party.save()
  expect(party.message).toBe('Not saved: The database is away.')

  vi.stubGlobal('fetch', serve)
  await vi.advanceTimersByTimeAsync(3000)
  await party.save()
  expect(server.brief.title).toBe('Feast')
  expect(party.message).toBe('')
})

it('takes out with a removal what the server tidied up after it, and brings it back with it', async () => {
  const party = await opened()
  party.edit('pin', (draft) => draft.decisions.portions.push({ guest: 'ada', cut: 'tofu.cubes', grams: 50 }))
  await party.save()
  const without = server.brief.guests.filter((guest) => guest.id !== 'ada')
  party.edit('remove', (draft) => (draft.guests = without))
  server.tidied = {
    ...server.brief,
    guests: without,
    decisions: { ...server.brief.decisions, portions: [] },
  }
  await party.save()
  expect(party.brief?.decisions.portions).toEqual([])
  expect(party.saveState).toBe('saved')

  server.tidied = undefined
  party.undo()
  expect(party.brief?.guests.map((guest) => guest.id)).toContain('ada')
  expect(party.brief?.decisions.portions).toEqual([{ guest: 'ada', cut: 'tofu.cubes', grams: 50 }])
})

it('tidies up under an edit that came meanwhile, without losing it', async () => {
  const party = await opened()
  party.edit('remove', (draft) => (draft.guests = draft.guests.slice(1)))
  server.tidied = { ...server.brief, guests: server.brief.guests.slice(1), mealMinutes: 100 }
  const saving = party.save()
  await Promise.resolve()
  party.edit('rename', (draft) => (draft.title = 'Feast'))
  await saving

  expect(party.brief).toMatchObject({ title: 'Feast', mealMinutes: 100 })
  expect(party.saveState).toBe('unsaved')
  server.tidied = undefined
  await party.save()
  expect(server.brief).toMatchObject({ title: 'Feast', mealMinutes: 100 })
})

it('says that an offer could not be taken, and changes nothing', async () => {
  const party = await opened()
  server.down = true
  await party.take({ label: 'Add daikon', edit: { edit: 'ADD_CUT', cut: 'daikon.sliced' } })

  expect(party.message).toContain('No connection')
  expect(party.canUndo).toBeUndefined()
})

it('takes up what two windows could not save, and the ticks of both', async () => {
  const mine = { revision: 1, base: server.brief, brief: { ...server.brief, title: 'Feast' } }
  const other = { revision: 1, base: server.brief, brief: { ...server.brief, mealMinutes: 120 } }
  stored.set('lively-ladle-draftsp one', mine)
  stored.set('lively-ladle-draftsp two', other)
  const party = await opened()

  expect(party.brief).toMatchObject({ title: 'Feast', mealMinutes: 120 })
  expect([...stored.keys()].filter((key) => key.startsWith('lively-ladle-draftsp'))).toHaveLength(1)
  await party.save()
  expect(server.brief).toMatchObject({ title: 'Feast', mealMinutes: 120 })
})

it('adds to the ticks another window still has to send', async () => {
  const party = await opened()
  server.down = true
  const theirs = { id: 'e1', at: '2026-11-28T10:00:00Z', type: 'TASK_DONE', subject: 'theirs' }
  stored.set('lively-ladle-outboxp', [theirs])
  await party.record({ type: 'TASK_DONE', subject: 'mine' })
  server.down = false
  setActivePinia(createPinia())
  await opened()

  expect(server.events.map((event) => event.subject)).toEqual(['theirs', 'mine'])
})

it('keeps a party open by its last plan when none can be made', async () => {
  await opened()
  await vi.waitFor(() => expect([...stored.keys()]).toContain('lively-ladle-seenp'))
  server.refusesPlans = true
  setActivePinia(createPinia())
  const again = await opened()
  await vi.waitFor(() => expect(again.plan).toBeTruthy())

  expect(again.message).toBe('This takes too long.')
  server.refusesPlans = false
  again.edit('rename', (draft) => (draft.title = 'Feast'))
  await vi.waitFor(() => expect(again.message).toBe(''))
})

it('keeps at once what is not saved when the page is left', async () => {
  const party = await opened()
  party.edit('rename', (draft) => (draft.title = 'Feast'))
  party.leave()
  stored.clear()
  setActivePinia(createPinia())
  const again = await opened()

  expect(again.brief?.title).toBe('Feast')
  expect(Object.keys(localStorage)).toEqual([])
})

it('forgets what it kept on leaving once it could save after all', async () => {
  const party = await opened()
  party.edit('rename', (draft) => (draft.title = 'Feast'))
  party.leave()
  expect(Object.keys(localStorage)).toHaveLength(1)
  await party.save()

  expect(server.brief.title).toBe('Feast')
  expect(Object.keys(localStorage)).toEqual([])
})

it('marks nothing as changed when only the units do', async () => {
  const party = await opened()
  server.plan.portions.food = { ...server.plan.portions.food, text: '10.5 oz' }
  party.edit('change the units', (draft) => (draft.units = 'US'))
  await vi.waitFor(() => expect(party.plan?.portions.food.text).toBe('10.5 oz'))
  expect(party.was.size).toBe(0)
})
