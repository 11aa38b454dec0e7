import { computed } from 'vue'
import type { PrepTask } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { localMs, nowIn } from '@/ui/time'
import { useNow } from '@/ui/useNow'

const SECOND = 1000
const HOUR = 3600 * SECOND
/** Prep goes on from so long before sitting down until so long after it [h]. */
const HOURS_BEFORE = 14
const HOURS_AFTER = 3

/** Prep by the second: the moment on the party's clock, the tasks, and those whose time is up. */
export function useLivePrep() {
  const { brief, plan } = useOpenParty()
  const now = useNow(SECOND)
  const nowMs = computed(() => nowIn(brief.value.zone, now.value))
  const tasks = computed(() => plan.value.prep.tasks)
  const sitDown = computed(() => localMs(brief.value.sitDown))
  const isOn = computed(
    () =>
      nowMs.value > sitDown.value - HOURS_BEFORE * HOUR && nowMs.value < sitDown.value + HOURS_AFTER * HOUR,
  )
  /** Of a task under way, negative once its time is up [ms]. */
  const left = (task: PrepTask) => localMs(task.endsAt) - nowMs.value
  const due = computed(() =>
    tasks.value.filter((task) => task.state === 'RUNNING' && left(task) <= 0).map((task) => task.id),
  )
  return { nowMs, isOn, sitDown, tasks, due, left }
}
