/** What the host's taps on a cue tell of the table. Pure. */

import type { Cue, Drop, PartyEvent, Said } from '@/api/types'

/** Cues that an event of its own says to be done; all others are said by what was done where. */
export const OWN_EVENT: Partial<Record<Cue['act'], PartyEvent['type']>> = {
  PUT_IN: 'PUT_IN',
  TAKE_OUT: 'TAKEN_OUT',
  SKIM: 'SKIMMED',
  SOUP: 'SOUP_SERVED',
}

/** What Done says of a cue. */
export function done(cue: Cue, drop?: Drop): Said {
  if (cue.act === 'PUT_IN') return { type: 'PUT_IN', drop: cue.drop, cut: drop?.cut, side: drop?.side }
  if (cue.act === 'TAKE_OUT') return { type: 'TAKEN_OUT', drop: cue.drop, how: 'DONE' }
  const type = OWN_EVENT[cue.act]
  return type ? { type, side: cue.side } : { type: 'CUE_DONE', act: cue.act, side: cue.side }
}

/** What Skip says of a cue: what is put in is left out, all else counts as seen to. */
export const skip = (cue: Cue): Said =>
  cue.act === 'PUT_IN' ? { type: 'SKIPPED', drop: cue.drop } : done(cue)

/** What hands a cue over. */
export const handed = (cue: Cue, to: string): Said => ({
  type: 'HANDED',
  subject: to,
  act: cue.act,
  drop: cue.drop,
  side: cue.side,
})
