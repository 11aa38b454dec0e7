import { expect, it } from 'vitest'
import { aBrief, aPlan } from '@/test/data'
import { nowShare, stations, type Station } from './stations'

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

it('tells when people really sat down, and moves the finish along', () => {
  const plan = aPlan()
  plan.table.now.satDown = '2026-11-28T18:25:00Z'
  plan.table.now.started = true
  const [table, finish] = stations({ ...aBrief(), zone: 'Europe/Berlin' }, plan).slice(-2)

  expect([table?.name, table?.figure]).toEqual(['Sat down', '19:25'])
  expect((finish?.at ?? 0) - (table?.at ?? 0)).toBe(plan.table.mealSeconds * 1000)
})
