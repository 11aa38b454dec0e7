import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import SeveralGuests from './SeveralGuests.vue'

useTestServer()

it('says the same of all of them in one step, and of some only where those are meant', async () => {
  const first = server.brief.guests[0]
  if (first) server.brief.guests = [first, { ...first, id: 'second', name: 'Second', heat: 'HOT' }]
  const party = await opened()
  const view = mounted(SeveralGuests)
  const tap = async (text: string) =>
    view
      .findAll('button.chip')
      .find((chip) => chip.text() === text)
      ?.trigger('click')
  await tap('very hot')
  expect(party.brief?.guests.map(({ heat }) => heat)).toEqual(['HOT', 'HOT'])
  party.undo()
  expect(party.brief?.guests[0]?.heat).toBe(first?.heat)

  await tap('Second')
  expect(view.text()).toContain('1 of them')
  await tap('stir their own')
  expect(party.brief?.guests.map(({ stirsOwnSauce }) => stirsOwnSauce)).toEqual([true, false])
})
