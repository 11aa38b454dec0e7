/** What happened here and the server does not know yet, shown at once on top of its last plan. Pure. */

import type { PartyEvent, Plan, PrepTask } from '@/api/types'
import { nowIn } from '@/ui/time'

const MINUTE = 60_000
const STATES: Partial<Record<PartyEvent['type'], PrepTask['state']>> = {
  TASK_STARTED: 'RUNNING',
  TASK_PAUSED: 'PAUSED',
  TASK_DONE: 'DONE',
  TASK_REOPENED: 'PLANNED',
}

/**
 * The plan as if the events had arrived: ticks and tasks show at once, one that is begun counts down from its start;
 * amounts and all other times follow once the server has computed them.
 */
export function withPending(plan: Plan, events: PartyEvent[], zone: string): Plan {
  if (events.length === 0) return plan
  const bought = new Map<string, string | undefined>()
  const touched = new Map<string, Partial<PrepTask>>()
  const lefts = new Map(plan.prep.tasks.map((task) => [task.id, task.left]))
  const begun = (event: PartyEvent) => {
    const at = nowIn(zone, new Date(event.at))
    const local = (ms: number) => new Date(ms).toISOString().slice(0, 19)
    return { startsAt: local(at), endsAt: local(at + (lefts.get(event.subject ?? '') ?? 0) * MINUTE) }
  }
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
    if (state && event.subject)
      touched.set(event.subject, { state, ...(state === 'RUNNING' && begun(event)) })
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
      tasks: plan.prep.tasks.map((task) => ({ ...task, ...touched.get(task.id) })),
    },
  }
}
