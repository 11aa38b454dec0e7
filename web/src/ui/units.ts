/** What the page itself adds up or measures, in the words of the kitchen's units; all else the server writes. */

import type { Brief } from '@/api/types'

type Units = Brief['units']

const OUNCE_G = 28.349523125
const QUART_ML = 946.352946
export const CUP_ML = QUART_ML / 4
const TABLESPOON_ML = CUP_ML / 16
const INCH_MM = 25.4

const to = (step: number, value: number) => Math.round(value / step) * step

/** @example weight('METRIC', 63) // '65 g' */
export function weight(units: Units, grams: number): string {
  if (units === 'METRIC') return `${grams < 20 ? Math.round(grams) : to(5, grams)} g`
  const ounces = grams / OUNCE_G
  return `${Number((ounces < 1 ? ounces : to(0.25, ounces)).toFixed(2))} oz`
}

/** @example degrees('METRIC', 97.84) // '97.8 °C' */
export const degrees = (units: Units, celsius: number): string =>
  units === 'METRIC' ? `${celsius.toFixed(1)} °C` : `${Math.round(celsius * 1.8 + 32)} °F`

/** What is in a pot. @example broth('METRIC', 1430) // '1.45 l' */
export const broth = (units: Units, ml: number): string =>
  units === 'METRIC' ? `${Number(to(0.05, ml / 1000).toFixed(2))} l` : `${(ml / QUART_ML).toFixed(1)} qt`

/** A temperature on an axis. @example wholeDegrees('US', 100) // '212 °F' */
export const wholeDegrees = (units: Units, celsius: number): string =>
  units === 'METRIC' ? `${Math.round(celsius)} °C` : `${Math.round(celsius * 1.8 + 32)} °F`

/** @example length('US', 2) // '0.08 in' */
export const length = (units: Units, mm: number): string =>
  units === 'METRIC' ? `${Number(mm.toFixed(2))} mm` : `${Number((mm / INCH_MM).toFixed(2))} in`

/** A small amount of liquid. @example liquid('US', 60) // '¼ cup' */
export function liquid(units: Units, ml: number): string {
  if (units === 'METRIC') return `${Math.round(ml)} ml`
  const quarters = Math.round(ml / (CUP_ML / 4))
  if (quarters === 0) return `${Math.round(ml / TABLESPOON_ML)} tbsp`
  const rest = ['', '¼', '½', '¾'][quarters % 4]
  return `${quarters >= 4 ? Math.floor(quarters / 4) : ''}${rest} ${quarters > 4 ? 'cups' : 'cup'}`
}

/** A weight in a column headed by its unit. @example shownGrams('US', 100) // 3.5 */
export const shownGrams = (units: Units, grams: number): number =>
  units === 'METRIC' ? Math.round(grams) : Number((grams / OUNCE_G).toFixed(1))

export type Measure = 'weight' | 'length' | 'volume'

/** What is typed into fields: the unit beside it, the figure that stands there, and what it means in g, mm, ml. */
export const typed: Record<
  Measure,
  {
    unit: Record<Units, string>
    of: (units: Units, si: number) => number
    si: (units: Units, typed: number) => number
  }
> = {
  weight: inUnits('g', 'oz', OUNCE_G),
  length: inUnits('mm', 'in', INCH_MM),
  volume: inUnits('ml', 'qt', QUART_ML),
}

function inUnits(metric: string, us: string, perUs: number): (typeof typed)[Measure] {
  return {
    unit: { METRIC: metric, US: us },
    of: (units, si) => (units === 'METRIC' ? si : Number((si / perUs).toFixed(2))),
    si: (units, given) => (units === 'METRIC' ? given : Math.round(given * perUs)),
  }
}
