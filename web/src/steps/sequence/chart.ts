/** The geometry of the table sequence: sides as bands, drops as lenses on lanes, bites as beads. Pure functions. */

import type { Drop } from '@/api/types'
import { inBroth, inTurns, putIn, takeOut } from '@/table/stays'

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

/** What is drawn as one lens. */
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

const LABEL_WIDTH_PER_LETTER = 5.6
const BESIDE = 3
/** Dips closer than this are one spell. */
const ONE_AFTER_ANOTHER = 90
/** A long-forgiving thing is drawn a while past its take-out, not for its whole forgiving time. */
const TAIL_SECONDS = 150

/** What goes in once for somebody is one lens. */
export function piece(drop: Drop): Piece {
  const out = takeOut(drop)
  const overcooked = Math.max(...inBroth(drop).map((stay) => stay.overcooked))
  const end = Math.min(out + TAIL_SECONDS, Math.max(out + 30, overcooked))
  return {
    key: drop.id,
    drop,
    putIn: putIn(drop),
    ready: Math.min(...inBroth(drop).map((stay) => stay.ready)),
    takeOut: out,
    end,
  }
}

/** Dips that follow one another, whoever and whatever: a spell of dipping in a side. */
export interface Spell {
  key: string
  from: number
  to: number
  drops: Drop[]
}

/** The spells of dipping of a side, in order of time. */
export function spells(drops: Drop[]): Spell[] {
  const dips = drops
    .filter(inTurns)
    .flatMap((drop) => inBroth(drop).map((stay) => ({ drop, from: stay.putIn, to: stay.takeOut })))
    .sort((a, b) => a.from - b.from || a.drop.id.localeCompare(b.drop.id))
  const found: Spell[] = []
  for (const dip of dips) {
    const last = found.at(-1)
    if (last && dip.from - last.to <= ONE_AFTER_ANOTHER) {
      last.to = Math.max(last.to, dip.to)
      if (!last.drops.includes(dip.drop)) last.drops.push(dip.drop)
    } else {
      found.push({ key: `${dip.drop.id}:${found.length}`, from: dip.from, to: dip.to, drops: [dip.drop] })
    }
  }
  return found
}

/** "Beef rib-eye, lamb leg": what is dipped in a spell, each once. */
export const spellName = (spell: Spell): string =>
  [...new Set(spell.drops.map(shortName))]
    .map((name, i) => (i === 0 ? name : name.charAt(0).toLowerCase() + name.slice(1)))
    .join(', ')

/** A part of a name that is shorter tells nothing [letters]. */
const TELLING = 8

/** As much of a list of names as fits: whole names, or so much of the first that it tells something. */
export function fitting(text: string, width: number): string {
  const letters = Math.floor(width / LABEL_WIDTH_PER_LETTER)
  if (text.length <= letters) return text
  const whole = text.lastIndexOf(',', letters - 1)
  if (whole > 0) return `${text.slice(0, whole)}…`
  return letters < TELLING ? '' : `${text.slice(0, letters - 1).trimEnd()}…`
}

/**
 * What stands beside each of a side's spells: the name once for those in a row that are of the same, where it first fits,
 * or where there is most room for a part of it.
 *
 * @param rooms behind each
 */
export function spellLabels(all: Spell[], rooms: number[]): string[] {
  const names = all.map(spellName)
  const labels = all.map(() => '')
  for (let from = 0, to = 0; from < all.length; from = to) {
    const name = names[from] ?? ''
    while (to < all.length && names[to] === name) to++
    const own = rooms.slice(from, to)
    const first = own.findIndex((room) => fitting(name, room) === name)
    const at = first < 0 ? own.indexOf(Math.max(...own)) : first
    labels[from + at] = fitting(name, own[at] ?? 0)
  }
  return labels
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
  const label = labelOf(piece.drop).length * LABEL_WIDTH_PER_LETTER
  const start = toX(scale, piece.putIn)
  const end = Math.max(toX(scale, piece.end), toX(scale, Math.min(piece.ready, piece.takeOut)) + 10)
  return end + BESIDE + label <= scale.right
    ? { start, end: end + BESIDE + label, labelX: end + BESIDE }
    : { start: start - BESIDE - label, end, labelX: start - BESIDE - label }
}

/** The name without its cut, for the chart. */
export const shortName = (drop: Drop): string => drop.name.split(',')[0] ?? drop.name

/** The longest name that is written beside a lens, in letters. */
const LONGEST_LABEL = 15

/** The name as it stands beside its lens. */
export function labelOf(drop: Drop): string {
  const name = shortName(drop)
  return name.length <= LONGEST_LABEL ? name : `${name.slice(0, LONGEST_LABEL - 1).trimEnd()}…`
}

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

/** What lies in a bowl: it rises with a bite and is eaten at so many grams a minute [s, g]. */
export function bowl(
  bites: { at: number; grams: number }[],
  perMinute: number,
  until: number,
): { at: number; grams: number }[] {
  const points: { at: number; grams: number }[] = []
  let grams = 0
  let from = 0
  const eatUntil = (at: number) => {
    const empty = from + (grams / perMinute) * 60
    if (grams > 0 && empty < at) points.push({ at: empty, grams: 0 })
    grams = Math.max(0, grams - ((at - from) / 60) * perMinute)
    from = at
    points.push({ at, grams })
  }
  for (const bite of bites) {
    eatUntil(bite.at)
    grams += bite.grams
    points.push({ at: bite.at, grams })
  }
  eatUntil(Math.max(until, from))
  return points
}
