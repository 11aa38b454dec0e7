/** The shopping lists as the page shows them: by trip and aisle, with what is left in each. Pure. */

import type { Brief, Line, Plan } from '@/api/types'
import { freshId } from '@/party/edits'
import { DAY_MS, localMs, localText } from '@/ui/time'

const HALF_HOUR_MS = 1_800_000
const QUARTER_MS = 900_000

type Shop = Brief['shops'][number]
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

/** The price of a line as it was paid that day: its offer's, or a first offer of what had none. */
export const paidFor =
  (line: Line, shop: string, grams: number, priceCents: number, asOf: string) => (draft: Brief) => {
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
        asOf,
      })
      return
    }
    offer.asOf = asOf
    if (offer.priceCents === undefined) offer.priceCentsPerKg = Math.round((priceCents / grams) * 1000)
    else offer.priceCents = Math.round(priceCents / line.count)
  }

/** All shops on one way, an hour each, beginning when this one was planned; nobody goes anywhere twice. */
export const inOneTrip = (shop: string) => (draft: Brief) => {
  const first = draft.shops.find(({ id }) => id === shop)
  if (!first) return
  const others = draft.shops.filter(({ id }) => id !== shop).sort((a, b) => a.tripAt.localeCompare(b.tripAt))
  const begin = localMs(first.tripAt)
  others.forEach((other, i) => (other.tripAt = localText(begin + (i + 1) * 2 * HALF_HOUR_MS)))
  for (const shop of draft.shops) shop.againAt = undefined
}

/** A second trip begins then, where the shop does not say that it opens later. */
const MORNING = '10:00:00'

/**
 * When one goes a second time: the last morning before sitting down on which a shop opens, else an hour and a half after
 * the first trip; undefined where that is too near to sitting down, or the shop is closed.
 */
export function secondTrip(brief: Brief, shop: Shop): string | undefined {
  const first = shop.tripAt.slice(0, 10)
  const time = shop.opens && shop.opens > MORNING ? shop.opens : MORNING
  let day = brief.sitDown.slice(0, 10)
  while (day > first) {
    const at = `${day}T${time}`
    if (!shop.closedOn.includes(dayOf(day)) && at < brief.sitDown) return at
    day = localText(localMs(`${day}T00:00:00`) - DAY_MS).slice(0, 10)
  }
  const soon = localText(localMs(shop.tripAt) + 3 * HALF_HOUR_MS)
  const last = localText(localMs(brief.sitDown) - 2 * HALF_HOUR_MS)
  const isClosed = shop.closes !== undefined && soon.slice(11) > shop.closes
  return soon > last || isClosed ? undefined : soon
}

/**
 * The next quarter of an hour at which somebody can shop there today; undefined once it closes, or is closed today.
 *
 * @param now on the scale of `localMs` [ms]
 */
export function todayAt(shop: Shop, now: number): string | undefined {
  const soon = Math.ceil((now + QUARTER_MS) / QUARTER_MS) * QUARTER_MS
  const day = localText(now).slice(0, 10)
  const opens = shop.opens ? localMs(`${day}T${shop.opens}`) : soon
  const last = shop.closes ? localMs(`${day}T${shop.closes}`) - HALF_HOUR_MS : localMs(`${day}T23:00:00`)
  const at = Math.max(soon, opens)
  const isClosed = shop.closedOn.includes(dayOf(day))
  return isClosed || at > last ? undefined : localText(at)
}

type Day = Shop['closedOn'][number]
const DAYS: Day[] = ['SUNDAY', 'MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY']
const dayOf = (date: string) => DAYS[new Date(`${date}T00:00:00Z`).getUTCDay()] as Day

type Deal = Brief['prices']['deals'][number]

/** A deal in the host's words. @example dealText({ id: 'd', offer: 'o', take: 3, pay: 2 }) // '3 for 2' */
export const dealText = ({ take, pay, spendCents }: Deal): string =>
  spendCents === undefined ? `${take} for ${pay}` : `one free from ${(spendCents / 100).toFixed(2)}`

/** One more deal on an offer. */
export const addDeal = (deal: Omit<Deal, 'id'>) => (draft: Brief) => {
  const deals = draft.prices.deals
  draft.prices.deals = [...deals, { ...deal, id: freshId('deal', deals) }]
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
