/** Sauces of the household's own: as they are typed, by spoons or by shares. Pure. */

import { usual } from '@/api/parts'
import type { Catalogue, OwnSauce, Sauce } from '@/api/types'

/** Kitchen measures of a sauce [ml]; a part is a spoon of whatever size, here a tablespoon. */
export const SPOONS = [
  { value: 'tbsp', label: 'tbsp', ml: 15 },
  { value: 'tsp', label: 'tsp', ml: 5 },
  { value: 'ml', label: 'ml', ml: 1 },
  { value: 'part', label: 'parts', ml: 15 },
] as const
export type Spoon = (typeof SPOONS)[number]['value']

const mlOf = (spoon: Spoon) => SPOONS.find(({ value }) => value === spoon)?.ml ?? 1

/** One thing that goes in, as it stands in the form. */
export interface TypedPart {
  name: string
  count: number
  spoon: Spoon
}

export interface TypedSauce {
  id: string
  name: string
  parts: TypedPart[]
  /** Broth from the pot that thins it. */
  broth: { count: number; spoon: Spoon }
  use: OwnSauce['use']
  rawEgg?: boolean
}

/** @example spooned(15) // { count: 1, spoon: 'tbsp' } */
export function spooned(ml: number): { count: number; spoon: Spoon } {
  if (ml >= 15 && ml % 7.5 === 0) return { count: ml / 15, spoon: 'tbsp' }
  if (ml >= 2.5 && ml % 2.5 === 0) return { count: ml / 5, spoon: 'tsp' }
  return { count: Number(ml.toFixed(2)), spoon: 'ml' }
}

const found = (catalogue: Catalogue, name: string) =>
  catalogue.ingredients.find((known) => known.name.toLowerCase() === name.trim().toLowerCase())

/** The names of parts nobody knows yet. */
export const unknownParts = (typed: TypedSauce, catalogue: Catalogue): string[] =>
  typed.parts.map(({ name }) => name.trim()).filter((name) => name && !found(catalogue, name))

/** True when something in it holds egg, so that somebody has to say whether it is raw. */
export const hasEgg = (typed: TypedSauce, catalogue: Catalogue): boolean =>
  typed.parts.some(({ name }) => found(catalogue, name)?.allergens.includes('EGGS') ?? false)

/** What keeps it from being stirred; empty when nothing does. */
export function problemOf(typed: TypedSauce): string {
  if (!typed.name.trim()) return 'It wants a name.'
  const parts = typed.parts.filter(({ name }) => name.trim())
  if (parts.length === 0) return 'Say what goes in, one thing at least.'
  const bad = parts.find(({ count, spoon }) => !(count * mlOf(spoon) >= 0.05 && count * mlOf(spoon) <= 5000))
  return bad ? `How much ${bad.name.trim().toLowerCase()}: more than nothing, 5 l at most.` : ''
}

/**
 * The sauce as the party has it.
 *
 * @param idOf an ingredient's id by its name, of the catalogue or made for it
 */
export function asSauce(typed: TypedSauce, idOf: (name: string) => string): OwnSauce {
  const parts = new Map<string, number>()
  for (const { name, count, spoon } of typed.parts) {
    if (name.trim()) parts.set(idOf(name), (parts.get(idOf(name)) ?? 0) + count * mlOf(spoon))
  }
  const brothMl = typed.broth.count * mlOf(typed.broth.spoon)
  return {
    ...usual('OwnSauce'),
    id: typed.id,
    name: typed.name.trim(),
    parts: [...parts].map(([ingredient, ml]) => ({ ingredient, ml })),
    brothMl: Math.max(0, brothMl),
    use: typed.use,
    rawEgg: typed.rawEgg,
  }
}

const nameOf = (catalogue: Catalogue, id: string) =>
  catalogue.ingredients.find((known) => known.id === id)?.name ?? id

export const emptySauce = (id: string): TypedSauce => ({
  id,
  name: '',
  parts: [{ name: '', count: 1, spoon: 'tbsp' }],
  broth: { count: 0, spoon: 'tbsp' },
  use: 'DIP',
})

/** One of the household's own as it stands in the form. */
export const typedOf = (own: OwnSauce, catalogue: Catalogue): TypedSauce => ({
  id: own.id,
  name: own.name,
  parts: own.parts.map(({ ingredient, ml }) => ({ name: nameOf(catalogue, ingredient), ...spooned(ml) })),
  broth: own.brothMl ? spooned(own.brothMl) : { count: 0, spoon: 'tbsp' },
  use: own.use,
  rawEgg: own.rawEgg,
})

/** One of the catalogue as one of our own, by 100 ml. */
export const copyOf = (sauce: Sauce, id: string, catalogue: Catalogue): TypedSauce => ({
  id,
  name: `${sauce.name}, our way`.slice(0, 60),
  parts: sauce.parts.map(({ ingredient, mlPer100 }) => ({
    name: nameOf(catalogue, ingredient),
    ...spooned(mlPer100),
  })),
  broth: sauce.brothMlPer100 > 0 ? spooned(sauce.brothMlPer100) : { count: 0, spoon: 'tbsp' },
  use: sauce.use,
  rawEgg: sauce.rawEgg || undefined,
})
