/** The shopping lists as the page shows them: by trip and aisle, with what is left in each. Pure. */

import type { Line, Plan } from '@/api/types'

type Trip = Plan['purchases']['trips'][number]

export interface AisleList {
  aisle: string
  left: number
  lines: Line[]
}

export interface TripList extends Trip {
  left: number
  aisles: AisleList[]
  soldOut: Plan['purchases']['soldOut']
}

const leftOf = (lines: Line[]) => lines.filter((line) => !line.boughtEvent).length

export function tripLists(plan: Plan): TripList[] {
  return plan.purchases.trips.map((trip) => ({
    ...trip,
    left: leftOf(trip.lines),
    aisles: [...new Set(trip.lines.map((line) => line.aisle))].map((aisle) => {
      const lines = trip.lines.filter((line) => line.aisle === aisle)
      return { aisle, left: leftOf(lines), lines }
    }),
    soldOut: plan.purchases.soldOut.filter((offer) => offer.shop === trip.shop),
  }))
}

/** The server takes no price above this [cents]. */
const MOST_CENTS = 1_000_000

/**
 * Whole cents from what somebody types; undefined when it is no price.
 * @example cents('3,49') === 349
 */
export function cents(text: string): number | undefined {
  const trimmed = text
    .trim()
    .replace(/^[€$£]\s*/, '')
    .replace(',', '.')
  if (!/^\d{1,5}(\.\d{1,2})?$/.test(trimmed)) return undefined
  const whole = Math.round(Number(trimmed) * 100)
  return whole <= MOST_CENTS ? whole : undefined
}
