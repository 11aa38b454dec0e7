import { flushPromises } from '@vue/test-utils'
import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import ImportDialog from './ImportDialog.vue'

useTestServer()

async function choose(view: ReturnType<typeof mounted>, text: string): Promise<void> {
  const input = view.find('input[type=file]')
  Object.defineProperty(input.element, 'files', { value: [new File([text], 'guests.csv')] })
  await input.trigger('change')
  await flushPromises()
}

it('names each bad row and takes in the good ones as one edit', async () => {
  server.preview = {
    rows: [
      { number: 2, good: true, text: 'Cleo, vegan' },
      { number: 3, good: false, text: "appetite was 'enormous'" },
    ],
    guests: [{ ...server.brief.guests[0], id: 'guest-3', name: 'Cleo' }],
    pantry: [],
    offers: [],
  }
  const party = await opened()
  const view = mounted(ImportDialog, { kind: 'GUESTS' })
  await choose(view, 'name,needs\nCleo,vegan\n')

  expect(view.text()).toContain('1 left out')
  expect(view.text()).toContain("Row 3 appetite was 'enormous'")
  expect(party.brief?.guests).toHaveLength(2)
  await view.findAll('button').at(-1)?.trigger('click')
  expect(party.brief?.guests.map((guest) => guest.name)).toEqual(['Ada', 'Bo', 'Cleo'])
  party.undo()
  expect(party.brief?.guests).toHaveLength(2)
})

it('says a pantry anew for what it names and keeps the rest', async () => {
  server.brief.pantry = [
    { ingredient: 'salt', grams: 400 },
    { ingredient: 'udon', grams: 100 },
  ]
  server.preview = {
    rows: [{ number: 2, good: true, text: 'Udon, 600 g' }],
    guests: [],
    pantry: [{ ingredient: 'udon', grams: 600 }],
    offers: [],
  }
  const party = await opened()
  const view = mounted(ImportDialog, { kind: 'PANTRY' })
  await choose(view, 'ingredient,grams\nudon,600\n')
  await view.findAll('button').at(-1)?.trigger('click')

  expect(party.brief?.pantry).toEqual([
    { ingredient: 'salt', grams: 400 },
    { ingredient: 'udon', grams: 600 },
  ])
})
