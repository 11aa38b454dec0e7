import { expect, test } from 'vitest'
import type { RecipePreview } from '@/api/types'
import type { Catalogue } from '@/api/types'
import { aBrief } from '@/test/data'
import { brothChoices, takeRecipe } from './recipes'

const preview = {
  rows: [],
  broth: { id: 'own-bones', name: 'Bones', makesMl: 2000, saltPercent: 0.5, parts: [], steps: [] },
  ingredients: [{ id: 'moon-dust', name: 'Moon dust', category: 'LARDER' }],
} as RecipePreview

test('a recipe comes in once, with what it needs', () => {
  const brief = aBrief()
  takeRecipe(preview)(brief)
  takeRecipe(preview)(brief)

  expect(brief.ownBroths?.map((b) => b.id)).toEqual(['own-bones'])
  expect(brief.ownIngredients?.map((i) => i.id)).toEqual(['moon-dust'])
  expect(brothChoices({ broths: [] as Catalogue['broths'] } as Catalogue, brief)[0]).toEqual({
    title: 'Bones',
    value: 'own-bones',
    subtitle: 'your own recipe',
  })
})
