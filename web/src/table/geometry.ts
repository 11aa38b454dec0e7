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

/** A place card about its seat, when there is room for all. */
export const CARD = { width: 88, height: 38 }
/** Air between cards, and between a card and a pot. */
const AIR = 4

/** Seats round the table's edge, clockwise from the top middle, and the size at which their cards just do not touch. */
export function seats(count: number): { at: Point[]; scale: number } {
  const edge = tableEdge()
  const whole = edge.at(-1)?.cards ?? 1
  const at = Array.from({ length: count }, (_, i) => pointAt((i / count) * whole))
  return { at, scale: Math.min(1, ...at.flatMap((a, i) => at.slice(i + 1).map((b) => cardsApart(a, b)))) }

  function pointAt(cards: number): Point {
    const k = Math.max(
      1,
      edge.findIndex((point) => point.cards >= cards),
    )
    const [from, to] = [edge[k - 1] as EdgePoint, edge[k] as EdgePoint]
    const share = (cards - from.cards) / (to.cards - from.cards)
    return { x: from.x + share * (to.x - from.x), y: from.y + share * (to.y - from.y) }
  }
}

/** How many cards lie between two seats, one after the other. */
const cardsApart = (a: Point, b: Point): number =>
  Math.max(Math.abs(a.x - b.x) / (CARD.width + AIR), Math.abs(a.y - b.y) / (CARD.height + AIR))

interface EdgePoint extends Point {
  /** So many cards fit along the edge up to here. */
  cards: number
}

const STEPS_A_CORNER = 60

/** The table's edge from the top middle clockwise: cards are wider than high, so more of them fit along its sides. */
function tableEdge(): EdgePoint[] {
  const { x, y, width, height, corner } = TABLE
  const quarter = (cx: number, cy: number, from: number): Point[] =>
    Array.from({ length: STEPS_A_CORNER + 1 }, (_, i) => {
      const angle = from + ((i / STEPS_A_CORNER) * Math.PI) / 2
      return { x: cx + corner * Math.cos(angle), y: cy + corner * Math.sin(angle) }
    })
  const [left, right, top, bottom] = [x + corner, x + width - corner, y + corner, y + height - corner]
  const points = [
    { x: x + width / 2, y },
    ...quarter(right, top, -Math.PI / 2),
    ...quarter(right, bottom, 0),
    ...quarter(left, bottom, Math.PI / 2),
    ...quarter(left, top, Math.PI),
    { x: x + width / 2, y },
  ]
  let cards = 0
  return points.map((point, i) => {
    const before = points[i - 1]
    if (before) cards += cardsApart(before, point)
    return { ...point, cards }
  })
}

/** Pots in the middle of the table, sized by what they hold, none touching another, or the card of a seat. */
export function placePots(
  capacities: number[],
  seated: ReturnType<typeof seats> = { at: [], scale: 1 },
): PlacedPot[] {
  const spots = SPOTS[capacities.length] ?? grid(capacities.length)
  const largest = Math.max(...capacities, 1)
  const radii = capacities.map((capacity) => LARGEST_RADIUS * Math.sqrt(capacity / largest))
  const shrink = Math.min(shrinkage(spots, radii), clearOfCards(spots, radii, seated))
  return capacities.map((_, i) => ({
    ...(spots[i] as Point),
    r: shrink * (radii[i] ?? LARGEST_RADIUS),
    turn: -Math.PI / 2 + i * 0.7,
  }))
}

const SPOTS: Record<number, Point[]> = {
  1: [{ x: 210, y: 280 }],
  2: [
    { x: 176, y: 192 },
    { x: 244, y: 368 },
  ],
  3: [
    { x: 172, y: 156 },
    { x: 248, y: 280 },
    { x: 172, y: 404 },
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
    x: 158 + (i % columns) * 104,
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

/** The share by which all radii must shrink so that no card lies on a vessel. */
function clearOfCards(spots: Point[], radii: number[], seated: ReturnType<typeof seats>): number {
  const half = { x: (CARD.width * seated.scale) / 2, y: (CARD.height * seated.scale) / 2 }
  return Math.min(
    1,
    ...spots.flatMap((spot, i) =>
      seated.at.map((seat) => {
        const beside = Math.max(0, Math.abs(spot.x - seat.x) - half.x)
        const above = Math.max(0, Math.abs(spot.y - seat.y) - half.y)
        return (Math.hypot(beside, above) - AIR) / (radii[i] ?? LARGEST_RADIUS)
      }),
    ),
  )
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

/** Where the k-th of n plates of radius r stands, so that none covers another: around a middle, which many of them share. */
export function cluster(at: Point, r: number, k: number, n: number): Point {
  const ring = n <= 4 ? n : n - 1
  if (n === 1 || k === ring) return at
  const closest = r / Math.sin(Math.PI / ring)
  const away = n <= 4 ? closest : Math.max(2 * r, closest)
  const angle = (2 * Math.PI * k) / ring - Math.PI / 4
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
