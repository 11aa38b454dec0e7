import { expect, it } from 'vitest'
import type { Brief } from '@/api/types'
import { aBrief, aLine, aPlan } from '@/test/data'
import { localMs } from '@/ui/time'
import { cents, nextTrip, paidFor, tripLists } from './lists'

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
  paidFor({ ...aLine('leek', 'Produce'), grams: 400 }, 'corner', 400, 250)(brief)
  expect(brief.prices.offers).toMatchObject([
    { shop: 'corner', ingredient: 'leek', grams: 400, priceCents: 250 },
  ])

  const line = { ...aLine('leek', 'Produce'), offer: brief.prices.offers[0]?.id ?? '', grams: 800, count: 2 }
  paidFor(line, 'corner', 800, 600)(brief)
  expect(brief.prices.offers).toMatchObject([{ priceCents: 300 }])
  paidFor(line, 'corner', 1000, 700)(brief)
  expect(brief.prices.offers).toHaveLength(2)
})
