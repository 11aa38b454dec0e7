import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import OwnFood from './OwnFood.vue'

useTestServer()

it('leaves unsaid what is not said, and takes a thing off the menu with it', async () => {
  const party = await opened()
  const view = mounted(OwnFood)
  const balls = view.findAll('button.chip').find((chip) => chip.text() === 'Balls and cakes')
  await balls?.trigger('click')
  expect(view.text()).toContain('counts as holding all fourteen')
  await view.find('input').setValue('Parcels')
  await view.find('form').trigger('submit')

  expect(party.brief?.ownIngredients).toEqual([
    {
      id: 'own-1',
      name: 'Parcels',
      category: 'BALLS',
      cut: { name: '', readySeconds: 180, bestUntilSeconds: 360 },
    },
  ])
  party.edit('add', (draft) => draft.menu.push({ cut: 'own-1.own', fromFrozen: false }))
  await view.find('button[aria-label="Remove Parcels"]').trigger('click')
  expect(party.brief?.ownIngredients).toEqual([])
  expect(party.brief?.menu.map((item) => item.cut)).not.toContain('own-1.own')
})

it('corrects one of the catalogue by its allergens alone', async () => {
  server.catalogue.ingredients = [{ id: 'soy-sauce', name: 'Soy sauce', category: 'LARDER' }]
  const party = await opened()
  const view = mounted(OwnFood)
  await view.find('input').setValue('Soy sauce')
  await view.find('form').trigger('submit')
  const soy = view.findAll('button.chip').find((chip) => chip.text() === 'soy')
  await soy?.trigger('click')
  await view.find('form').trigger('submit')

  expect(party.brief?.ownIngredients).toEqual([
    { id: 'soy-sauce', name: 'Soy sauce', category: 'LARDER', allergens: ['SOYBEANS'] },
  ])
})
