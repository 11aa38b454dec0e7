/** The words of the trade for what a brief stores as constants. */

import type { Catalogue, Category, Cook, Cut, Guest, Ingredient, Need } from '@/api/types'

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

export const NEEDS: { value: Need['kind']; label: string }[] = [
  { value: 'VEGAN', label: 'vegan' },
  { value: 'VEGETARIAN', label: 'vegetarian' },
  { value: 'NO_PORK', label: 'no pork' },
  { value: 'NO_BEEF', label: 'no beef' },
  { value: 'NO_ALCOHOL', label: 'no alcohol' },
  { value: 'PREGNANT', label: 'pregnant' },
  { value: 'SMALL_CHILD', label: 'small child' },
  { value: 'IMMUNE_WEAK', label: 'weak immunity' },
  { value: 'LOW_SALT', label: 'low salt' },
  { value: 'GLUTEN', label: 'no gluten' },
  { value: 'CRUSTACEANS', label: 'no crustaceans' },
  { value: 'MOLLUSCS', label: 'no molluscs' },
  { value: 'FISH', label: 'no fish' },
  { value: 'EGGS', label: 'no eggs' },
  { value: 'MILK', label: 'no milk' },
  { value: 'SOYBEANS', label: 'no soy' },
  { value: 'PEANUTS', label: 'no peanuts' },
  { value: 'NUTS', label: 'no tree nuts' },
  { value: 'SESAME', label: 'no sesame' },
  { value: 'CELERY', label: 'no celery' },
  { value: 'MUSTARD', label: 'no mustard' },
  { value: 'SULPHITES', label: 'no sulphites' },
  { value: 'LUPIN', label: 'no lupin' },
]

/** Needs for which a splash may matter, so that strength is asked for. */
export const ALLERGENS = NEEDS.slice(9).map((need) => need.value)

export const SKILLS: { value: NonNullable<Cook['skills']>[number]; label: string }[] = [
  { value: 'KNIFE', label: 'sharp knife' },
  { value: 'RAW_FOOD', label: 'raw meat and fish' },
  { value: 'STOVE', label: 'hot stove' },
]

/** Needs that keep somebody safe, and are what they are: neither a dislike nor an allergy. */
export const DELICATE: Need['kind'][] = ['PREGNANT', 'SMALL_CHILD', 'IMMUNE_WEAK']

export const STRENGTHS: { value: Need['strength']; label: string }[] = [
  { value: 'DISLIKE', label: 'dislike' },
  { value: 'DIET', label: 'diet' },
  { value: 'MEDICAL', label: 'allergy' },
]

export const LIKINGS: { value: Guest['wishes'][number]['liking']; label: string }[] = [
  { value: 'LOVE', label: 'loves' },
  { value: 'LIKE', label: 'likes' },
  { value: 'IF_NEED_BE', label: 'if need be' },
  { value: 'NEVER', label: 'never' },
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

export const DONENESSES: { value: NonNullable<Guest['wishes'][number]['doneness']>; label: string }[] = [
  { value: 'PINK', label: 'pink inside' },
  { value: 'JUST_DONE', label: 'just done' },
  { value: 'WELL_DONE', label: 'well done' },
]

export const EXTRA_KINDS: { value: Catalogue['extras'][number]['kind']; label: string }[] = [
  { value: 'STARTER', label: 'Starters' },
  { value: 'PICKLE', label: 'Pickles' },
  { value: 'HERB', label: 'Herbs' },
  { value: 'WRAP', label: 'Wraps' },
  { value: 'DRINK', label: 'Drinks' },
]

/** How a guest takes a sauce. */
export const SAUCE_USES: { value: Catalogue['sauces'][number]['use']; label: string }[] = [
  { value: 'DIP', label: 'a bowl each' },
  { value: 'DRIZZLE', label: 'a drizzle' },
  { value: 'SQUEEZE', label: 'a squeeze' },
  { value: 'PINCH', label: 'a pinch' },
  { value: 'DROP', label: 'a few drops' },
]

export const AISLES: { value: Ingredient['aisle']; label: string }[] = [
  { value: 'DRY', label: 'Dry goods' },
  { value: 'SAUCES', label: 'Sauces and spices' },
  { value: 'DRINKS', label: 'Drinks' },
  { value: 'PRODUCE', label: 'Fruit and vegetables' },
  { value: 'CHILLED', label: 'Chilled' },
  { value: 'MEAT', label: 'Meat counter' },
  { value: 'FISH', label: 'Fish counter' },
  { value: 'FROZEN', label: 'Frozen' },
]

export const ALLERGEN_NAMES: { value: Ingredient['allergens'][number]; label: string }[] = [
  { value: 'GLUTEN', label: 'gluten' },
  { value: 'CRUSTACEANS', label: 'crustaceans' },
  { value: 'MOLLUSCS', label: 'molluscs' },
  { value: 'FISH', label: 'fish' },
  { value: 'EGGS', label: 'eggs' },
  { value: 'MILK', label: 'milk' },
  { value: 'SOYBEANS', label: 'soy' },
  { value: 'PEANUTS', label: 'peanuts' },
  { value: 'NUTS', label: 'tree nuts' },
  { value: 'SESAME', label: 'sesame' },
  { value: 'CELERY', label: 'celery' },
  { value: 'MUSTARD', label: 'mustard' },
  { value: 'SULPHITES', label: 'sulphites' },
  { value: 'LUPIN', label: 'lupin' },
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
