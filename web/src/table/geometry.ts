/** Where things stand on the drawn table. Pure functions, in units of the drawing. */

export interface Point {
  x: number
  y: number
}

export interface PlacedPot extends Point {
  r: number
  /** Angle at which the first side begins [rad]. */
  turn: number
}

export const WIDTH = 420
export const HEIGHT = 560
const TABLE = { x: 46, y: 46, width: 328, height: 468, corner: 130 }
const LARGEST_RADIUS = 84
/** Air between two vessels. */
const GAP = 26

/** Plates stand so far in from the table's edge. */
const PLATES_IN = 34

export const tableShape = TABLE

/** Seats evenly round the table's edge, clockwise from the top middle. */
export function seats(count: number): Point[] {
  const { x, y, width, height, corner } = TABLE
  const straightX = width - 2 * corner
  const straightY = height - 2 * corner
  const arc = (Math.PI / 2) * corner
  const round = 2 * straightX + 2 * straightY + 4 * arc
  return Array.from({ length: count }, (_, i) => along((i / count) * round))

  function along(distance: number): Point {
    let rest = distance + straightX / 2
    const pieces: [number, (t: number) => Point][] = [
      [straightX, (t) => ({ x: x + corner + t, y })],
      [arc, (t) => turn(x + width - corner, y + corner, -Math.PI / 2 + t / corner)],
      [straightY, (t) => ({ x: x + width, y: y + corner + t })],
      [arc, (t) => turn(x + width - corner, y + height - corner, t / corner)],
      [straightX, (t) => ({ x: x + width - corner - t, y: y + height })],
      [arc, (t) => turn(x + corner, y + height - corner, Math.PI / 2 + t / corner)],
      [straightY, (t) => ({ x, y: y + height - corner - t })],
      [arc, (t) => turn(x + corner, y + corner, Math.PI + t / corner)],
    ]
    rest %= round
    for (const [length, point] of pieces) {
      if (rest <= length) return point(rest)
      rest -= length
    }
    return { x: x + corner, y }
  }

  function turn(cx: number, cy: number, angle: number): Point {
    return { x: cx + corner * Math.cos(angle), y: cy + corner * Math.sin(angle) }
  }
}

/** Pots in the middle of the table, sized by what they hold, none touching another. */
export function placePots(capacities: number[]): PlacedPot[] {
  const spots = SPOTS[capacities.length] ?? grid(capacities.length)
  const largest = Math.max(...capacities, 1)
  const radii = capacities.map((capacity) => LARGEST_RADIUS * Math.sqrt(capacity / largest))
  const shrink = shrinkage(spots, radii)
  return capacities.map((_, i) => ({
    ...(spots[i] as Point),
    r: shrink * (radii[i] ?? LARGEST_RADIUS),
    turn: -Math.PI / 2 + i * 0.7,
  }))
}

const SPOTS: Record<number, Point[]> = {
  1: [{ x: 210, y: 280 }],
  2: [
    { x: 162, y: 205 },
    { x: 258, y: 355 },
  ],
  3: [
    { x: 165, y: 178 },
    { x: 258, y: 322 },
    { x: 152, y: 414 },
  ],
  4: [
    { x: 150, y: 170 },
    { x: 270, y: 240 },
    { x: 150, y: 318 },
    { x: 270, y: 392 },
  ],
}

function grid(count: number): Point[] {
  const columns = 2
  const rows = Math.ceil(count / columns)
  return Array.from({ length: count }, (_, i) => ({
    x: 148 + (i % columns) * 124,
    y: 130 + (Math.floor(i / columns) * 300) / Math.max(1, rows - 1),
  }))
}

/** The share by which all radii must shrink so that no two vessels touch. */
function shrinkage(spots: Point[], radii: number[]): number {
  let shrink = 1
  spots.forEach((a, i) => {
    spots.slice(i + 1).forEach((b, k) => {
      const apart = Math.hypot(a.x - b.x, a.y - b.y)
      shrink = Math.min(shrink, (apart - GAP) / ((radii[i] ?? 0) + (radii[i + 1 + k] ?? 0)))
    })
  })
  return shrink
}

