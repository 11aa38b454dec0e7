import { expect, it } from 'vitest'
import type { Brief, Plan, SidePlan } from '@/api/types'
import { visits } from '@/steps/sequence/agenda'
import { usual } from '@/api/parts'
import { aBrief, aPlan } from '@/test/data'
import { sideNames } from './sideNames'

/** Pots with the broths of their sides; a side is called by its pot and its place in it. */
function table(pots: Record<string, string[]>): { brief: Brief; plan: Plan } {
  const brief = aBrief()
  const plan = aPlan()
  const [pot] = brief.pots
  if (!pot) throw new Error('Test data has a pot')
  const broths = Object.entries(pots).flatMap(([name, own]) =>
    own.map((broth, i) => ({ id: `${name}-${i}`, broth })),
  )
  brief.pots = Object.entries(pots).map(([name, own]) => ({
    ...pot,
    id: name,
    name,
    sides: own.map((broth, i) => ({ ...usual('Side'), id: `${name}-${i}`, broth })),
  }))
  plan.broths.sides = broths.map(({ id, broth }) => ({ side: id, brothName: broth }) as SidePlan)
  return { brief, plan }
}

it('calls sides so that nobody takes one for another', () => {
  const { brief, plan } = table({ Split: ['Kelp', 'Tomato'], Clean: ['Kelp'], Quad: ['Ginger', 'Ginger'] })

  expect(sideNames(brief, plan).map(({ label }) => label)).toEqual([
    'Kelp, Split',
    'Tomato',
    'Kelp, Clean',
    'Ginger, Quad, side 1',
    'Ginger, Quad, side 2',
  ])
})

it('tells a minder which of two pots with one broth is meant', () => {
  const { brief, plan } = table({ Split: ['Kelp', 'Tomato'], Clean: ['Kelp'] })
  plan.table.cues = [
    { at: 0, latest: 60, act: 'PUT_IN', side: 'Clean-0', text: 'Put in white fish', minder: 'ada' },
  ]

  const lines = visits(brief, plan).flatMap(({ rows }) => rows.flatMap((row) => row.lines))

  expect(lines.map(({ beside }) => beside)).toEqual(['Kelp, Clean'])
})
