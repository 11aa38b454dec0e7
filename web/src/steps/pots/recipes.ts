/** The household's own broths: written, copied, taken in, and found among all there are. Pure. */

import { usual } from '@/api/parts'
import type { Brief, Broth, BrothChoice, OwnBroth, RecipePreview } from '@/api/types'

/** Puts a recipe into the brief; ingredients known by now are not put in twice. */
export const takeRecipe = (preview: RecipePreview) => (draft: Brief) => {
  const known = new Set(draft.ownIngredients.map((item) => item.id))
  draft.ownIngredients = [
    ...draft.ownIngredients,
    ...preview.ingredients.filter((item) => !known.has(item.id)),
  ]
  draft.ownBroths = [...draft.ownBroths.filter((b) => b.id !== preview.broth.id), preview.broth]
}

/** What is typed of a family recipe. */
export interface Typed {
  name: string
  /** "2 l" */
  makes: string
  /** One a line: "10 g kelp". */
  parts: string
  /** One a line: "Simmer 20 min". */
  steps: string
}

const lines = (text: string) =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)

/** Minutes told in a step. @example minutesIn('Simmer for 1 h 20 min') // 80 */
export function minutesIn(step: string): number | undefined {
  const hours = /(\d+(?:[.,]\d+)?)\s*h(?:ours?)?\b/i.exec(step)?.[1]
  const minutes = /(\d+)\s*min/i.exec(step)?.[1]
  const all = Number((hours ?? '0').replace(',', '.')) * 60 + Number(minutes ?? 0)
  return all > 0 ? Math.round(all) : undefined
}

const withoutAmount = (line: string) =>
  line.replace(/^[\d.,/½¼¾\s]*(?:(?:k?g|m?l|tbsp|tsp|oz|lb)\b)?\s*/i, '')

/** Nobody named it: as what goes in first beside water. @example nameFrom('15 g kelp') // 'Kelp broth' */
export function nameFrom(parts: string): string {
  const first = lines(parts)
    .map(withoutAmount)
    .find((name) => !/^(?:(?:cold|hot|boiling) )?water$/i.test(name))
  if (!first) return ''
  const name = /broth|stock/i.test(first) ? first : `${first} broth`
  return name.charAt(0).toUpperCase() + name.slice(1, 60)
}

/** As a schema.org Recipe, so that it is read like one from a file. */
export const asRecipe = (typed: Typed) => ({
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: typed.name.trim() || nameFrom(typed.parts),
  recipeYield: typed.makes.trim(),
  recipeIngredient: lines(typed.parts),
  recipeInstructions: lines(typed.steps).map((text) => {
    const minutes = minutesIn(text)
    return { '@type': 'HowToStep', text, ...(minutes ? { performTime: `PT${minutes}M` } : {}) }
  }),
})

const isOwn = (broth: Broth | OwnBroth): broth is OwnBroth => 'makesMl' in broth

/** A broth as another one of our own; one of the catalogue by the litre. */
export const copyOf = (broth: Broth | OwnBroth, id: string): OwnBroth =>
  isOwn(broth) ? { ...(JSON.parse(JSON.stringify(broth)) as OwnBroth), id } : copyOfKnown(broth, id)

const copyOfKnown = (broth: Broth, id: string): OwnBroth => ({
  id,
  name: `${broth.name}, our way`,
  makesMl: 1000,
  saltPercent: broth.saltPercent,
  heat: broth.heat,
  source: broth.source,
  waterMl: broth.waterMlPerLitre,
  base: broth.base && { broth: broth.base.broth, ml: broth.base.mlPerLitre },
  parts: broth.parts.map(({ ingredient, gramsPerLitre, scaling, pieceGrams }) => ({
    ...usual('OwnBrothOwnPart'),
    ingredient,
    grams: gramsPerLitre,
    scaling,
    pieceGrams,
  })),
  steps: broth.steps.map(({ text, minutes, minutesPerLitre, passive, at, caution }) => ({
    text,
    minutes,
    minutesPerLitre,
    passive,
    at,
    caution,
  })),
})

