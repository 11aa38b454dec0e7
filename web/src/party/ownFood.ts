import type { Catalogue, Plan } from '@/api/types'

const put = <T>(known: T[], more: T[], key: (item: T) => string) => [
  ...new Map([...known, ...more].map((item) => [key(item), item])).values(),
]
const byId = (item: { id: string }) => item.id

/** The catalogue with the household's own food in it; what has a known id takes its place. Pure. */
export function withOwnFood(catalogue: Catalogue, own: Plan['ownFood'] | undefined): Catalogue {
  if (!own || own.ingredients.length + own.sauces.length === 0) return catalogue
  return {
    ...catalogue,
    ingredients: put(catalogue.ingredients, own.ingredients, byId),
    cuts: put(catalogue.cuts, own.cuts, byId),
    sauces: put(catalogue.sauces, own.sauces, byId),
    extras: put(catalogue.extras, own.extras, (extra) => extra.ingredient),
  }
}
