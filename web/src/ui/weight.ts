/** Weights that the page adds up itself, as the server writes them. */

import type { Brief } from '@/api/types'

const OUNCE_G = 28.349523125

const to = (step: number, value: number) => Math.round(value / step) * step

/** @example weight('METRIC', 63) // '65 g' */
export function weight(units: Brief['units'], grams: number): string {
  if (units === 'METRIC') return `${grams < 20 ? Math.round(grams) : to(5, grams)} g`
  const ounces = grams / OUNCE_G
  return `${Number((ounces < 1 ? ounces : to(0.25, ounces)).toFixed(2))} oz`
}
