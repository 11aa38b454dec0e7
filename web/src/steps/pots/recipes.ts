/** The household's own broths: written, copied, taken in, and found among all there are. Pure. */

import type { Brief, Broth, BrothChoice, OwnBroth, RecipePreview } from '@/api/types'

/** Puts a recipe into the brief; ingredients known by now are not put in twice. */
export const takeRecipe = (preview: RecipePreview) => (draft: Brief) => {
  const known = new Set((draft.ownIngredients ?? []).map((item) => item.id))
  draft.ownIngredients = [
    ...(draft.ownIngredients ?? []),
    ...preview.ingredients.filter((item) => !known.has(item.id)),
  ]
  draft.ownBroths = [...(draft.ownBroths ?? []).filter((b) => b.id !== preview.broth.id), preview.broth]
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

/** As a schema.org Recipe, so that it is read like one from a file. */
export const asRecipe = (typed: Typed) => ({
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: typed.name.trim(),
  recipeYield: typed.makes.trim(),
  recipeIngredient: lines(typed.parts),
  recipeInstructions: lines(typed.steps).map((text) => {
    const minutes = minutesIn(text)
    return { '@type': 'HowToStep', text, ...(minutes ? { performTime: `PT${minutes}M` } : {}) }
  }),
})

/** A broth of the catalogue as one of our own, by the litre. */
export const copyOf = (broth: Broth, id: string): OwnBroth => ({
  id,
  name: `${broth.name}, our way`,
  makesMl: 1000,
  saltPercent: broth.saltPercent,
  heat: broth.heat,
  source: broth.source,
  waterMl: broth.waterMlPerLitre,
  base: broth.base && { broth: broth.base.broth, ml: broth.base.mlPerLitre },
  parts: broth.parts.map(({ ingredient, gramsPerLitre, scaling, pieceGrams }) => ({
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
