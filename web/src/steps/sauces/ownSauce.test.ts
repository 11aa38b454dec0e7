import { usual } from '@/api/parts'
import { expect, it } from 'vitest'
import type { Catalogue } from '@/api/types'
import { asSauce, copyOf, emptySauce, hasEgg, problemOf, spooned, typedOf, unknownParts } from './ownSauce'

const catalogue = {
  ingredients: [
    { id: 'soy-sauce', name: 'Soy sauce', allergens: ['SOYBEANS'] },
    { id: 'egg', name: 'Eggs', allergens: ['EGGS'] },
  ],
} as unknown as Catalogue
const idOf = (name: string) =>
  catalogue.ingredients.find((known) => known.name.toLowerCase() === name.trim().toLowerCase())?.id ?? 'own'

it('is the volume of its spoons, and shares mean the same in any spoon', () => {
  const typed = emptySauce('ours')
  typed.name = ' Ours '
  typed.parts = [
    { name: 'soy sauce', count: 2, spoon: 'tbsp' },
    { name: 'Eggs', count: 1, spoon: 'tsp' },
    { name: '', count: 1, spoon: 'tbsp' },
  ]
  typed.broth = { count: 1, spoon: 'tbsp' }
  expect(asSauce(typed, idOf)).toEqual({
    ...{ id: 'ours', name: 'Ours', brothMl: 15, use: 'DIP', minutes: 5, rawEgg: undefined },
    parts: [
      { ingredient: 'soy-sauce', ml: 30 },
      { ingredient: 'egg', ml: 5 },
    ],
  })
  expect(hasEgg(typed, catalogue)).toBe(true)
  expect(unknownParts(typed, catalogue)).toEqual([])
})

it('the same thing typed twice is one part', () => {
  const typed = { ...emptySauce('ours'), name: 'Ours' }
  typed.parts = [
    { name: 'Soy sauce', count: 1, spoon: 'tbsp' },
    { name: 'soy sauce ', count: 1, spoon: 'part' },
  ]
  expect(asSauce(typed, idOf).parts).toEqual([{ ingredient: 'soy-sauce', ml: 30 }])
})

it('says what is missing', () => {
  const typed = emptySauce('ours')
  expect(problemOf(typed)).toBe('It wants a name.')
  typed.name = 'Ours'
  expect(problemOf(typed)).toContain('what goes in')
  typed.parts = [{ name: 'Moon dust', count: 0, spoon: 'tsp' }]
  expect(problemOf(typed)).toContain('How much moon dust')
  expect(unknownParts(typed, catalogue)).toEqual(['Moon dust'])
})

it('stands in the form in the spoons it was typed in', () => {
  expect(spooned(30)).toEqual({ count: 2, spoon: 'tbsp' })
  expect(spooned(22.5)).toEqual({ count: 1.5, spoon: 'tbsp' })
  expect(spooned(5)).toEqual({ count: 1, spoon: 'tsp' })
  expect(spooned(18)).toEqual({ count: 18, spoon: 'ml' })
  const own = { ...usual('OwnSauce'), id: 'ours', name: 'Ours', parts: [{ ingredient: 'soy-sauce', ml: 18 }] }
  expect(asSauce(typedOf(own, catalogue), idOf)).toMatchObject(own)
})

it('a copy is the same sauce under a name of its own', () => {
  const sauce = {
    ...{ id: 'egg-soy', name: 'Egg and soy', remark: '', rawEgg: true, use: 'DIP', brothMlPer100: 20 },
    parts: [{ ingredient: 'egg', mlPer100: 80 }],
    ...{ minutes: 4, mark: 'MEMORY' },
  } as Catalogue['sauces'][number]
  expect(asSauce(copyOf(sauce, 'ours', catalogue), idOf)).toEqual({
    ...{ id: 'ours', name: 'Egg and soy, our way', brothMl: 20, use: 'DIP', minutes: 5, rawEgg: true },
    parts: [{ ingredient: 'egg', ml: 80 }],
  })
})
