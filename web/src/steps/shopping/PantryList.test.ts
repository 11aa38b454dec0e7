import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import PantryList from './PantryList.vue'

useTestServer()

it('takes several staples at once as always there, and an amount where one is typed', async () => {
  server.catalogue.ingredients = ['Salt', 'Sugar', 'Soy sauce'].map((name) => ({
    id: name.toLowerCase().replace(' ', '-'),
    name,
    category: 'LARDER',
  }))
  const party = await opened()
  party.edit('clear', (draft) => (draft.pantry = []))
  const view = mounted(PantryList)
  const [wanted, amount] = view.findAll('form input')
  await wanted?.setValue('Salt, soy sauce')
  await view.find('form').trigger('submit')
  expect(party.brief?.pantry).toEqual([{ ingredient: 'salt' }, { ingredient: 'soy-sauce' }])
  expect(view.text()).toContain('always there')

  await wanted?.setValue('Sugar')
  await amount?.setValue('300')
  await view.find('form').trigger('submit')
  expect(party.brief?.pantry.at(-1)).toEqual({ ingredient: 'sugar', grams: 300 })

  await wanted?.setValue('Moon dust')
  expect(view.text()).toContain('Nothing is called “moon dust”.')
})
