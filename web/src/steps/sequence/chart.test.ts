import { expect, it } from 'vitest'
import { drop, stay } from '@/test/data'
import {
  bowl,
  fitting,
  lanes,
  lensPath,
  piece,
  spellLabels,
  spellName,
  spells,
  ticks,
  toSecond,
  toX,
} from './chart'

const scale = { from: -600, to: 6000, left: 100, right: 760 }
const shared = (id: string, from: number, to: number) =>
  piece(drop({ id, name: `${id}, sliced`, stays: [stay(from, to, [])] }))

it('goes from seconds to pixels and back', () => {
  expect(toX(scale, -600)).toBe(100)
  expect(toX(scale, 6000)).toBe(760)
  expect(toSecond(scale, toX(scale, 1234))).toBeCloseTo(1234)
})

it('keeps neighbours apart and fills free lanes again', () => {
  const { lenses, count } = lanes([shared('a', 0, 600), shared('b', 60, 300), shared('c', 4000, 4300)], scale)
  const lane = (id: string) => lenses.find((lens) => lens.piece.drop.id === id)?.lane

  expect(lane('a')).toBe(0)
  expect(lane('b')).toBe(1)
  expect(lane('c')).toBe(0)
  expect(count).toBe(2)
})

it('draws a lens that can be seen even when it is short', () => {
  const short = shared('a', 0, 30)
  const path = lensPath(scale, short, 50, 8)
  const xs = [...path.matchAll(/[MQ ](\d+(?:\.\d+)?) 50/g)].map((match) => Number(match[1]))
  expect(Math.max(...xs) - Math.min(...xs)).toBeGreaterThanOrEqual(10)
})

it('ticks every ten minutes of the meal', () => {
  expect(ticks(1500)).toEqual([0, 600, 1200])
})

it('names spells in a row that are of the same once, where the name fits or has most room', () => {
  const often = (id: string, name: string, at: number[]) =>
    drop({ id, name, tending: 'DIP', stays: at.map((from) => stay(from, from + 9, [])) })
  const dips = spells([
    often('a', 'Beef, sliced', [0, 900, 1800]),
    often('b', 'Lamb leg, sliced', [2700, 3600]),
  ])

  expect(spellLabels(dips, [10, 60, 60, 30, 40])).toEqual(['', 'Beef', '', '', ''])
  expect(spellLabels(dips, [60, 60, 60, 60, 60])).toEqual(['Beef', '', '', 'Lamb leg', ''])
  expect(spellLabels([], [])).toEqual([])
})

it('draws dips that follow one another as one spell, and others apart', () => {
  const beef = drop({
    id: 'a',
    name: 'Beef, sliced',
    tending: 'DIP',
    stays: [stay(0, 9, []), stay(900, 909, [])],
  })
  const lamb = drop({ id: 'b', name: 'Lamb, sliced', tending: 'DIP', stays: [stay(40, 49, [])] })
  const found = spells([beef, lamb, drop({ id: 'c', stays: [stay(0, 600, [])] })])

  expect(found.map(({ from, to }) => [from, to])).toEqual([
    [0, 49],
    [900, 909],
  ])
  expect(found.map(spellName)).toEqual(['Beef, lamb', 'Beef'])
})

it('cuts a text to its room, and says nothing where there is none', () => {
  expect(fitting('Beef, lamb', 200)).toBe('Beef, lamb')
  expect(fitting('Beef rib-eye, lamb', 60)).toBe('Beef rib-…')
  expect(fitting('Beef, lamb leg, prawns', 100)).toBe('Beef, lamb leg…')
  expect(fitting('Beef, lamb leg, prawns', 50)).toBe('Beef…')
  expect(fitting('Prawns, lamb leg', 30)).toBe('')
  expect(fitting('Beef', 10)).toBe('')
})

it('fills a bowl with each bite and empties it as fast as one eats', () => {
  const points = bowl(
    [
      { at: 60, grams: 40 },
      { at: 120, grams: 10 },
    ],
    20,
    600,
  )

  expect(points).toEqual([
    { at: 60, grams: 0 },
    { at: 60, grams: 40 },
    { at: 120, grams: 20 },
    { at: 120, grams: 30 },
    { at: 210, grams: 0 },
    { at: 600, grams: 0 },
  ])
})
