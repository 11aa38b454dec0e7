/** What happened here and the server does not know yet, shown at once on top of its last plan. Pure. */

import type { PartyEvent, Plan, PrepTask } from '@/api/types'

const STATES: Partial<Record<PartyEvent['type'], PrepTask['state']>> = {
  TASK_STARTED: 'RUNNING',
  TASK_PAUSED: 'PAUSED',
  TASK_DONE: 'DONE',
  TASK_REOPENED: 'PLANNED',
}

/**
 * The plan as if the events had arrived: ticks and tasks show at once; amounts follow once the server has computed them.
 */
export function withPending(plan: Plan, events: PartyEvent[]): Plan {
  if (events.length === 0) return plan
  const bought = new Map<string, string | undefined>()
  const states = new Map<string, PrepTask['state']>()
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
    const state = STATES[event.type]
    if (state) states.set(event.subject, state)
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
      tasks: plan.prep.tasks.map((task) => ({ ...task, state: states.get(task.id) ?? task.state })),
    },
  }
}