/** Outline of the i-th of n sides of a pot; the whole circle when it is not split. */
export function sidePath(pot: PlacedPot, i: number, n: number): string {
  const { x, y, r } = pot
  if (n === 1) return `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`
  const [from, to] = [sideAngle(pot, i, n), sideAngle(pot, i + 1, n)]
  const a = onRim(pot, from)
  const b = onRim(pot, to)
  const large = to - from > Math.PI ? 1 : 0
  return `M${x} ${y}L${a.x} ${a.y}A${r} ${r} 0 ${large} 1 ${b.x} ${b.y}Z`
}

/** The wall before the i-th side, from the middle to the rim. */
export function wall(pot: PlacedPot, i: number, n: number): { from: Point; to: Point } {
  return { from: { x: pot.x, y: pot.y }, to: onRim(pot, sideAngle(pot, i, n)) }
}

/** The middle of a side, where threads end and labels stand. */
export function sideMiddle(pot: PlacedPot, i: number, n: number): Point {
  if (n === 1) return { x: pot.x, y: pot.y }
  const angle = (sideAngle(pot, i, n) + sideAngle(pot, i + 1, n)) / 2
  return { x: pot.x + pot.r * 0.58 * Math.cos(angle), y: pot.y + pot.r * 0.58 * Math.sin(angle) }
}

function sideAngle(pot: PlacedPot, i: number, n: number): number {
  return pot.turn + (i * 2 * Math.PI) / n
}

function onRim(pot: PlacedPot, angle: number): Point {
  return { x: pot.x + pot.r * Math.cos(angle), y: pot.y + pot.r * Math.sin(angle) }
}

/** Where the k-th thing lies that is in a side: on a small spiral round the side's middle, in a pot of radius r. */
export function floating(at: Point, r: number, k: number): Point {
  const angle = k * 2.4
  const away = r * (0.08 + 0.06 * Math.sqrt(k))
  return { x: at.x + away * Math.cos(angle), y: at.y + away * Math.sin(angle) }
}

const LABEL_LETTERS = 12
const LABEL_LINES = 3

/** Cut short where it is longer than so many letters. @example shortened('Mushroom broth', 9) // 'Mushroom…' */
export const shortened = (text: string, letters: number): string =>
  text.length <= letters ? text : `${text.slice(0, letters - 1).trimEnd()}…`

/** A broth's name in at most three lines that fit into a side, with the width they take. */
export function sideLabel(name: string): { lines: string[]; width: number } {
  const lines: string[] = []
  for (const word of name.split(' ')) {
    const longer = `${lines.at(-1) ?? ''} ${word}`.trim()
    if (lines.length > 0 && longer.length <= LABEL_LETTERS) lines[lines.length - 1] = longer
    else lines.push(shortened(word, LABEL_LETTERS))
  }
  if (lines.length > LABEL_LINES) {
    lines.length = LABEL_LINES
    lines[LABEL_LINES - 1] = shortened(`${lines[LABEL_LINES - 1]} …`, LABEL_LETTERS)
  }
  return { lines, width: 6.7 * Math.max(...lines.map((line) => line.length)) + 10 }
}

/** Where the k-th of n plates stands: on an oval between the places and the pots, from the top clockwise. */
export function platePlace(k: number, n: number): Point {
  const angle = (k / Math.max(1, n)) * 2 * Math.PI - Math.PI / 2
  return {
    x: TABLE.x + TABLE.width / 2 + (TABLE.width / 2 - PLATES_IN) * Math.cos(angle),
    y: TABLE.y + TABLE.height / 2 + (TABLE.height / 2 - PLATES_IN) * Math.sin(angle),
  }
}

/** A slack thread between two points. */
export function thread(from: Point, to: Point): string {
  const bend = {
    x: (from.x + to.x) / 2 + (to.y - from.y) * 0.08,
    y: (from.y + to.y) / 2 - (to.x - from.x) * 0.08,
  }
  return `M${from.x} ${from.y}Q${bend.x} ${bend.y} ${to.x} ${to.y}`
}

/** Arc of a plate ring from one share of the circle to another, shares from 0 to 1. */
export function ringArc(at: Point, r: number, from: number, to: number): string {
  const angle = (share: number) => share * 2 * Math.PI - Math.PI / 2
  const end = Math.min(to, from + 0.9999)
  const a = { x: at.x + r * Math.cos(angle(from)), y: at.y + r * Math.sin(angle(from)) }
  const b = { x: at.x + r * Math.cos(angle(end)), y: at.y + r * Math.sin(angle(end)) }
  return `M${a.x} ${a.y}A${r} ${r} 0 ${end - from > 0.5 ? 1 : 0} 1 ${b.x} ${b.y}`
}
