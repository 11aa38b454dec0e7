import { expect, it } from 'vitest'
import type { Drop } from '@/api/types'
import { lanes, lensPath, ticks, toSecond, toX } from './chart'

const scale = { from: -600, to: 6000, left: 100, right: 760 }
const drop = (id: string, putIn: number, takeOut: number): Drop =>
  ({
    id,
    name: `${id}, sliced`,
    putIn,
    ready: takeOut - 20,
    bestUntil: takeOut + 60,
    overcooked: takeOut + 120,
    takeOut,
  }) as Drop

it('goes from seconds to pixels and back', () => {
  expect(toX(scale, -600)).toBe(100)
  expect(toX(scale, 6000)).toBe(760)
  expect(toSecond(scale, toX(scale, 1234))).toBeCloseTo(1234)
})

it('keeps neighbours apart and fills free lanes again', () => {
  const { lenses, count } = lanes([drop('a', 0, 600), drop('b', 60, 300), drop('c', 4000, 4300)], scale)
  const lane = (id: string) => lenses.find((lens) => lens.drop.id === id)?.lane

  expect(lane('a')).toBe(0)
  expect(lane('b')).toBe(1)
  expect(lane('c')).toBe(0)
  expect(count).toBe(2)
})

it('draws a lens that can be seen even when it is short', () => {
  const path = lensPath(scale, drop('a', 0, 30), 50, 8)
  const xs = [...path.matchAll(/[MQ ](\d+(?:\.\d+)?) 50/g)].map((match) => Number(match[1]))
  expect(Math.max(...xs) - Math.min(...xs)).toBeGreaterThanOrEqual(10)
})

it('ticks every ten minutes of the meal', () => {
  expect(ticks(1500)).toEqual([0, 600, 1200])
})
