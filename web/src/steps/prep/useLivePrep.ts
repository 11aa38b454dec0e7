import { computed, onScopeDispose } from 'vue'
import type { PrepTask } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { localMs, nowIn } from '@/ui/time'
import { useNow } from '@/ui/useNow'
import { isPassive } from './next'

const SECOND = 1000
const MINUTE = 60 * SECOND
const HOUR = 60 * MINUTE

/** Prep while it goes on: the moment, what is due, and the verbs of a task; planned anew every minute of the day. */
export function useLivePrep() {
  const { party, brief, plan } = useOpenParty()
  const now = useNow(SECOND)
  const nowMs = computed(() => nowIn(brief.value.zone, now.value))
  const tasks = computed(() => plan.value.prep.tasks)
  const sitDown = computed(() => localMs(brief.value.sitDown))
  /** Within the hours in which anything moves. */
  const isOn = computed(
    () => nowMs.value > sitDown.value - 14 * HOUR && nowMs.value < sitDown.value + 3 * HOUR,
  )

  const timer = setInterval(() => void (isOn.value && !party.offline && party.replan()), MINUTE)
  onScopeDispose(() => clearInterval(timer))

  /** When a task under way is over; one begun without a connection is counted from its start here. */
  const endOf = (task: PrepTask) => localMs(task.endsAt)
  const left = (task: PrepTask) => endOf(task) - nowMs.value
  /** Ids of tasks whose time is up: over, or in need of hands. */
  const due = computed(() =>
    tasks.value.filter((task) => task.state === 'RUNNING' && left(task) <= 0).map((task) => task.id),
  )

  const say = (type: 'TASK_STARTED' | 'TASK_PAUSED' | 'TASK_DONE' | 'TASK_REOPENED') => (task: PrepTask) =>
    party.record({ type, subject: task.id })

  return {
    nowMs,
    isOn,
    sitDown,
    tasks,
    due,
    left,
    isPassive,
    start: say('TASK_STARTED'),
    pause: say('TASK_PAUSED'),
    done: say('TASK_DONE'),
    reopen: say('TASK_REOPENED'),
  }
}
