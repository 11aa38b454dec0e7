import { usual } from '@/api/parts'
import { flushPromises } from '@vue/test-utils'
import { expect, it } from 'vitest'
import type { Household } from '@/api/types'
import { aBrief } from '@/test/data'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import HouseholdNews from './HouseholdNews.vue'
import KeepChip from './KeepChip.vue'
import { houseOf, peopleOf } from './rows'
import { useHousehold } from './store'

useTestServer()

it('keeps a part of the party, and says so until the party changes', async () => {
  const party = await opened()
  const view = mounted(KeepChip, { part: 'PERSON', id: 'ada', what: 'Ada' })
  expect(view.text()).toBe('Keep Ada for next time')
  await view.find('button').trigger('click')
  await flushPromises()

  expect(server.asked).toMatchObject({ part: 'PERSON', id: 'ada', brief: { title: party.brief?.title } })
  expect(view.text()).toBe('Kept for next time')

  party.edit('rename', (draft) => (draft.title = 'Other'))
  await flushPromises()
  expect(view.text()).toBe('Keep Ada for next time')
})

it('takes over what the household has now as one edit that can be undone', async () => {
  const party = await opened()
  const was = party.brief?.mealMinutes ?? 0
  server.offers = [
    {
      part: 'ORDER',
      label: 'the order of eating',
      effect: 'same bill, same work',
      brief: { ...aBrief(), mealMinutes: was + 30 },
    },
  ]
  const view = mounted(HouseholdNews)
  await flushPromises()
  expect(view.text()).toContain('the order of eating')
  await view.find('button.solid').trigger('click')
  expect(party.brief?.mealMinutes).toBe(was + 30)
  expect(view.find('section').exists()).toBe(false)

  party.undo()
  expect(party.brief?.mealMinutes).toBe(was)
})

it('is silent where nothing has changed, and where the party is to stay as it is', async () => {
  await opened()
  server.offers = [{ part: 'COOKS', label: 'the cooks', effect: '', brief: aBrief() }]
  const view = mounted(HouseholdNews)
  await flushPromises()
  await view.find('button.faint').trigger('click')
  await flushPromises()

  expect(view.find('section').exists()).toBe(false)
  expect(server.offers).toEqual([])
})

it('says what is kept, and offers to forget only what somebody said', () => {
  const household = {
    ...usual('Household'),
    people: [{ ...aBrief().guests[0], name: 'Ada', needs: [{ kind: 'VEGAN', strength: 'DIET' }] }],
    pots: [],
    cooks: [{ id: 'c', name: 'Bo' }],
    shops: [],
    prices: { asOf: '2026-11-24', offers: [] },
    pantry: [],
    mealMinutes: 90,
  } as unknown as Household

  expect(peopleOf(household)[0]?.says).toContain('vegan')
  expect(
    houseOf(household)
      .filter((row) => row.usual)
      .map((row) => row.part),
  ).toEqual(['KITCHEN', 'PANTRY', 'AMOUNTS', 'BESIDE'])
})

it('merges what two editors put in, and asks only where both changed the same', async () => {
  const was = { people: [{ id: 'person-1', name: 'Ada' }], mealMinutes: 90 }
  server.household = was
  const household = useHousehold()
  await household.load()
  server.stale = { revision: 2, household: { ...was, mealMinutes: 120 } }
  await household.replace({ ...was, people: [{ id: 'person-1', name: 'Adah' }] } as unknown as Household)
  expect(household.clash).toBeUndefined()
  expect(server.asked).toEqual({ people: [{ id: 'person-1', name: 'Adah' }], mealMinutes: 120 })

  await household.load()
  server.stale = { revision: 3, household: { ...was, mealMinutes: 150 } }
  await household.replace({ ...was, mealMinutes: 60 } as unknown as Household)
  expect(household.clash?.changes.map(({ path }) => path)).toEqual([['mealMinutes']])
  await household.choose('mine')
  expect(server.asked).toMatchObject({ mealMinutes: 60 })
  expect(household.clash).toBeUndefined()
})
