import { usual } from '@/api/parts'
import { expect, test } from 'vitest'
import type { Broth, BrothChoice, RecipePreview } from '@/api/types'
import { aBrief } from '@/test/data'
import {
  asRecipe,
  copyOf,
  grouped,
  hotter,
  HOTTER_BY,
  nameFrom,
  minutesIn,
  takeRecipe,
  workOf,
} from './recipes'

const preview = {
  rows: [],
  broth: {
    ...usual('OwnBroth'),
    id: 'own-bones',
    name: 'Bones',
    makesMl: 2000,
    saltPercent: 0.5,
    parts: [],
    steps: [],
  },
  ingredients: [{ id: 'moon-dust', name: 'Moon dust', category: 'LARDER' }],
} as RecipePreview

const choice = (broth: string, source: BrothChoice['source'], minutes: number, own = false) =>
  ({
    broth,
    name: broth,
    remark: 'mild',
    source,
    minutes,
    handsMinutes: 10,
    own,
    closedTo: [],
  }) as unknown as BrothChoice

test('a recipe comes in once, with what it needs', () => {
  const brief = aBrief()
  takeRecipe(preview)(brief)
  takeRecipe(preview)(brief)

  expect(brief.ownBroths.map((b) => b.id)).toEqual(['own-bones'])
  expect(brief.ownIngredients.map((i) => i.id)).toEqual(['moon-dust'])
})

const known = {
  ...{ id: 'kelp-water', name: 'Kelp water', heat: 'NONE', saltPercent: 0.2, source: 'WATER' },
  ...{ parts: [], steps: [], waterMlPerLitre: 1000 },
} as unknown as Broth

test('one side the same but hotter stands on the other, by drops with their caution', () => {
  const drops = HOTTER_BY.find((way) => way.drops) ?? HOTTER_BY[0]
  const made = hotter(known, 'own-broth-1', drops, 3, 'HOT')
  expect(made).toMatchObject({
    ...{ id: 'own-broth-1', name: 'Kelp water, hotter', heat: 'HOT', saltPercent: 0.2, waterMl: 0 },
    base: { broth: 'kelp-water', ml: 1000 },
  })
  expect(made.parts[0]?.grams).toBeCloseTo(0.15)
  expect(made.steps[0]?.caution).toContain('gloves')
})

test('a broth nobody named is called after what goes in first', () => {
  expect(
    asRecipe({ name: ' ', makes: '2 l', parts: '150 g chilli broth paste\n1 leek', steps: '' }).name,
  ).toBe('Chilli broth paste')
  expect(nameFrom('½ leek')).toBe('Leek broth')
  expect(nameFrom('2 l cold water\n40 g galangal')).toBe('Galangal broth')
  expect(nameFrom('2 l water')).toBe('')
  expect(nameFrom('')).toBe('')
})

test('what stands on another broth already is copied and seasoned', () => {
  const own = copyOf({ ...known, base: { broth: 'kelp-water', mlPerLitre: 500 } } as Broth, 'own-broth-1')
  const made = hotter(own, 'own-broth-2', HOTTER_BY[0], 12, 'MILD')
  expect(made.base).toEqual({ broth: 'kelp-water', ml: 500 })
  expect(made.parts).toMatchObject([{ ingredient: 'chilli-oil', grams: 12 }])
})

test('a family recipe is read line by line, with the times it tells', () => {
  const recipe = asRecipe({
    name: ' Bones ',
    makes: '2 l',
    parts: '1 kg bones\n\n16 g salt',
    steps: 'Simmer 1 h 20 min\nStrain',
  })

  expect(recipe.name).toBe('Bones')
  expect(recipe.recipeIngredient).toEqual(['1 kg bones', '16 g salt'])
  expect(recipe.recipeInstructions).toEqual([
    { '@type': 'HowToStep', text: 'Simmer 1 h 20 min', performTime: 'PT80M' },
    { '@type': 'HowToStep', text: 'Strain' },
  ])
  expect(minutesIn('keep the heat low')).toBeUndefined()
})

test('a copy says all that the broth says', () => {
  const broth = {
    id: 'corn',
    name: 'Corn',
    saltPercent: 0.8,
    heat: 'NONE',
    source: 'SCRATCH',
    waterMlPerLitre: 200,
    base: { broth: 'stock', mlPerLitre: 900 },
    parts: [{ ingredient: 'corn', gramsPerLitre: 50, scaling: 'LINEAR' }],
    steps: [
      { id: 's', text: 'Simmer', minutes: 20, minutesPerLitre: 2, passive: true, at: 'RING', caution: '' },
    ],
  } as unknown as Broth

  expect(copyOf(broth, 'own-1')).toMatchObject({
    id: 'own-1',
    makesMl: 1000,
    waterMl: 200,
    base: { broth: 'stock', ml: 900 },
    parts: [{ ingredient: 'corn', grams: 50, scaling: 'LINEAR' }],
    steps: [{ text: 'Simmer', minutes: 20, minutesPerLitre: 2, passive: true, at: 'RING' }],
  })
})

test('broths are found by their words and grouped by work, the own ones first', () => {
  const all = [
    choice('bones', 'SCRATCH', 200),
    choice('quick bones', 'SCRATCH', 40),
    choice('powder', 'PACKET', 5),
    choice('ours', 'SCRATCH', 30, true),
  ]

  expect(grouped(all, '').map((group) => [group.label, group.choices.map((c) => c.broth)])).toEqual([
    ['Your own', ['ours']],
    ['From a packet', ['powder']],
    ['From scratch', ['quick bones', 'bones']],
  ])
  expect(grouped(all, 'MILD bon').flatMap((group) => group.choices)).toHaveLength(2)
  expect(workOf(choice('a', 'SCRATCH', 185))).toBe('10 min of hands, 3 h in all')
  expect(workOf(choice('a', 'PACKET', 12))).toBe('10 min of hands')
})
