/** The shopping lists as the page shows them: by trip and aisle, with what is left in each. Pure. */

import type { Brief, Line, Plan } from '@/api/types'
import { freshId } from '@/party/edits'
import { DAY_MS, localMs, localText } from '@/ui/time'

const HALF_HOUR_MS = 1_800_000
const QUARTER_MS = 900_000

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

/**
 * When one goes to a shop nobody has said more of: the evening before, or where that is over in half an hour, no later
 * than an hour before sitting down.
 * @param now on the scale of `localMs` [ms]
 */
export function nextTrip(brief: Brief, now: number): string {
  const sitDown = localMs(brief.sitDown)
  const before = localMs(`${localText(sitDown - DAY_MS).slice(0, 10)}T18:00:00`)
  const soon = Math.ceil((now + HALF_HOUR_MS) / QUARTER_MS) * QUARTER_MS
  return localText(before >= now ? before : Math.min(soon, sitDown - 2 * HALF_HOUR_MS))
}

/** The price of a line as it was paid: its offer's, or a first offer of what had none. */
export const paidFor = (line: Line, shop: string, grams: number, priceCents: number) => (draft: Brief) => {
  const offer = draft.prices.offers.find(({ id }) => id === line.offer)
  if (!offer || Math.round(grams) !== Math.round(line.grams)) {
    const id = freshId(`own-${line.ingredient}`, draft.prices.offers)
    draft.prices.offers.push({
      id,
      shop,
      ingredient: line.ingredient,
      name: line.name,
      grams: Math.round(grams),
      priceCents,
    })
  } else if (offer.priceCents === undefined) {
    offer.priceCentsPerKg = Math.round((priceCents / grams) * 1000)
  } else {
    offer.priceCents = Math.round(priceCents / line.count)
  }
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
