/** What a drop's stays say of it as a whole; seconds from sitting down. */

import type { Drop } from '@/api/types'

export const putIn = (drop: Drop): number => Math.min(...drop.stays.map((stay) => stay.putIn))
export const takeOut = (drop: Drop): number => Math.max(...drop.stays.map((stay) => stay.takeOut))

/** What stays good so long is left in the broth, and its eaters fish it out [s]. */
const FORGIVING = 300

/** Eaters take it out, each in their own time. */
export const isFished = (drop: Drop): boolean =>
  drop.tending === 'SHARED' && drop.stays.every((stay) => stay.bestUntil - stay.ready >= FORGIVING)

/** What everybody gets of it: pieces, or none of what goes by weight; and when the first of it comes out. */
export function shares(drop: Drop): { guest: string; pieces: number; from: number }[] {
  const found = new Map<string, { guest: string; pieces: number; from: number }>()
  for (const stay of drop.stays) {
    for (const { guest, pieces } of stay.servings) {
      const own = found.get(guest) ?? { guest, pieces: 0, from: stay.takeOut }
      own.pieces += pieces
      own.from = Math.min(own.from, stay.takeOut)
      found.set(guest, own)
    }
  }
  return [...found.values()]
}
