import { describe, expect, it } from 'vitest'
import {
  CARD,
  platePlace,
  cluster,
  floating,
  HEIGHT,
  placePots,
  ringArc,
  seats,
  shortened,
  sideLabel,
  sideMiddle,
  sidePath,
  tableShape,
  WIDTH,
  type Point,
} from './geometry'

/** How far a card's edge is from a point. */
const fromCard = (seat: Point, scale: number, at: Point): number =>
  Math.hypot(
    Math.max(0, Math.abs(at.x - seat.x) - (scale * CARD.width) / 2),
    Math.max(0, Math.abs(at.y - seat.y) - (scale * CARD.height) / 2),
  )

describe('seats', () => {
  it('stand inside the drawing, and no card lies on another', () => {
    for (let count = 1; count <= 40; count++) {
      const { at, scale } = seats(count)
      expect(at).toHaveLength(count)
      at.forEach((a, i) => {
        expect(a.x - (scale * CARD.width) / 2).toBeGreaterThan(0)
        expect(a.x + (scale * CARD.width) / 2).toBeLessThan(WIDTH)
        expect(a.y - (scale * CARD.height) / 2).toBeGreaterThan(0)
        expect(a.y + (scale * CARD.height) / 2).toBeLessThan(HEIGHT)
        at.slice(i + 1).forEach((b) => {
          const beside = Math.abs(a.x - b.x) >= scale * CARD.width
          expect(beside || Math.abs(a.y - b.y) >= scale * CARD.height).toBe(true)
        })
      })
    }
  })

  it('leave twenty cards large enough to read', () => {
    expect(seats(12).scale).toBe(1)
    expect(seats(20).scale).toBeGreaterThan(0.8)
  })

  it('begin at the top middle', () => {
    const top = seats(4).at[0]
    expect(top?.x).toBeCloseTo(tableShape.x + tableShape.width / 2)
    expect(top?.y).toBe(tableShape.y)
  })
})

describe('pots', () => {
  it('never touch each other and stay on the table', () => {
    for (let count = 1; count <= 8; count++) {
      const pots = placePots(Array.from({ length: count }, (_, i) => 2000 + 900 * (i % 4)))
      pots.forEach((a, i) => {
        expect(a.x - a.r).toBeGreaterThan(tableShape.x)
        expect(a.x + a.r).toBeLessThan(tableShape.x + tableShape.width)
        pots.slice(i + 1).forEach((b) => expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(a.r + b.r))
      })
    }
  })

  it('lie under no card, and stay large enough to see what is in them', () => {
    for (const guests of [1, 2, 7, 9, 12, 20, 40]) {
      for (let count = 1; count <= 8; count++) {
        const seated = seats(guests)
        placePots(Array(count).fill(5000) as number[], seated).forEach((pot) => {
          seated.at.forEach((seat) => expect(fromCard(seat, seated.scale, pot)).toBeGreaterThan(pot.r))
          expect(pot.r).toBeGreaterThan(count <= 2 ? 70 : 34)
        })
      }
    }
  })

  it('keep a side’s middle inside the side’s pot', () => {
    const pot = placePots([5000])[0]
    if (!pot) throw new Error('no pot')
    for (const n of [1, 2, 3]) {
      const middle = sideMiddle(pot, n - 1, n)
      expect(Math.hypot(middle.x - pot.x, middle.y - pot.y)).toBeLessThan(pot.r)
      expect(sidePath(pot, 0, n)).toMatch(/^M.*Z$/)
    }
  })
})

it('lays what floats in a side apart, near its middle', () => {
  const lie = Array.from({ length: 8 }, (_, k) => floating({ x: 100, y: 100 }, 84, k))
  lie.forEach((a, i) => {
    expect(Math.hypot(a.x - 100, a.y - 100)).toBeLessThan(0.3 * 84)
    lie.slice(i + 1).forEach((b) => expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(6))
  })
})

it('draws a full ring as an arc that does not vanish', () => {
  expect(ringArc({ x: 0, y: 0 }, 10, 0, 1)).toContain('A10 10 0 1 1')
})

it('puts plates on an oval within the table, the first at the top', () => {
  const top = platePlace(0, 4)
  const right = platePlace(1, 4)
  expect(top.x).toBeCloseTo(WIDTH / 2)
  expect(top.y).toBeLessThan(platePlace(2, 4).y)
  expect(right.x).toBeGreaterThan(WIDTH / 2)
  expect(right.x).toBeLessThan(tableShape.x + tableShape.width)
})

it('writes a broth in lines that fit into its side, and cuts what does not', () => {
  expect(sideLabel('Kelp and shiitake').lines).toEqual(['Kelp and', 'shiitake'])
  expect(sideLabel('Mushroom broth from powder').lines).toEqual(['Mushroom', 'broth from', 'powder'])
  expect(sideLabel('Grandmother-in-law’s bones of the old farm').lines).toEqual([
    'Grandmother…',
    'bones of the',
    'old farm',
  ])
  expect(sideLabel('one two three four five six seven eight nine').lines).toHaveLength(3)
  expect(shortened('Mushroom broth', 9)).toBe('Mushroom…')
})

it('lets plates in a side stand beside one another', () => {
  for (let n = 1; n <= 9; n++) {
    const all = Array.from({ length: n }, (_, k) => cluster({ x: 50, y: 80 }, 20, k, n))
    for (const [i, a] of all.entries()) {
      for (const b of all.slice(i + 1)) expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(39.99)
    }
  }
})
