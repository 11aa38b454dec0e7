/** What moving one drop would come to, read from the plan with it and the one without. Pure functions. */

import type { Brief, Drop, Plan } from '@/api/types'
import { inTurns, putIn } from '@/table/stays'
import { shortName } from './chart'

type Pin = Brief['decisions']['drops'][number]

/** The pins with this one in place of any the drop had. */
export const pinsWith = (pins: Pin[], drop: Drop, minute: number, toSide = drop.side): Pin[] => [
  ...pinsWithout(pins, drop),
  { cut: drop.cut, side: drop.homeSide, batch: drop.batch, toSide, minute },
]

export const pinsWithout = (pins: Pin[], drop: Drop): Pin[] =>
  pins.filter((pin) => pin.cut !== drop.cut || pin.side !== drop.homeSide || pin.batch !== drop.batch)

/** Another drop that goes in at another time [s from sitting down]. */
export interface Moved {
  id: string
  name: string
  from: number
  to: number
}

/** What changes less nobody sees on the chart [s]. */
const SEEN = 60

/** What moves besides the drop itself, the furthest first. */
export function movedBy(drop: Drop, before: Plan, after: Plan): Moved[] {
  const now = new Map(after.table.drops.map((one) => [one.id, putIn(one)]))
  return before.table.drops
    .filter((one) => one.id !== drop.id && !inTurns(one))
    .map((one) => ({ id: one.id, name: shortName(one), from: putIn(one), to: now.get(one.id) ?? putIn(one) }))
    .filter((one) => Math.abs(one.to - one.from) >= SEEN)
    .sort((a, b) => Math.abs(b.to - b.from) - Math.abs(a.to - a.from) || a.id.localeCompare(b.id))
}

/** What the plan cannot give any more once the drop has moved. */
export function brokenBy(before: Plan, after: Plan): string[] {
  const known = new Set(before.unmet.map((unmet) => unmet.text))
  return after.unmet.map((unmet) => unmet.text).filter((text) => !known.has(text))
}

/** An aim so much further off than before is worth a word [1]. */
const WORSE = 0.1

/** Aims that are missed, and by more than before, each as one says it. */
export function worseBy(before: Plan, after: Plan): string[] {
  const was = new Map(before.table.score.map((term) => [term.term, term.value / term.aim]))
  return after.table.score
    .map((term) => ({
      ...term,
      part: term.value / term.aim,
      more: term.value / term.aim - (was.get(term.term) ?? 0),
    }))
    .filter((term) => term.part > 1 && term.more > WORSE)
    .sort((a, b) => b.more * b.weight - a.more * a.weight)
    .map((term) => term.text)
}
