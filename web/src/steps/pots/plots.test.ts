import { expect, test } from 'vitest'
import { area, line, minuteTicks, roundUp, xAt, yAt } from './plots'

const panel = { left: 10, right: 110, top: 0, bottom: 100, minutes: 2, low: 75, high: 100 }

test('values stand between the panel’s ends, whatever they are', () => {
  expect(yAt(panel, 75)).toBe(100)
  expect(yAt(panel, 100)).toBe(0)
  expect(yAt(panel, 60)).toBe(100)
  expect(yAt(panel, 120)).toBe(0)
  expect(xAt(panel, 1)).toBe(60)
})

test('a line has a point a minute and an area closes along the bottom', () => {
  expect(line(panel, [100, 75, 100])).toBe('M10.0 0.0L60.0 100.0L110.0 0.0')
  expect(area(panel, [100, 75, 100])).toBe('M10.0 0.0L60.0 100.0L110.0 0.0L110.0 100L10 100Z')
})

test('ticks and tops are round', () => {
  expect(minuteTicks(90)).toEqual([0, 15, 30, 45, 60, 75, 90])
  expect(minuteTicks(100)).toEqual([0, 20, 40, 60, 80, 100])
  expect(roundUp(1340)).toBe(1400)
  expect(roundUp(96)).toBe(96)
})
