import { expect, it } from 'vitest'
import type { Catalogue, Plan } from '@/api/types'
import { withOwnFood } from './ownFood'

const catalogue = {
  ingredients: [{ id: 'soy-sauce', name: 'Soy sauce' }],
  cuts: [{ id: 'tofu.cubes' }],
  sauces: [{ id: 'citrus-soy' }],
  extras: [{ ingredient: 'mint' }],
} as unknown as Catalogue
const own = (ingredients: object[], cuts: object[]) =>
  ({
    ingredients,
    cuts,
    sauces: [{ id: 'ours' }],
    extras: [{ ingredient: 'own-1' }],
  }) as unknown as Plan['ownFood']

it('adds what is new and replaces what is known, in the same place', () => {
  const merged = withOwnFood(
    catalogue,
    own(
      [
        { id: 'soy-sauce', name: 'Our soy sauce' },
        { id: 'own-1', name: 'Parcels' },
      ],
      [{ id: 'own-1.own' }],
    ),
  )

  expect(merged.ingredients.map((i) => i.name)).toEqual(['Our soy sauce', 'Parcels'])
  expect(merged.sauces.map((sauce) => sauce.id)).toEqual(['citrus-soy', 'ours'])
  expect(merged.extras.map((extra) => extra.ingredient)).toEqual(['mint', 'own-1'])
  expect(merged.cuts.map((cut) => cut.id)).toEqual(['tofu.cubes', 'own-1.own'])
})

it('is the catalogue itself while there is nothing of our own', () => {
  const nothing = { ingredients: [], cuts: [], sauces: [], extras: [] }
  expect(withOwnFood(catalogue, nothing)).toBe(catalogue)
  expect(withOwnFood(catalogue, undefined)).toBe(catalogue)
})
