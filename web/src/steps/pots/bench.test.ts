import { expect, it } from 'vitest'
import type { Cut } from '@/api/types'
import { canFreeze, curvePath, duration, isHeated, problemOf, ticks, type Frame } from './bench'

const cut = (shape: Cut['shape'], dimensionsMm: number[], rawRisk: Cut['rawRisk'] = 'MINCED') =>
  ({ shape, dimensionsMm, rawRisk, safeCoreC: 71 }) as Cut
const settings = { sizePercent: 150, startC: 5, brothC: 98, surfaceWPerM2K: 1500 }

it('makes a problem of a cut at its size, a half ball two thirds as wide', () => {
  expect(problemOf(cut('SLAB', [4]), settings)).toMatchObject({
    shape: 'slab',
    dimensionsMm: [6],
    targetC: 71,
  })
  expect(problemOf(cut('HEMISPHERE', [30]), settings)).toMatchObject({ shape: 'sphere', dimensionsMm: [30] })
})

it('leaves leaves and cooked things to the catalogue', () => {
  expect(isHeated(cut('LEAF', [2]))).toBe(false)
  expect(isHeated(cut('SLAB', [4], 'NONE'))).toBe(false)
  expect(isHeated(cut('BRICK', [20, 20, 20]))).toBe(true)
  expect(canFreeze(cut('BRICK', [20, 20, 20]))).toBe(false)
})

it('draws within its frame', () => {
  const frame: Frame = { left: 40, top: 10, width: 100, height: 50, seconds: 10, coldest: 0, hottest: 100 }
  expect(
    curvePath(frame, [
      { second: 0, centreC: 0 },
      { second: 5, centreC: 50 },
      { second: 20, centreC: 100 },
    ]),
  ).toBe('M40.0 60.0L90.0 35.0L140.0 10.0')
})

it('has round ticks and durations', () => {
  expect(ticks(300)).toEqual([0, 60, 120, 180, 240, 300])
  expect(ticks(9)).toEqual([0, 2, 4, 6, 8])
  expect(duration(5.75)).toBe('6 s')
  expect(duration(95)).toBe('1 min 35 s')
  expect(duration(120)).toBe('2 min')
})
