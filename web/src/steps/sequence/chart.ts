/** The geometry of the table sequence: sides as bands, drops as lenses on lanes, bites as beads. Pure functions. */

import type { Drop } from '@/api/types'
import { putIn, takeOut } from '@/table/stays'

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

/** What is drawn as one lens: a drop, or dips of it that follow one another. */
export interface Piece {
  key: string
  drop: Drop
  putIn: number
  ready: number
  takeOut: number
  /** Where the lens ends. */ end: number
}

/** A piece with the lane of its band it is drawn on, and where its name begins. */
export interface Lens {
  piece: Piece
  lane: number
  labelX: number
}

const LABEL_WIDTH_PER_LETTER = 5.9
const BESIDE = 4
/** Dips closer than this are one lens. */
const ONE_AFTER_ANOTHER = 150
/** A long-forgiving thing is drawn a while past its take-out, not for its whole forgiving time. */
const TAIL_SECONDS = 150

/** A shared drop is one lens; dips are as many as there are spells of dipping. */
export function pieces(drop: Drop): Piece[] {
  const first = drop.stays[0]
  if (!first) return []
  if (drop.tending === 'SHARED') {
    const out = takeOut(drop)
    const end = Math.min(out + TAIL_SECONDS, Math.max(out + 30, first.overcooked))
    return [{ key: drop.id, drop, putIn: putIn(drop), ready: first.ready, takeOut: out, end }]
  }
  const found: Piece[] = []
  for (const stay of [...drop.stays].sort((a, b) => a.putIn - b.putIn)) {
    const last = found.at(-1)
    if (last && stay.putIn - last.takeOut <= ONE_AFTER_ANOTHER) {
      last.takeOut = Math.max(last.takeOut, stay.takeOut)
      last.end = last.takeOut + 30
    } else {
      const { putIn, ready, takeOut } = stay
      found.push({ key: `${drop.id}:${found.length}`, drop, putIn, ready, takeOut, end: takeOut + 30 })
    }
  }
  return found
}

/** Lanes so that no lens or label covers another: each takes the first lane that is free where it begins. */
export function lanes(all: Piece[], scale: Scale): { lenses: Lens[]; count: number } {
  const free: number[] = []
  const lenses = all
    .map((piece) => ({ piece, ...extent(piece, scale) }))
    .sort((a, b) => a.start - b.start || a.piece.key.localeCompare(b.piece.key))
    .map(({ piece, start, end, labelX }) => {
      let lane = free.findIndex((until) => until <= start)
      if (lane < 0) lane = free.length
      free[lane] = end + BESIDE
      return { piece, lane, labelX }
    })
  return { lenses, count: Math.max(1, free.length) }
}

/** From where to where a piece is drawn: its name stands behind it, or before it where it would run over the edge. */
function extent(piece: Piece, scale: Scale): { start: number; end: number; labelX: number } {
  const label = shortName(piece.drop).length * LABEL_WIDTH_PER_LETTER
  const start = toX(scale, piece.putIn)
  const end = Math.max(toX(scale, piece.end), toX(scale, Math.min(piece.ready, piece.takeOut)) + 10)
  return end + BESIDE + label <= scale.right
    ? { start, end: end + BESIDE + label, labelX: end + BESIDE }
    : { start: start - BESIDE - label, end, labelX: start - BESIDE - label }
}

/** The name without its cut, for the chart. */
export const shortName = (drop: Drop): string => drop.name.split(',')[0] ?? drop.name

/** The body of a lens: pointed at ready, widest at take-out, pointed where it declines. */
export function lensPath(scale: Scale, piece: Piece, y: number, half: number): string {
  const a = toX(scale, Math.min(piece.ready, piece.takeOut))
  const b = Math.max(toX(scale, piece.end), a + 10)
  const middle = (a + b) / 2
  return `M${a} ${y}Q${middle} ${y - 2 * half} ${b} ${y}Q${middle} ${y + 2 * half} ${a} ${y}Z`
}

/** Whole tens of minutes inside the scale, where ticks stand. */
export function ticks(mealSeconds: number): number[] {
  return Array.from({ length: Math.floor(mealSeconds / 600) + 1 }, (_, i) => i * 600)
}

/** Once so much of it is eaten nobody waits any more. */
const NEARLY_ALL = 0.9

/** From arriving to the first bite and from bite to bite, until nine tenths are eaten. */
export function waits(
  arrival: number,
  bites: { at: number; grams: number }[],
): { from: number; to: number }[] {
  const all = bites.reduce((sum, bite) => sum + bite.grams, 0)
  const found: { from: number; to: number }[] = []
  let eaten = 0
  let from = arrival
  for (const { at, grams } of bites) {
    if (eaten >= NEARLY_ALL * all) break
    found.push({ from, to: at })
    from = at
    eaten += grams
  }
  return found
}
