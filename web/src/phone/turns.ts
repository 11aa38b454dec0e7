/** Words and order of what somebody eats. Pure. */

import type { Turn } from '@/api/types'

/** What the tap does that starts the clock. */
export const DO: Record<string, string> = {
  DIP: 'In it goes',
  BASKET: 'Basket in',
  BROWN: 'On the plate',
}

const LONG = 100

/** @example spoken(9) // '9 s', spoken(150) // '2:30 min' */
export function spoken(seconds: number): string {
  if (seconds < LONG) return `${seconds} s`
  const rest = seconds % 60
  return rest === 0
    ? `${seconds / 60} min`
    : `${Math.floor(seconds / 60)}:${String(rest).padStart(2, '0')} min`
}

/** @example until(75) // 'in 1:15', until(-3) // 'now' */
export function until(seconds: number): string {
  if (seconds <= 0) return 'now'
  if (seconds >= 3600) return `in ${Math.round(seconds / 60)} min`
  return `in ${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}

const WAYS: Record<Turn['act'], string> = {
  DIP: 'you dip it',
  BROWN: 'you brown it on the plate',
  BASKET: 'in your basket',
  FISH: 'fish it out',
  SERVED: 'brought to you',
}

export const wayOf = (turn: Turn) => (turn.forWhom ? `you cook it for ${turn.forWhom}` : WAYS[turn.act])

/** Without what this phone has said to be taken and the server does not know yet. */
export const notTaken = (turns: Turn[], taken: ReadonlySet<string>) =>
  turns.filter((turn) => !taken.has(`${turn.drop} ${turn.stay}`))
