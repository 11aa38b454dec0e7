import { usual } from '@/api/parts'
import { expect, it } from 'vitest'
import { amountWords, firstCount, saidOf } from './state'

it('says amounts as a host would', () => {
  expect(amountWords('METRIC', { unit: 'ONES', count: 2 }, 'bunch')).toBe('2 bunches')
  expect(amountWords('METRIC', { unit: 'ONES', count: 1 }, '')).toBe('1 of it')
  expect(amountWords('METRIC', { unit: 'ONES', count: 3 }, 'block of noodles')).toBe('3 blocks of noodles')
  expect(amountWords('METRIC', { unit: 'PACKS', count: 1 }, '')).toBe('1 pack')
  expect(amountWords('US', { unit: 'UP_TO', count: 340 }, '')).toBe('12 oz at most')
  expect(amountWords('METRIC', { unit: 'PIECES_EACH', count: 2 }, '')).toBe('2 each')
})

it('starts from what there is', () => {
  expect(firstCount('GRAMS', 333)).toBe(330)
  expect(firstCount('PACKS', 333)).toBe(1)
})

it('names only what is said', () => {
  expect(saidOf('METRIC', { ...usual('MenuItem'), cut: 'a', fromFrozen: false }, '')).toBe('')
  expect(
    saidOf(
      'METRIC',
      { ...usual('MenuItem'), cut: 'a', fromFrozen: true, keptIn: 'FREEZER', bought: 'CUT', cooked: false },
      '',
    ),
  ).toBe('bought cut, from our freezer, goes in frozen, raw')
})
