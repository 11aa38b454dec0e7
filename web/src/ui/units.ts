/** What the page itself adds up or measures, in the words of the kitchen's units; all else the server writes. */

import type { Brief } from '@/api/types'

type Units = Brief['units']

const OUNCE_G = 28.349523125
const QUART_ML = 946.352946

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
