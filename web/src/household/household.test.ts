import { usual } from '@/api/parts'
import { flushPromises } from '@vue/test-utils'
import { expect, it } from 'vitest'
import type { Household } from '@/api/types'
import { aBrief } from '@/test/data'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import HouseholdNews from './HouseholdNews.vue'
import KeepChip from './KeepChip.vue'
import PeopleList from './PeopleList.vue'
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

const aHousehold = () => ({
  people: [{ ...aBrief().guests[0], name: 'Ada', needs: [{ kind: 'VEGAN', strength: 'DIET' }] }],
  pots: [],
  cooks: [{ id: 'c', name: 'Bo' }],
  shops: [],
  prices: { asOf: '2026-11-24', offers: [] },
  pantry: [],
  mealMinutes: 90,
  paces: [],
})

it('says what is kept, and offers to forget only what somebody said', () => {
  const household = { ...usual('Household'), ...aHousehold() } as unknown as Household

  expect(peopleOf(household)[0]?.says).toContain('vegan')
  expect(
    houseOf(household)
      .filter((row) => row.usual)
      .map((row) => row.part),
  ).toEqual(['KITCHEN', 'PANTRY', 'AMOUNTS', 'TIMES', 'BESIDE'])
})

it('says how somebody was known, and erases them from past evenings when it is asked twice', async () => {
  server.household = { ...usual('Household'), ...aHousehold() }
  server.book = [{ guest: 'ada', evenings: 2, lastOn: '2026-11-14', favourites: ['Beef'], leaves: ['Tofu'] }]
  const household = useHousehold()
  await household.load()
  const view = mounted(PeopleList, { kept: household.view?.household })
  await flushPromises()
  const row = view.find('[aria-label="People"] li')
  expect(row.text()).toMatch(/here 2 times, last on .*14.* · loves Beef · leaves Tofu/)
  await row.find('[aria-label="Forget Ada"]').trigger('click')
  expect(server.taken, 'nothing is gone by one tap').toBe(false)
  await row
    .findAll('button')
    .find((button) => button.text().startsWith('From past evenings'))
    ?.trigger('click')
  await flushPromises()
  expect(server.taken).toBe(true)
  expect(view.text()).toContain('Ada is erased, here and in 2 parties.')
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
