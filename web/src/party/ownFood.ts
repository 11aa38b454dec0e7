import type { Catalogue, Plan } from '@/api/types'

/** The catalogue with the household's own food in it; what has a known id takes its place. Pure. */
export function withOwnFood(catalogue: Catalogue, own: Plan['ownFood'] | undefined): Catalogue {
  if (!own || own.ingredients.length === 0) return catalogue
  const put = <T extends { id: string }>(known: T[], more: T[]) => [
    ...new Map([...known, ...more].map((item) => [item.id, item])).values(),
  ]
  return {
    ...catalogue,
    ingredients: put(catalogue.ingredients, own.ingredients),
    cuts: put(catalogue.cuts, own.cuts),
  }
}
