import { expect, it } from 'vitest'
import { aLine, aPlan } from '@/test/data'
import { cents, tripLists } from './lists'

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
