/** The geometry of the table sequence: sides as bands, drops as lenses on lanes, bites as beads. Pure functions. */

import type { Drop } from '@/api/types'

export interface Scale {
  from: number
  to: number
  left: number
  right: number
}

/** Screen position of a second of the evening. */
export const toX = (scale: Scale, second: number): number =>
  scale.left + ((second - scale.from) / (scale.to - scale.from)) * (scale.right - scale.left)

/** The second at a screen position; the inverse of {@link toX}. */
export const toSecond = (scale: Scale, x: number): number =>
  scale.from + ((x - scale.left) / (scale.right - scale.left)) * (scale.to - scale.from)

/** A drop with the lane of its band it is drawn on. */
export interface Lens {
  drop: Drop
  lane: number
}

const LABEL_WIDTH_PER_LETTER = 6.4

/** Lanes so that no lens or label covers another: each drop takes the first lane that is free where it begins. */
export function lanes(drops: Drop[], scale: Scale): { lenses: Lens[]; count: number } {
  const free: number[] = []
  const lenses = [...drops]
    .sort((a, b) => a.putIn - b.putIn || a.id.localeCompare(b.id))
    .map((drop) => {
      const start = toX(scale, drop.putIn)
      const end =
        Math.max(toX(scale, tailEnd(drop)), start + shortName(drop).length * LABEL_WIDTH_PER_LETTER) + 8
      let lane = free.findIndex((until) => until <= start)
      if (lane < 0) lane = free.length
      free[lane] = end
      return { drop, lane }
    })
  return { lenses, count: Math.max(1, free.length) }
}

/** A long-forgiving thing is drawn a while past its take-out, not for its whole forgiving time. */
const TAIL_SECONDS = 150
export const tailEnd = (drop: Drop): number =>
  Math.min(drop.takeOut + TAIL_SECONDS, Math.max(drop.takeOut + 30, drop.overcooked))

/** The name without its cut, for the chart. */
export const shortName = (drop: Drop): string => drop.name.split(',')[0] ?? drop.name

/** Where a drop's name begins: at its put-in, or earlier where it would run over the right edge. */
export const labelX = (scale: Scale, drop: Drop): number =>
  Math.min(toX(scale, drop.putIn), scale.right - shortName(drop).length * LABEL_WIDTH_PER_LETTER)

/** The body of a lens: pointed at ready, widest at take-out, pointed where it declines. */
export function lensPath(scale: Scale, drop: Drop, y: number, half: number): string {
  const a = toX(scale, Math.min(drop.ready, drop.takeOut))
  const b = Math.max(toX(scale, tailEnd(drop)), a + 10)
  const middle = (a + b) / 2
  return `M${a} ${y}Q${middle} ${y - 2 * half} ${b} ${y}Q${middle} ${y + 2 * half} ${a} ${y}Z`
}

/** Whole tens of minutes inside the scale, where ticks stand. */
export function ticks(mealSeconds: number): number[] {
  return Array.from({ length: Math.floor(mealSeconds / 600) + 1 }, (_, i) => i * 600)
}
