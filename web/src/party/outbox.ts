/** What happened here and the server does not know yet, shown at once on top of its last plan. Pure. */

import type { PartyEvent, Plan } from '@/api/types'

/**
 * The plan as if the events had arrived: ticks and tasks show at once; amounts follow once the server has computed them.
 */
export function withPending(plan: Plan, events: PartyEvent[]): Plan {
  if (events.length === 0) return plan
  const bought = new Map<string, string | undefined>()
  const done = new Map<string, boolean>()
  const lines = plan.purchases.trips.flatMap((trip) => trip.lines)
  for (const event of events) {
    if (event.type === 'BOUGHT') {
      const line = lines.find((l) => l.offer === event.subject && !(bought.get(l.id) ?? l.boughtEvent))
      if (line) bought.set(line.id, event.id)
    }
    if (event.type === 'RETURNED') {
      const line = lines.find((l) => (bought.get(l.id) ?? l.boughtEvent) === event.subject)
      if (line) bought.set(line.id, undefined)
    }
    if (event.type === 'TASK_DONE') done.set(event.subject, true)
    if (event.type === 'TASK_REOPENED') done.set(event.subject, false)
  }
  return {
    ...plan,
    purchases: {
      ...plan.purchases,
      trips: plan.purchases.trips.map((trip) => ({
        ...trip,
        lines: trip.lines.map((line) =>
          bought.has(line.id) ? { ...line, boughtEvent: bought.get(line.id) } : line,
        ),
      })),
    },
    prep: {
      ...plan.prep,
      tasks: plan.prep.tasks.map((task) => ({ ...task, done: done.get(task.id) ?? task.done })),
    },
  }
}
