/** Food of one's own that is like something the catalogue knows. Pure. */

import { usual } from '@/api/parts'
import type { Catalogue, Cut, Ingredient, OwnIngredient } from '@/api/types'

const LONGEST_SECONDS = 7200

export interface Likable {
  name: string
  cut: Cut
  ingredient: Ingredient
}

/** Every cut a food of one's own can be like, by its whole name. */
export function likable(catalogue: Catalogue): Likable[] {
  const ingredients = new Map(catalogue.ingredients.map((ingredient) => [ingredient.id, ingredient]))
  return catalogue.cuts.flatMap((cut) => {
    const ingredient = ingredients.get(cut.ingredient)
    const name = cut.name && ingredient ? `${ingredient.name}, ${cut.name}` : ingredient?.name
    return ingredient && name && !cut.id.endsWith('.own') ? [{ name, cut, ingredient }] : []
  })
}

/** All that matters is said, so that it can be compared with the label and changed. */
export function foodLike({ cut, ingredient }: Likable, id: string, name: string): OwnIngredient {
  const ready = Math.min(LONGEST_SECONDS, Math.max(1, cut.times.pleasant, cut.times.safe))
  return {
    id,
    name,
    category: ingredient.category,
    aisle: ingredient.aisle,
    origin: ingredient.origin,
    allergens: [...ingredient.allergens],
    traits: [...ingredient.traits],
    keepsDays: ingredient.keepsDays,
    cut: {
      ...usual('OwnIngredientOwnCut'),
      name: cut.name,
      readySeconds: ready,
      bestUntilSeconds: Math.min(LONGEST_SECONDS, Math.max(ready, cut.times.bestUntil)),
      rawRisk: cut.rawRisk,
      like: cut.id,
    },
  }
}
