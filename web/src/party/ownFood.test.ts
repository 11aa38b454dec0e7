import { expect, it } from 'vitest'
import type { Catalogue, Plan } from '@/api/types'
import { withOwnFood } from './ownFood'

const catalogue = {
  ingredients: [{ id: 'soy-sauce', name: 'Soy sauce' }],
  cuts: [{ id: 'tofu.cubes' }],
} as unknown as Catalogue
const own = (ingredients: object[], cuts: object[]) => ({ ingredients, cuts }) as unknown as Plan['ownFood']

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
  expect(merged.cuts.map((cut) => cut.id)).toEqual(['tofu.cubes', 'own-1.own'])
})

it('is the catalogue itself while there is nothing of our own', () => {
  expect(withOwnFood(catalogue, own([], []))).toBe(catalogue)
  expect(withOwnFood(catalogue, undefined)).toBe(catalogue)
})
