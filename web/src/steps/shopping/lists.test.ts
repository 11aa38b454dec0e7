import { usual } from '@/api/parts'
import { expect, it } from 'vitest'
import type { Brief } from '@/api/types'
import { aBrief, aLine, aPlan } from '@/test/data'
import { localMs } from '@/ui/time'
import {
  addDeal,
  cents,
  dealText,
  inOneTrip,
  secondTrip,
  nextTrip,
  paidFor,
  todayAt,
  tripLists,
} from './lists'

it('lists by aisle and counts what is left', () => {
  const plan = aPlan()
  plan.purchases.trips[0]?.lines.push(
    aLine('tofu', 'Chilled', 'e1'),
    aLine('udon', 'Chilled'),
    aLine('leek', 'Produce', 'e2'),
  )
  plan.purchases.soldOut.push(
    { offer: 'a', ingredient: 'a', name: 'A', shop: 'market' },
    { offer: 'b', ingredient: 'b', name: 'B', shop: 'elsewhere' },
  )
  const [trip] = tripLists(plan)

  expect(trip?.left).toBe(1)
  expect(trip?.aisles.map(({ aisle, left }) => [aisle, left])).toEqual([
    ['Chilled', 1],
    ['Produce', 0],
  ])
  expect(trip?.soldOut.map((offer) => offer.offer)).toEqual(['a'])
})

it('reads prices as people type them', () => {
  expect(cents('3,49')).toBe(349)
  expect(cents(' € 3.5 ')).toBe(350)
  expect(cents('12')).toBe(1200)
  expect(cents('-1')).toBeUndefined()
  expect(cents('3.499')).toBeUndefined()
  expect(cents('a lot')).toBeUndefined()
  expect(cents('99999')).toBeUndefined()
})

it('goes to a new shop the evening before, or soon when that is over', () => {
  const brief = { sitDown: '2026-11-28T19:00:00' } as Brief
  expect(nextTrip(brief, localMs('2026-11-26T09:00:00'))).toBe('2026-11-27T18:00:00')
  expect(nextTrip(brief, localMs('2026-11-28T14:50:00'))).toBe('2026-11-28T15:30:00')
  expect(nextTrip(brief, localMs('2026-11-28T18:10:00'))).toBe('2026-11-28T18:00:00')
})

it('learns what a thing without a price costs, and what another size costs', () => {
  const brief = aBrief()
  brief.prices.offers = []
  paidFor({ ...aLine('leek', 'Produce'), grams: 400 }, 'corner', 400, 250, '2026-11-26')(brief)
  expect(brief.prices.offers).toMatchObject([
    { shop: 'corner', ingredient: 'leek', grams: 400, priceCents: 250, asOf: '2026-11-26' },
  ])

  const line = { ...aLine('leek', 'Produce'), offer: brief.prices.offers[0]?.id ?? '', grams: 800, count: 2 }
  paidFor(line, 'corner', 800, 600, '2026-11-27')(brief)
  expect(brief.prices.offers).toMatchObject([{ priceCents: 300, asOf: '2026-11-27' }])
  paidFor(line, 'corner', 1000, 700, '2026-11-27')(brief)
  expect(brief.prices.offers).toHaveLength(2)
})

it('puts all shops on one way', () => {
  const brief = aBrief()
  brief.shops = [
    { ...usual('Shop'), id: 'a', name: 'A', tripAt: '2026-11-27T18:00:00' },
    { ...usual('Shop'), id: 'b', name: 'B', tripAt: '2026-11-28T09:00:00' },
    { ...usual('Shop'), id: 'c', name: 'C', tripAt: '2026-11-26T09:00:00', againAt: '2026-11-28T09:00:00' },
  ]
  inOneTrip('b')(brief)
  expect(brief.shops[2]?.againAt).toBeUndefined()
  expect(brief.shops.map(({ tripAt }) => tripAt)).toEqual([
    '2026-11-28T11:00:00',
    '2026-11-28T09:00:00',
    '2026-11-28T10:00:00',
  ])
})

it('goes today as soon as one can be there, unless it is closed', () => {
  const at = (now: string, shop: object) =>
    todayAt({ ...usual('Shop'), id: 'a', name: 'A', tripAt: '2026-11-27T18:00:00', ...shop }, localMs(now))
  expect(at('2026-11-24T10:05:00', {})).toBe('2026-11-24T10:30:00')
  expect(at('2026-11-24T06:05:00', { opens: '08:00:00' })).toBe('2026-11-24T08:00:00')
  expect(at('2026-11-24T19:20:00', { closes: '20:00:00' })).toBeUndefined()
  expect(at('2026-11-24T10:05:00', { closedOn: ['TUESDAY'] })).toBeUndefined()
})

it('goes a second time on the last morning that is a later day, else soon after the first', () => {
  const brief = { ...aBrief(), sitDown: '2026-11-28T19:00:00' }
  const at = (shop: object) =>
    secondTrip(brief, { ...usual('Shop'), id: 'a', name: 'A', tripAt: '2026-11-26T18:00:00', ...shop })
  expect(at({})).toBe('2026-11-28T10:00:00')
  expect(at({ opens: '11:30:00' })).toBe('2026-11-28T11:30:00')
  expect(at({ closedOn: ['SATURDAY'] })).toBe('2026-11-27T10:00:00')
  expect(at({ closedOn: ['SATURDAY', 'FRIDAY'] })).toBe('2026-11-26T19:30:00')
  expect(at({ tripAt: '2026-11-28T08:00:00' })).toBe('2026-11-28T09:30:00')
  expect(at({ tripAt: '2026-11-28T08:00:00', closes: '09:00:00' })).toBeUndefined()
  expect(at({ tripAt: '2026-11-28T17:00:00' })).toBeUndefined()
})

it('types deals in as they stand on the shelf', () => {
  const brief = aBrief()
  addDeal({ offer: 'leek', take: 3, pay: 2 })(brief)
  addDeal({ offer: 'leek', spendCents: 4000 })(brief)
  expect(brief.prices.deals.map(dealText)).toEqual(['3 for 2', 'one free from 40.00'])
  expect(new Set(brief.prices.deals.map(({ id }) => id)).size).toBe(2)
})
