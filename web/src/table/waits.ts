/** Waits before an empty bowl. */

import type { Plan } from '@/api/types'

type Table = Plan['table']
type Wait = Table['guests'][number]['waits'][number]

/** So many times as long as a wait should get is worth a word. */
const BEYOND = 1.25
/** As long as it should get where nobody says [s]. */
const USUAL = 240

/** A longer wait is one that is told and drawn; where all eat in rounds that is longer [s]. */
export const longWait = (table: Table): number =>
  BEYOND * (table.score.find(({ term }) => term === 'LONGEST_WAIT')?.aim ?? USUAL)

/** Those of a guest's waits that are drawn. */
export const longWaits = (table: Table, waits: Wait[]): Wait[] =>
  waits.filter((wait) => wait.to - wait.from > longWait(table))