/** Something that makes a broth hotter, and what a litre takes of it for a step up. */
export interface Hotter {
  ingredient: string
  /** Grams, or drops of what is counted in drops. */
  perLitre: number
  drops: boolean
}

/** The amounts are from memory. */
export const HOTTER_BY: [Hotter, ...Hotter[]] = [
  { ingredient: 'chilli-oil', perLitre: 12, drops: false },
  { ingredient: 'chilli-flakes', perLitre: 4, drops: false },
  { ingredient: 'fermented-chilli-paste', perLitre: 20, drops: false },
  { ingredient: 'chilli-extract', perLitre: 2, drops: true },
]

/** A drop of 0.05 ml [g]. */
const DROP_GRAMS = 0.05

/** The same broth but hotter, seasoned apart from the rest of it. */
export function hotter(
  broth: Broth | OwnBroth,
  id: string,
  by: Hotter,
  perLitre: number,
  heat: OwnBroth['heat'],
): OwnBroth {
  const same: OwnBroth = broth.base
    ? copyOf(broth, id)
    : {
        ...usual('OwnBroth'),
        ...{ id, makesMl: 1000, saltPercent: broth.saltPercent, waterMl: 0, parts: [], steps: [] },
        ...{ name: '', source: broth.source, base: { broth: broth.id, ml: 1000 } },
      }
  const sort = { ...usual('OwnBrothOwnPart'), ingredient: by.ingredient }
  const part: OwnBroth['parts'][number] = by.drops
    ? { ...sort, grams: perLitre * DROP_GRAMS, pieceGrams: DROP_GRAMS }
    : { ...sort, grams: perLitre }
  const step: OwnBroth['steps'][number] = by.drops
    ? {
        ...usual('OwnBrothOwnStep'),
        text: 'Off the heat: half the drops, stir, taste after a minute; the rest only then',
        minutes: 3,
        passive: false,
        at: 'NONE',
        caution:
          'Extreme heat: gloves, drops only, out of children’s reach; this side is for who asked for it',
      }
    : {
        ...usual('OwnBrothOwnStep'),
        text: 'Season this side apart, taste',
        minutes: 2,
        passive: false,
        at: 'NONE',
      }
  return {
    ...same,
    ...{ name: `${broth.name}, hotter`.slice(0, 60), heat },
    parts: [...same.parts.filter((known) => known.ingredient !== part.ingredient), part],
    steps: [...same.steps, step],
  }
}

export interface ChoiceGroup {
  label: string
  choices: BrothChoice[]
}

const GROUPS: { label: string; has: (choice: BrothChoice) => boolean }[] = [
  { label: 'Your own', has: (choice) => choice.own },
  { label: 'Water that becomes broth', has: ({ source }) => source === 'WATER' },
  { label: 'From a packet', has: ({ source }) => source === 'PACKET' },
  { label: 'Ready-made stock', has: ({ source }) => source === 'STOCK' },
  { label: 'From scratch', has: ({ source }) => source === 'SCRATCH' },
]

/** By work, least first, of those whose words are asked for. */
export function grouped(choices: BrothChoice[], asked: string): ChoiceGroup[] {
  const words = asked.toLowerCase().split(/\s+/).filter(Boolean)
  const found = choices.filter(({ name, remark }) =>
    words.every((word) => `${name} ${remark}`.toLowerCase().includes(word)),
  )
  const groupOf = (choice: BrothChoice) => GROUPS.find(({ has }) => has(choice))
  return GROUPS.map((group) => ({
    label: group.label,
    choices: found.filter((choice) => groupOf(choice) === group).sort((a, b) => a.minutes - b.minutes),
  })).filter((group) => group.choices.length > 0)
}

/** "10 min of hands", "30 min of hands, 3 h in all" */
export function workOf({ handsMinutes, minutes }: BrothChoice): string {
  const hands = `${Math.max(1, Math.round(handsMinutes))} min of hands`
  return minutes > handsMinutes + 5 ? `${hands}, ${spent(minutes)} in all` : hands
}

const spent = (minutes: number) =>
  minutes < 90 ? `${Math.round(minutes / 5) * 5} min` : `${Math.round(minutes / 30) / 2} h`
