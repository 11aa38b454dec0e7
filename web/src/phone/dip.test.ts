import { describe, expect, it } from 'vitest'
import type { Turn } from '@/api/types'
import { alongOf, figureOf, isForgotten, phaseOf, type Dip } from './dip'

const turn = { seconds: 9, bestSeconds: 25, overSeconds: 60 } as Turn
const dip = (onPlate = false): Dip => ({
  turn: { ...turn, ...(onPlate && { plateSeconds: 30 }) },
  since: 1000,
  onPlate,
})
const at = (seconds: number) => 1000 + seconds * 1000

describe('the clock of a dip', () => {
  it('is too early until it is ready, good until its best is over, then too late', () => {
    expect([0, 8.9, 9, 25, 25.1, 59.9, 60].map((s) => phaseOf(dip(), at(s)))).toEqual([
      'EARLY',
      'EARLY',
      'GOOD',
      'GOOD',
      'LATE',
      'LATE',
      'OVER',
    ])
  })

  it('counts down to ready and up after', () => {
    expect([0, 0.5, 8.9, 9, 14.2].map((s) => figureOf(dip(), at(s)))).toEqual([9, 9, 1, 9, 14])
  })

  it('browns on the plate first, and says when to slide it in', () => {
    expect(phaseOf(dip(true), at(29))).toBe('BROWNING')
    expect(figureOf(dip(true), at(29))).toBe(1)
    expect(phaseOf(dip(true), at(30))).toBe('SLIDE')
  })

  it('never runs over its bar, nor backwards where a clock was put right', () => {
    expect(alongOf(dip(), at(600))).toEqual({ at: 1, ready: 9 / 60, best: 25 / 60 })
    expect(phaseOf(dip(), 0)).toBe('EARLY')
    expect(figureOf(dip(), 0)).toBe(9)
  })

  it('is not told again half an hour later', () => {
    expect(isForgotten(dip(), at(60))).toBe(false)
    expect(isForgotten(dip(), at(3600))).toBe(true)
  })
})
