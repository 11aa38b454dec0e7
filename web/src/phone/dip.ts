/** The clock of something held in the broth. Pure. */

import type { Turn } from '@/api/types'

/** What somebody put in by a tap, told again after the page was closed. */
export interface Dip {
  turn: Turn
  /** When it went in, or lay on the plate [ms]. */
  since: number
  /** It lies on the hot plate still. */
  onPlate: boolean
}

export type Phase = 'BROWNING' | 'SLIDE' | 'EARLY' | 'GOOD' | 'LATE' | 'OVER'

/** Where a dip is kept while the page is closed. */
export const DIP_KEY = 'ladle-dip'

/** So long after it was put in nobody holds it any more [ms]. */
const FORGOTTEN_MS = 30 * 60_000

const secondsOf = (dip: Dip, nowMs: number) => Math.max(0, (nowMs - dip.since) / 1000)

/** Too early, good, or too late; raw food is never good before it is safe, since the server counts that in. */
export function phaseOf(dip: Dip, nowMs: number): Phase {
  const seconds = secondsOf(dip, nowMs)
  const { turn } = dip
  if (dip.onPlate) return seconds < (turn.plateSeconds ?? 0) ? 'BROWNING' : 'SLIDE'
  if (seconds < turn.seconds) return 'EARLY'
  if (seconds <= turn.bestSeconds) return 'GOOD'
  return seconds < turn.overSeconds ? 'LATE' : 'OVER'
}

/** What the large figure shows [s]: what is left until it is ready, then how long it has been. */
export function figureOf(dip: Dip, nowMs: number): number {
  const seconds = secondsOf(dip, nowMs)
  if (dip.onPlate) return Math.max(0, Math.ceil((dip.turn.plateSeconds ?? 0) - seconds))
  return seconds < dip.turn.seconds ? Math.ceil(dip.turn.seconds - seconds) : Math.floor(seconds)
}

/** How far along the bar, from in (0) to overcooked (1). */
export function alongOf(dip: Dip, nowMs: number): { at: number; ready: number; best: number } {
  const whole = dip.turn.overSeconds
  return {
    at: Math.min(1, secondsOf(dip, nowMs) / whole),
    ready: dip.turn.seconds / whole,
    best: Math.min(1, dip.turn.bestSeconds / whole),
  }
}

export const isForgotten = (dip: Dip, nowMs: number) => nowMs - dip.since > FORGOTTEN_MS
