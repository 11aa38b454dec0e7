/** The words of the trade for what a brief stores as constants. */

import type { Catalogue, Category, Cut, Guest, Ingredient, Need } from '@/api/types'
import words from '@/api/words.json'

/** As the server has them, in its order. */
const told = <T extends string>(labels: Record<T, string>) =>
  (Object.entries(labels) as [T, string][]).map(([value, label]) => ({ value, label }))

export const LEFT_PARTS = told(words.JournalPart)
export const LEFT_STATES = told(words.JournalState)
export const ATE = told(words.JournalAte)
export const KEEPING_WAYS = told(words.KeepingWay)
export const SKILLS = told(words.Skill)
export const LIKINGS = told(words.Liking)
export const DONENESSES = told(words.Doneness)
export const AISLES = told(words.Aisle)
export const ALLERGEN_NAMES = told(words.Allergen)
/** As headings. */
export const EXTRA_KINDS = told(words.ExtraKind).map(({ value, label }) => ({
  value,
  label: label.charAt(0).toUpperCase() + label.slice(1),
}))

/** Needs for which a splash may matter, so that strength is asked for. */
export const ALLERGENS: Need['kind'][] = ALLERGEN_NAMES.map(({ value }) => value)

/** What people are or keep to, then what makes them ill. */
export const NEEDS = told(words.NeedKind).sort(
  (a, b) => Number(ALLERGENS.includes(a.value)) - Number(ALLERGENS.includes(b.value)),
)

export const APPETITES: { value: Guest['appetite']; label: string; bowls: number }[] = [
  { value: 'TODDLER', label: 'toddler', bowls: 0.3 },
  { value: 'CHILD', label: 'child', bowls: 0.5 },
  { value: 'LIGHT', label: 'light', bowls: 0.75 },
  { value: 'REGULAR', label: 'regular', bowls: 1 },
  { value: 'HEARTY', label: 'hearty', bowls: 5 / 3 },
]

export const HEATS: { value: Guest['heat']; label: string }[] = [
  { value: 'NONE', label: 'none' },
  { value: 'MILD', label: 'mild' },
  { value: 'MEDIUM', label: 'medium' },
  { value: 'HOT', label: 'very hot' },
]

/** Needs that keep somebody safe, and are what they are: neither a dislike nor an allergy. */
export const DELICATE: Need['kind'][] = ['PREGNANT', 'SMALL_CHILD', 'IMMUNE_WEAK']

export const STRENGTHS: { value: Need['strength']; label: string }[] = [
  { value: 'DISLIKE', label: 'dislike' },
  { value: 'DIET', label: 'diet' },
  { value: 'MEDICAL', label: 'allergy' },
]

export const CATEGORIES: { value: Category; label: string }[] = [
  { value: 'MEAT', label: 'Meat' },
  { value: 'SEAFOOD', label: 'Seafood' },
  { value: 'BALLS', label: 'Balls and cakes' },
  { value: 'TOFU', label: 'Tofu, bean and egg' },
  { value: 'MUSHROOMS', label: 'Mushrooms' },
  { value: 'LEAVES', label: 'Leaves' },
  { value: 'ROOTS', label: 'Roots' },
  { value: 'VEGETABLES', label: 'Quick vegetables' },
  { value: 'STARCH', label: 'Noodles and starch' },
]

/** How a guest takes a sauce. */
export const SAUCE_USES: { value: Catalogue['sauces'][number]['use']; label: string }[] = [
  { value: 'DIP', label: 'a bowl each' },
  { value: 'DRIZZLE', label: 'a drizzle' },
  { value: 'SQUEEZE', label: 'a squeeze' },
  { value: 'PINCH', label: 'a pinch' },
  { value: 'DROP', label: 'a few drops' },
]

export const TRAITS: { value: Ingredient['traits'][number]; label: string }[] = [
  { value: 'PORK', label: 'pork' },
  { value: 'BEEF', label: 'beef' },
  { value: 'ALCOHOL', label: 'alcohol' },
  { value: 'MEDICINAL_HERB', label: 'medicinal herbs' },
]

export const ORIGINS: { value: Ingredient['origin']; label: string }[] = [
  { value: 'PLANT', label: 'plants' },
  { value: 'EGG', label: 'egg' },
  { value: 'MILK', label: 'milk' },
  { value: 'FISH', label: 'fish' },
  { value: 'MEAT', label: 'meat' },
]

export const RAW_RISKS: { value: Cut['rawRisk']; label: string }[] = [
  { value: 'NONE', label: 'not raw' },
  { value: 'WHOLE_CUT', label: 'raw whole cut' },
  { value: 'MINCED', label: 'raw mince' },
  { value: 'POULTRY', label: 'raw poultry' },
  { value: 'FILLED', label: 'raw filling' },
  { value: 'FISH', label: 'raw fish' },
  { value: 'SHELLFISH', label: 'raw shellfish' },
]

export function labelOf<T>(words: { value: T; label: string }[], value: T): string {
  return words.find((word) => word.value === value)?.label ?? String(value)
}

export const needLabel = (kind: Need['kind']): string => labelOf(NEEDS, kind)

const NUMBERS = [
  'Nobody',
  'One',
  'Two',
  'Three',
  'Four',
  'Five',
  'Six',
  'Seven',
  'Eight',
  'Nine',
  'Ten',
  'Eleven',
  'Twelve',
]

/** @example numberWord(9) // 'Nine' */
export const numberWord = (count: number): string => NUMBERS[count] ?? String(count)
