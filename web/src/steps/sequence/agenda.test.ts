import { expect, it } from 'vitest'
import type { Cue, Plan } from '@/api/types'
import { aBrief, aPlan, drop, stay } from '@/test/data'
import { eatenBy, intoSide, visits } from './agenda'

const cue = (at: number, side: string, text: string, minder?: string): Cue => ({
  at,
  latest: at + 60,
  act: 'PUT_IN',
  side,
  text,
  minder,
})

function table(over: Partial<Plan['table']>): Plan {
  const plan = aPlan()
  plan.table = { ...plan.table, ...over }
  return plan
}

it('makes one visit of what is done at one pot at once, for each minder', () => {
  const plan = table({
    cues: [
      cue(0, 'left', 'Put in tofu', 'ada'),
      cue(15, 'right', 'Put in corn', 'ada'),
      cue(30, 'left', 'Skim the foam', 'ada'),
      cue(40, 'left', 'Taste', 'bo'),
    ],
  })
  const all = visits(aBrief(), plan)

  expect(all.map(({ name }) => name)).toEqual(['Ada', 'Bo'])
  expect(all[0]?.rows.map(({ at, lines }) => [at, lines.map((line) => line.text)])).toEqual([
    [0, ['Put in tofu', 'Put in corn']],
    [30, ['Skim the foam']],
  ])
})

it('lists what goes into a side, dips as one line', () => {
  const plan = table({
    drops: [
      drop({ id: 'a', side: 'left', name: 'Tofu, cubes', amount: '90 g', stays: [stay(300, 420, [])] }),
      drop({
        id: 'b',
        side: 'left',
        name: 'Beef, sliced',
        tending: 'DIP',
        stays: [stay(0, 9, []), stay(40, 49, [])],
      }),
      drop({ id: 'c', side: 'right' }),
    ],
  })

  expect(
    intoSide(aBrief(), plan, 'left').map(({ at, lines }) => [at, lines[0]?.text, lines[0]?.beside]),
  ).toEqual([
    [0, 'Dipped: beef', 'until 19:00'],
    [300, 'Tofu, cubes, 90 g', 'out 19:07'],
  ])
})

it('tells what a guest eats, and where nothing comes', () => {
  const plan = table({
    drops: [
      drop({ id: 'a', side: 'left', name: 'Tofu, cubes' }),
      drop({ id: 'b', side: 'left', name: 'Beef, sliced' }),
    ],
  })
  const ada = plan.table.guests.find((guest) => guest.guest === 'ada')
  if (!ada) throw new Error('no Ada')
  ada.bites = [
    { at: 60, grams: 10, drop: 'a' },
    { at: 120, grams: 12, drop: 'a' },
    { at: 600, grams: 20, drop: 'b' },
  ]
  ada.waits = [{ from: 120, to: 600 }]

  expect(eatenBy(aBrief(), plan, 'ada').map(({ at, lines }) => [at, lines[0]?.text])).toEqual([
    [60, 'Tofu, 22 g'],
    [121, 'Nothing for 8 min'],
    [600, 'Beef, 20 g'],
  ])
})
