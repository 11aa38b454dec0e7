import { expect, it } from 'vitest'
import type { Catalogue } from '@/api/types'
import { aBrief, aPlan, drop, stay } from '@/test/data'
import { foodAt, plateRing, sauceDishes, shoppingShare } from './matter'

it('fills a plate ring by category and leaves hunger as a gap', () => {
  expect(plateRing(aPlan(), 'ada')).toEqual([{ category: 'TOFU', from: 0, to: 1 }])
  const ring = plateRing(aPlan(), 'bo')
  expect(ring.map((slice) => slice.category)).toEqual(['MEAT', 'TOFU'])
  expect(ring.at(-1)?.to).toBeCloseTo(0.8)
})

it('dims a place by what is not bought yet', () => {
  const cuts = [
    { id: 'beef.sliced', ingredient: 'beef' },
    { id: 'tofu.cubes', ingredient: 'tofu' },
  ] as Catalogue['cuts']
  expect(shoppingShare(aPlan(), cuts, 'ada')).toBe(1)
  expect(shoppingShare(aPlan(), cuts, 'bo')).toBe(0.5)
  expect(shoppingShare(aPlan(), cuts, 'nobody')).toBe(1)
})

it('knows what lies in each side at a moment', () => {
  const tofu = drop({ id: 'd', name: 'Tofu', side: 'left', stays: [stay(0, 120, []), stay(0, 160, [])] })

  expect(foodAt([tofu], -1).size).toBe(0)
  expect(foodAt([tofu], 50).get('left')).toEqual([{ id: 'd', name: 'Tofu', ready: false }])
  expect(foodAt([tofu], 140).get('left')?.[0]?.ready).toBe(true)
  expect(foodAt([tofu], 160).size).toBe(0)
})

it('strikes the sauces that do not suit, and has none for who stirs their own', () => {
  const plan = aPlan()
  plan.sauces.clashes = [{ guest: 'ada', sauce: 'soy', reason: 'no soy', instead: '' }]
  expect(sauceDishes(aBrief(), plan, 'ada')).toEqual([{ sauce: 'soy', struck: true }])
  expect(sauceDishes(aBrief(), plan, 'bo')).toEqual([{ sauce: 'soy', struck: false }])

  plan.sauces.bar.guests = ['bo']
  expect(sauceDishes(aBrief(), plan, 'bo')).toBeUndefined()
})
