/** What a drop's stays say of it as a whole; seconds from sitting down. */

import type { Drop } from '@/api/types'

/** The stays in a broth, without those on a hot plate before. */
export const inBroth = (drop: Drop): Drop['stays'] => drop.stays.filter((stay) => !stay.plate)

/** What is browned on the plate before it slides in with this stay. */
export const plateOf = (drop: Drop, stay: Drop['stays'][number]) =>
  drop.stays.find((plate) => plate.plate && plate.takeOut === stay.putIn)

/** Each eater has turns at it: dips it, or browns it on a plate first. */
export const inTurns = (drop: Drop): boolean => drop.tending === 'DIP' || drop.tending === 'PLATE'

export const putIn = (drop: Drop): number => Math.min(...inBroth(drop).map((stay) => stay.putIn))
export const takeOut = (drop: Drop): number => Math.max(...inBroth(drop).map((stay) => stay.takeOut))

/** What stays good so long is left in the broth, and its eaters fish it out [s]. */
const FORGIVING = 300

/** Eaters take it out, each in their own time. */
export const isFished = (drop: Drop): boolean =>
  drop.tending === 'SHARED' &&
  !drop.lifted &&
  inBroth(drop).every((stay) => stay.bestUntil - stay.ready >= FORGIVING)

/** What everybody gets of it: pieces, or none of what goes by weight; and when the first of it comes out. */
export function shares(drop: Drop): { guest: string; pieces: number; from: number }[] {
  const found = new Map<string, { guest: string; pieces: number; from: number }>()
  for (const stay of inBroth(drop)) {
    for (const { guest, pieces } of stay.servings) {
      const own = found.get(guest) ?? { guest, pieces: 0, from: stay.takeOut }
      own.pieces += pieces
      own.from = Math.min(own.from, stay.takeOut)
      found.set(guest, own)
    }
  }
  return [...found.values()]
}
