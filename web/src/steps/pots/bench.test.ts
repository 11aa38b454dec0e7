import { expect, test } from 'vitest'
import { bestPath, corePath, duration, sizesFor, ticks, xAt, yAt } from './bench'

const frame = { left: 0, top: 0, width: 100, height: 100, seconds: 100, coldest: 0, hottest: 100 }
const points = [
  { second: 0, centreC: 0, spent: 0 },
  { second: 50, centreC: 60, spent: 1 },
  { second: 100, centreC: 90, spent: 3 },
]

test('a core is drawn through its points, and left out where none is computed', () => {
  expect(corePath(frame, points)).toBe('M0.0 100.0L50.0 40.0L100.0 10.0')
  expect(
    corePath(
      frame,
      points.map(({ second, spent }) => ({ second, spent })),
    ),
  ).toBe('')
})

test('the best is a body from ready on that ends where it is overcooked', () => {
  expect(bestPath(frame, points, 50)).toBe('M50.0 100L50.0 76.0L100.0 100.0L100.0 100Z')
})

test('another shape keeps the sizes it can', () => {
  expect(sizesFor('SLAB', [40, 24, 18])).toEqual([40])
  expect(sizesFor('BRICK', [14])).toEqual([14, 14, 14])
})

test('scales, ticks and words', () => {
  expect(xAt(frame, 200)).toBe(100)
  expect(yAt(frame, 25)).toBe(75)
  expect(ticks(300)).toEqual([0, 60, 120, 180, 240, 300])
  expect(duration(95)).toBe('1 min 35 s')
  expect(duration(59.2)).toBe('1 min')
})
