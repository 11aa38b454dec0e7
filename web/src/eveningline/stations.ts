import type { StepName } from '@/app/router'
import type { Brief, Plan, Step } from '@/api/types'
import { satDown } from '@/party/satDown'
import { clockAfter, clockText, localMs, weekday } from '@/ui/time'

/** A station of the evening line: a step of the work or a moment of the days around it. */
export interface Station {
  key: string
  step: StepName
  name: string
  /** Key figure beneath the name. */
  figure: string
  /** Local time on the scale of `localMs`; only moments have one. */
  at?: number
  /** Something is still open here. */
  open: boolean
}

const STEP_OF: Record<Step, StepName> = {
  GUESTS: 'guests',
  POTS: 'pots',
  INGREDIENTS: 'ingredients',
  SAUCES: 'sauces',
  SHOPPING: 'shopping',
  PREP: 'prep',
  TABLE: 'table',
}

export const stepName = (step: Step): StepName => STEP_OF[step]

const many = (count: number, one: string) => `${count} ${one}${count === 1 ? '' : 's'}`

/** All stations in the order of the work; shops in the order of the trips. */
export function stations(brief: Brief, plan: Plan): Station[] {
  const open = new Set(plan.unmet.map((unmet) => stepName(unmet.step)))
  const base = (step: StepName, name: string, figure: string, at?: number): Station => ({
    key: step,
    step,
    name,
    figure,
    at,
    open: open.has(step),
  })
  const prep = plan.prep.tasks.find((task) => !task.fixed)
  const sides = brief.pots.reduce((sum, pot) => sum + pot.sides.length, 0)
  const shops = plan.purchases.trips.map((trip) => ({
    ...base('shopping', 'Shop', `${weekday(trip.at)} · ${trip.bill.text}`, localMs(trip.at)),
    key: `shop-${trip.id}`,
    open: trip.lines.some((line) => !line.boughtEvent),
  }))
  const began = satDown(brief, plan)
  return [
    base('guests', 'Guests', String(brief.guests.length)),
    base('pots', 'Pots, broths', many(sides, 'side')),
    base('ingredients', 'Ingredients', many(brief.menu.length, 'cut')),
    base('sauces', 'Sauces', String(brief.sauces.length)),
    ...(shops.length > 0 ? shops : [base('shopping', 'Shop', 'nothing to buy')]),
    base('prep', 'Prep', prep ? `from ${clockText(prep.startsAt)}` : '', prep && localMs(prep.startsAt)),
    base('table', plan.table.now.started ? 'Sat down' : 'Sit down', clockText(began), localMs(began)),
    {
      ...base(
        'afterwards',
        'Finish',
        clockAfter(began, plan.table.mealSeconds),
        localMs(began) + plan.table.mealSeconds * 1000,
      ),
      key: 'finish',
      open: false,
    },
  ]
}

/**
 * Where "now" stands on a line of evenly spaced stations, from 0 to 1: between the moments before and after it, and
 * before the first moment just past the steps that have none.
 */
export function nowShare(line: Station[], now: number): number {
  const last = line.length - 1
  const after = line.findIndex((station) => station.at !== undefined && station.at > now)
  if (after < 0) return 1
  const before = line[after - 1]
  if (before?.at === undefined) return Math.max(0, after - 0.5) / last
  const next = line[after]?.at ?? before.at
  return (after - 1 + (now - before.at) / Math.max(1, next - before.at)) / last
}
