import { expect, it } from 'vitest'
import { drop, stay } from '@/test/data'
import { isFished, putIn, shares, takeOut } from './stays'

it('tells a drop by its stays', () => {
  const dips = drop({
    tending: 'DIP',
    stays: [
      stay(100, 109, [{ guest: 'bo', grams: 12, pieces: 1 }]),
      stay(60, 69, [{ guest: 'cleo', grams: 12, pieces: 1 }]),
      stay(140, 149, [{ guest: 'bo', grams: 12, pieces: 1 }]),
    ],
  })

  expect([putIn(dips), takeOut(dips), isFished(dips)]).toEqual([60, 149, false])
  expect(shares(dips)).toEqual([
    { guest: 'bo', pieces: 2, from: 109 },
    { guest: 'cleo', pieces: 1, from: 69 },
  ])
})

it('is fished where it stays good for five minutes', () => {
  const puffs = drop({ stays: [{ ...stay(0, 300, []), bestUntil: 900 }] })

  expect(isFished(puffs)).toBe(true)
  expect(isFished(drop({ stays: [stay(0, 300, [])] }))).toBe(false)
})
