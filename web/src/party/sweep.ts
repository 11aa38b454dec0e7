import type { Brief, Catalogue } from '@/api/types'
import { DAY_MS, localMs, localText } from '@/ui/time'

const ids = (entities: { id: string }[] | undefined) => new Set((entities ?? []).map((entity) => entity.id))

/** The server refuses times further from the party. */
const FURTHEST_DAYS = 42

/** A broth everybody may have takes the place of one that is gone. */
const PLAIN_BROTH = 'kelp-water'

/** What the household had of its own and has no longer. */
interface Gone {
  ingredients: Set<string>
  cuts: Set<string>
  broths: Set<string>
}

/**
 * Takes out of a brief whatever refers to something that is no longer there, so that the server accepts it: after a
 * removal, and after a merge in which somebody else removed what an edit of ours refers to. Changes the draft in place.
 *
 * @param earlier briefs it came from
 * @example
 * draft.guests = []
 * sweep(draft, [before], catalogue) // no pins, splashes or reach of theirs are left
 */
export function sweep(draft: Brief, earlier: Brief[], catalogue: Catalogue): void {
  const gone = goneOf(draft, earlier, catalogue)
  const isIngredient = (id: string) => !gone.ingredients.has(id)
  const isCut = (id: string) => !gone.cuts.has(id)
  draft.menu = draft.menu.filter((item) => isCut(item.cut))
  draft.pantry = draft.pantry.filter((item) => isIngredient(item.ingredient))
  draft.guests.forEach((guest) => (guest.wishes = guest.wishes.filter((wish) => isCut(wish.cut))))
  sweepBroths(draft, gone.broths, isIngredient)
  sweepPrices(draft, isIngredient)
  sweepPots(draft)
  sweepTable(draft, isCut)
  sweepDecisions(draft, isCut, isIngredient)
  sweepTimes(draft)
}

/** After the party was moved: a trip far from it is the day before, and what cooks do weeks away is nothing to it. */
function sweepTimes(draft: Brief): void {
  const sitDown = localMs(draft.sitDown)
  const isNear = (local: string) => Math.abs(localMs(local) - sitDown) < FURTHEST_DAYS * DAY_MS
  for (const shop of draft.shops) {
    if (!isNear(shop.tripAt)) shop.tripAt = localText(sitDown - DAY_MS).slice(0, 10) + shop.tripAt.slice(10)
  }
  for (const cook of draft.cooks) {
    cook.busy = cook.busy?.filter((away) => isNear(away.from) && isNear(away.until))
  }
}

function goneOf(draft: Brief, earlier: Brief[], catalogue: Catalogue): Gone {
  const builtIn = ids(catalogue.ingredients)
  const own = draft.ownIngredients ?? []
  const before = earlier.flatMap((brief) => brief.ownIngredients ?? [])
  const cutsOf = (items: typeof own) => items.filter((item) => item.cut).map((item) => `${item.id}.own`)
  const has = new Set(own.map((item) => item.id))
  const hasCuts = new Set(cutsOf(own))
  const broths = ids(draft.ownBroths)
  return {
    ingredients: new Set(before.map((item) => item.id).filter((id) => !has.has(id) && !builtIn.has(id))),
    cuts: new Set(cutsOf(before).filter((id) => !hasCuts.has(id))),
    broths: new Set(earlier.flatMap((brief) => [...ids(brief.ownBroths)]).filter((id) => !broths.has(id))),
  }
}

function sweepBroths(draft: Brief, goneBroths: Set<string>, isIngredient: (id: string) => boolean): void {
  const empty = new Set(goneBroths)
  for (const broth of draft.ownBroths ?? []) {
    broth.parts = broth.parts.filter((part) => isIngredient(part.ingredient))
    if (broth.parts.length === 0) empty.add(broth.id)
  }
  draft.ownBroths = draft.ownBroths?.filter((broth) => !empty.has(broth.id))
  for (const side of draft.pots.flatMap((pot) => pot.sides)) {
    if (empty.has(side.broth)) side.broth = PLAIN_BROTH
  }
}

function sweepPrices(draft: Brief, isIngredient: (id: string) => boolean): void {
  const shops = ids(draft.shops)
  draft.prices.offers = draft.prices.offers.filter(
    (offer) => isIngredient(offer.ingredient) && shops.has(offer.shop),
  )
  const offers = ids(draft.prices.offers)
  draft.prices.deals = draft.prices.deals?.filter((deal) => offers.has(deal.offer))
}

function sweepPots(draft: Brief): void {
  const guests = ids(draft.guests)
  const circuits = ids(draft.kitchen?.circuits)
  for (const pot of draft.pots) {
    const reach = pot.reachedBy?.filter((guest) => guests.has(guest))
    // whoever alone reached it is gone: nobody has said who reaches it
    if (pot.reachedBy?.length) pot.reachedBy = reach?.length ? reach : undefined
    if (pot.heat?.circuit && !circuits.has(pot.heat.circuit)) pot.heat.circuit = undefined
  }
}

function sweepTable(draft: Brief, isCut: (id: string) => boolean): void {
  const sides = ids(draft.pots.flatMap((pot) => pot.sides))
  const menu = new Set(draft.menu.map((item) => item.cut))
  const people = new Set([...ids(draft.guests), ...ids(draft.cooks)])
  for (const item of draft.menu) {
    const left = item.inSides?.filter((side) => sides.has(side))
    if (item.inSides) item.inSides = left?.length ? left : undefined
    if (item.with && !menu.has(item.with)) item.with = undefined
  }
  for (const guest of draft.guests) {
    if (guest.favouriteSide && !sides.has(guest.favouriteSide)) guest.favouriteSide = undefined
  }
  if (draft.ending?.side && !sides.has(draft.ending.side)) draft.ending.side = undefined
  draft.minders = draft.minders?.filter((minder) => people.has(minder))
  for (const course of draft.courses ?? []) course.cuts = course.cuts.filter(isCut)
  draft.courses = draft.courses?.filter((course) => course.kinds.length > 0 || course.cuts.length > 0)
  if (draft.order === 'OWN' && !draft.courses?.length) draft.order = 'ALL_ALONG'
}

function sweepDecisions(
  draft: Brief,
  isCut: (id: string) => boolean,
  isIngredient: (id: string) => boolean,
): void {
  const decisions = draft.decisions
  const guests = ids(draft.guests)
  const pots = ids(draft.pots)
  const sides = ids(draft.pots.flatMap((pot) => pot.sides))
  const cooks = ids(draft.cooks)
  const offers = ids(draft.prices.offers)
  decisions.portions = decisions.portions.filter((pin) => guests.has(pin.guest) && isCut(pin.cut))
  decisions.drops = decisions.drops.filter(
    (pin) => isCut(pin.cut) && sides.has(pin.side) && sides.has(pin.toSide),
  )
  decisions.splashes = decisions.splashes.filter((choice) => guests.has(choice.guest) && pots.has(choice.pot))
  decisions.offers = decisions.offers.filter((pin) => isIngredient(pin.ingredient) && offers.has(pin.offer))
  decisions.trades = decisions.trades?.filter((trade) => isCut(trade.shortOf) && isCut(trade.by))
  decisions.tasks = decisions.tasks
    .map((pin) => (pin.cook && !cooks.has(pin.cook) ? { ...pin, cook: undefined } : pin))
    .filter((pin) => pin.cook !== undefined || pin.minutes !== undefined || pin.minutesBefore !== undefined)
}
