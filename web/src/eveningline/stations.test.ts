import { expect, it } from 'vitest'
import { nowShare, type Station } from './stations'

const station = (at?: number): Station => ({
  key: String(at),
  step: 'guests',
  name: '',
  figure: '',
  at,
  open: false,
})
const line = [station(), station(), station(100), station(200), station(300)]

it('stands before the first moment while that is to come', () => {
  expect(nowShare(line, 50)).toBeCloseTo(1.5 / 4)
})

it('moves between two moments by time', () => {
  expect(nowShare(line, 150)).toBeCloseTo(2.5 / 4)
  expect(nowShare(line, 225)).toBeCloseTo(3.25 / 4)
})

it('stays at the end once everything is over', () => {
  expect(nowShare(line, 999)).toBe(1)
})
