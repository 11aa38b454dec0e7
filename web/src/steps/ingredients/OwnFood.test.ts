import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import OwnFood from './OwnFood.vue'

useTestServer()

it('leaves unsaid what is not said, puts it on the menu, and takes it away', async () => {
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
      cut: { name: '', readySeconds: 180, bestUntilSeconds: 360, frozen: false },
    },
  ])
  expect(party.brief?.menu.map((item) => item.cut)).toContain('own-1.own')
  await view.find('button[aria-label="Remove Parcels"]').trigger('click')
  expect(party.brief?.ownIngredients).toEqual([])
})

it('corrects one of the catalogue by its allergens alone', async () => {
  server.catalogue.ingredients = [{ id: 'soy-sauce', name: 'Soy sauce', category: 'LARDER' }]
  const party = await opened()
  const view = mounted(OwnFood)
  await view.find('input[aria-label="Ingredient of the catalogue"]').setValue('Soy sauce')
  await view.findAll('form').at(-1)?.trigger('submit')
  const soy = view.findAll('button.chip').find((chip) => chip.text() === 'soy')
  await soy?.trigger('click')
  await view.find('form').trigger('submit')

  expect(party.brief?.ownIngredients).toEqual([
    { id: 'soy-sauce', name: 'Soy sauce', category: 'LARDER', allergens: ['SOYBEANS'] },
  ])
})

it('takes over what a known cut is, shows what it holds, and is on the menu in one go', async () => {
  server.catalogue.ingredients = [
    {
      id: 'fish-ball',
      name: 'Fish balls',
      category: 'BALLS',
      aisle: 'FROZEN',
      origin: 'FISH',
      allergens: ['FISH'],
      traits: [],
      keepsDays: 90,
    },
  ]
  server.catalogue.cuts = [
    {
      id: 'fish-ball.frozen',
      ingredient: 'fish-ball',
      name: 'from frozen',
      rawRisk: 'MINCED',
      times: { pleasant: 420, safe: 400, bestUntil: 900, overcooked: 1800 },
    },
  ]
  const party = await opened()
  const view = mounted(OwnFood, { name: 'Pollock balls' })
  await view.find('input[aria-label="What it is like"]').setValue('fish balls, from frozen')
  await view.find('form').trigger('submit')
  expect(view.text()).toContain('compare it with the label')
  await view.find('form').trigger('submit')

  expect(party.brief?.ownIngredients[0]).toMatchObject({
    name: 'Pollock balls',
    allergens: ['FISH'],
    cut: { like: 'fish-ball.frozen', readySeconds: 420 },
  })
  expect(party.brief?.menu.at(-1)?.cut).toBe('own-1.own')
})
