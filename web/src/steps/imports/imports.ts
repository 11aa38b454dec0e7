import type { Brief, ImportPreview } from '@/api/types'

export type ImportKind = 'GUESTS' | 'PANTRY' | 'PRICES'

/** How a file of each kind looks, and what its rows are called. */
export const IMPORTS: Record<ImportKind, { title: string; columns: string; one: string; many: string }> = {
  GUESTS: {
    title: 'Guests from a file',
    columns: 'CSV with name, appetite, needs, heat; or vCards, whose categories may name needs',
    one: 'guest',
    many: 'guests',
  },
  PANTRY: {
    title: 'What is at home, from a file',
    columns: 'CSV with ingredient and grams; 1.2 kg, 8 oz and 2 lb are understood',
    one: 'thing',
    many: 'things',
  },
  PRICES: {
    title: 'Prices from a file',
    columns:
      'CSV with shop, ingredient, name, and grams and price for a pack or step and price per kg for loose goods',
    one: 'price',
    many: 'prices',
  },
}

/** Puts the good rows of a file into the brief; what is at home already is said anew. */
export const takeIn = (preview: ImportPreview) => (draft: Brief) => {
  const said = new Set(preview.pantry.map((item) => item.ingredient))
  draft.guests.push(...preview.guests)
  draft.pantry = [...draft.pantry.filter((item) => !said.has(item.ingredient)), ...preview.pantry]
  draft.prices.offers.push(...preview.offers)
}
