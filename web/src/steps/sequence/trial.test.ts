import { expect, it } from 'vitest'
import type { Drop, Plan } from '@/api/types'
import { aPlan, drop, stay } from '@/test/data'
import { brokenBy, movedBy, pinsWith, pinsWithout, worseBy } from './trial'

const at = (id: string, second: number, over: Partial<Drop> = {}): Drop =>
  drop({ id, name: `${id}, cubes`, cut: id, stays: [stay(second, second + 60, [])], ...over })

const planned = (...drops: Drop[]): Plan => {
  const plan = aPlan()
  plan.table.drops = drops
  return plan
}

it('pins a drop once, and frees it, whatever else is pinned', () => {
  const tofu = at('tofu', 0, { side: 'left', homeSide: 'right', batch: 2 })
  const other = { cut: 'tofu', side: 'right', batch: 1, toSide: 'left', minute: 3 }

  const pins = pinsWith(pinsWith([other], tofu, 5), tofu, 7.5)

  expect(pins).toEqual([other, { cut: 'tofu', side: 'right', batch: 2, toSide: 'left', minute: 7.5 }])
  expect(pinsWithout(pins, tofu)).toEqual([other])
})

it('names what would move besides, the furthest first, and leaves out dips and what hardly moves', () => {
  const before = planned(
    at('tofu', 0),
    at('corn', 600),
    at('yam', 300),
    at('beef', 100, { tending: 'DIP' }),
    at('udon', 900),
  )
  const after = planned(
    at('tofu', 240),
    at('corn', 720),
    at('yam', 1200),
    at('beef', 800, { tending: 'DIP' }),
    at('udon', 930),
  )

  expect(movedBy(at('tofu', 0), before, after)).toEqual([
    { id: 'yam', name: 'yam', from: 300, to: 1200 },
    { id: 'corn', name: 'corn', from: 600, to: 720 },
  ])
})

it('tells what cannot be given any more, and aims that are missed by more than before', () => {
  const [before, after] = [aPlan(), aPlan()]
  const unmet = (text: string) => ({ text }) as Plan['unmet'][number]
  const aims = (wait: number, cues: number, order: number) =>
    [
      { term: 'LONGEST_WAIT', value: wait, aim: 240, weight: 5, text: `${wait} s, the longest wait` },
      { term: 'CUES', value: cues, aim: 0.5, weight: 3, text: `${cues} cues a minute` },
      { term: 'ORDER', value: order, aim: 5, weight: 2, text: `${order} min from its place` },
    ] as Plan['table']['score']
  before.unmet = [unmet('Ada gets no beef.')]
  after.unmet = [unmet('Ada gets no beef.'), unmet('Udon does not go in at 19:23.')]
  before.table.score = aims(230, 0.3, 8)
  after.table.score = aims(300, 0.4, 6)

  expect(brokenBy(before, after)).toEqual(['Udon does not go in at 19:23.'])
  expect(worseBy(before, after)).toEqual(['300 s, the longest wait'])
})
