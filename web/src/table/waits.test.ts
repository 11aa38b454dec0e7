import { expect, it } from 'vitest'
import { aPlan } from '@/test/data'
import { longWaits } from './waits'

const waits = [
  { from: 0, to: 300 },
  { from: 400, to: 900 },
  { from: 1000, to: 2000 },
]

it('draws waits that are long for a table, and in rounds only those beyond the time of a round', () => {
  const table = aPlan().table
  const [, long, longest] = waits
  expect(longWaits(table, waits)).toEqual([long, longest])

  const inRounds = { term: 'LONGEST_WAIT', value: 1000, unit: 's', aim: 720, weight: 5, text: '' } as const
  expect(longWaits({ ...table, score: [inRounds] }, waits)).toEqual([longest])
})
