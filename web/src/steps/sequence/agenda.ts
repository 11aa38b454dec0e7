/** The table as lists with time running downwards: what a minder does, what goes into a side, what a guest eats. */

import type { Brief, Cue, Plan } from '@/api/types'
import { inBroth, inTurns, isFished, putIn, takeOut } from '@/table/stays'
import { satDown } from '@/party/satDown'
import { sideName } from '@/party/sideNames'
import { clockAfter } from '@/ui/time'
import { longWaits } from '@/table/waits'
import { shortName, spellName, spells } from './chart'

/** A line of a list [s from sitting down]. */
export interface Row {
  key: string
  at: number
  lines: { text: string; beside: string; tint?: string }[]
  /** Nothing happens: somebody waits. */
  bare?: boolean
}

/** What is done at one pot within so long is one visit [s]. */
const ONE_VISIT = 20

const sideOf = (plan: Plan, id: string) => plan.broths.sides.find((side) => side.side === id)
const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)

/** Everybody who has something to do for others, with their visits to the pots in order of time. */
export function visits(brief: Brief, plan: Plan): { minder: string; name: string; rows: Row[] }[] {
  const potOf = (side: string) => brief.pots.find((pot) => pot.sides.some((s) => s.id === side))?.id
  const byMinder = new Map<string, Cue[][]>()
  for (const cue of plan.table.cues) {
    const own = byMinder.get(cue.minder ?? '') ?? []
    const visit = own.find((v) => {
      const first = v[0]
      return first && potOf(first.side) === potOf(cue.side) && cue.at - first.at <= ONE_VISIT
    })
    if (visit) visit.push(cue)
    else own.push([cue])
    byMinder.set(cue.minder ?? '', own)
  }
  return [...byMinder]
    .map(([minder, own]) => ({
      minder,
      name: [...brief.cooks, ...brief.guests].find((p) => p.id === minder)?.name ?? 'Whoever minds the pots',
      rows: own.map((visit, i) => row(brief, plan, visit, i)),
    }))
    .sort((a, b) => b.rows.length - a.rows.length)
}

function row(brief: Brief, plan: Plan, visit: Cue[], i: number): Row {
  return {
    key: `${i} ${visit[0]?.at}`,
    at: visit[0]?.at ?? 0,
    lines: visit.map((cue) => {
      const side = sideOf(plan, cue.side)
      return { text: cue.text, beside: sideName(brief, plan, cue.side), tint: side?.tint }
    }),
  }
}

/** What goes into a side. */
export function intoSide(brief: Brief, plan: Plan, side: string): Row[] {
  const began = satDown(brief, plan)
  const own = plan.table.drops.filter((drop) => drop.side === side)
  const tint = sideOf(plan, side)?.tint
  const shared = own
    .filter((drop) => !inTurns(drop))
    .map((drop) => {
      const first = clockAfter(began, inBroth(drop)[0]?.takeOut ?? 0)
      const beside = isFished(drop) ? `fished from ${first}` : `out ${clockAfter(began, takeOut(drop))}`
      return {
        key: drop.id,
        at: putIn(drop),
        lines: [{ text: `${drop.name}, ${drop.amount}`, beside, tint }],
      }
    })
  const dips = spells(own).map((spell) => {
    const beside = `until ${clockAfter(began, spell.to)}`
    return {
      key: spell.key,
      at: spell.from,
      lines: [{ text: `Dipped: ${lower(spellName(spell))}`, beside, tint }],
    }
  })
  const soup = plan.table.soupRounds
    .filter((round) => round.side === side)
    .map((round) => ({
      key: `soup ${round.at}`,
      at: round.at,
      lines: [
        {
          text: 'Soup: nothing raw is in it',
          beside: `until ${clockAfter(began, round.until)}`,
          tint,
        },
      ],
    }))
  return [...shared, ...dips, ...soup].sort((a, b) => a.at - b.at)
}

/** What a guest eats, bites of one drop that follow one another as one line; long waits bare. */
export function eatenBy(brief: Brief, plan: Plan, guest: string): Row[] {
  const pace = plan.table.guests.find((g) => g.guest === guest)
  if (!pace) return []
  const drops = new Map(plan.table.drops.map((drop) => [drop.id, drop]))
  const rows: Row[] = []
  let open: { row: Row; drop: string; grams: number } | undefined
  for (const bite of pace.bites) {
    const drop = drops.get(bite.drop)
    if (!drop) continue
    if (!open || open.drop !== bite.drop) {
      open = { row: { key: `${rows.length}`, at: bite.at, lines: [] }, drop: bite.drop, grams: 0 }
      rows.push(open.row)
    }
    open.grams += bite.grams
    const side = sideOf(plan, drop.side)
    const text = `${shortName(drop)}, ${Math.round(open.grams)} g`
    open.row.lines = [{ text, beside: sideName(brief, plan, drop.side), tint: side?.tint }]
  }
  const bare = longWaits(plan.table, pace.waits).map((wait) => ({
    key: `wait ${wait.from}`,
    at: wait.from + 1,
    lines: [{ text: `Nothing for ${Math.round((wait.to - wait.from) / 60)} min`, beside: '' }],
    bare: true,
  }))
  return [...rows, ...bare].sort((a, b) => a.at - b.at)
}
