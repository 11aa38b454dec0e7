import { expect, it } from 'vitest'
import type { PartyEvent, PrepTask } from '@/api/types'
import { aLine, aPlan, figure } from '@/test/data'
import { withPending } from './pendingPlan'

const event = (type: PartyEvent['type'], subject: string, id = `${type}-${subject}`): PartyEvent => ({
  id,
  at: '2026-11-28T10:00:00Z',
  type,
  subject,
})

function plan() {
  const made = aPlan()
  made.purchases.trips[0]?.lines.push(aLine('tofu', 'Chilled'), aLine('leek', 'Produce', 'earlier'))
  made.prep.tasks.push({
    id: 'soak',
    what: 'Soak',
    minutes: figure('m', 10, 'min'),
    state: 'PLANNED',
    left: 10,
  } as unknown as PrepTask)
  return made
}

const boughtBy = (events: PartyEvent[]) =>
  withPending(plan(), events, 'Europe/Vienna').purchases.trips[0]?.lines.map((line) => line.boughtEvent)

it('shows ticks at once, and takes them back', () => {
  expect(boughtBy([])).toEqual([undefined, 'earlier'])
  expect(boughtBy([event('BOUGHT', 'tofu', 'now')])).toEqual(['now', 'earlier'])
  expect(boughtBy([event('BOUGHT', 'tofu', 'now'), event('RETURNED', 'now')])).toEqual([undefined, 'earlier'])
  expect(boughtBy([event('RETURNED', 'earlier')])).toEqual([undefined, undefined])
})

it('begins, pauses, ticks and reopens tasks', () => {
  const state = (...types: PartyEvent['type'][]) =>
    withPending(
      plan(),
      types.map((type) => event(type, 'soak')),
      'Europe/Vienna',
    ).prep.tasks[0]?.state

  expect(state('TASK_STARTED')).toBe('RUNNING')
  expect(state('TASK_STARTED', 'TASK_PAUSED')).toBe('PAUSED')
  expect(state('TASK_STARTED', 'TASK_DONE')).toBe('DONE')
  expect(state('TASK_DONE', 'TASK_REOPENED')).toBe('PLANNED')
})

it('counts a task down from where it was begun', () => {
  const task = withPending(plan(), [event('TASK_STARTED', 'soak')], 'Europe/Vienna').prep.tasks[0]

  expect(task).toMatchObject({ startsAt: '2026-11-28T11:00:00', endsAt: '2026-11-28T11:10:00' })
})

it('leaves a plan as it is when there is nothing to send', () => {
  const made = plan()

  expect(withPending(made, [], 'UTC')).toBe(made)
})
