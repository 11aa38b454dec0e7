import { describe, expect, it } from 'vitest'
import {
  platePlace,
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
} from './geometry'

describe('seats', () => {
  it('stand on the edge, inside the drawing, apart from each other', () => {
    for (const count of [1, 2, 9, 20]) {
      const places = seats(count)
      expect(places).toHaveLength(count)
      places.forEach(({ x, y }) => {
        expect(x).toBeGreaterThan(0)
        expect(x).toBeLessThan(WIDTH)
        expect(y).toBeGreaterThan(0)
        expect(y).toBeLessThan(HEIGHT)
      })
      const keys = new Set(places.map(({ x, y }) => `${Math.round(x)},${Math.round(y)}`))
      expect(keys.size).toBe(count)
    }
  })

  it('begin at the top middle', () => {
    expect(seats(4)[0]).toEqual({ x: tableShape.x + tableShape.width / 2, y: tableShape.y })
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
