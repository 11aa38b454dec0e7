import { computed, type ComputedRef } from 'vue'
import { useParty } from '@/party/store'
import { useMinutelyPlan } from '@/party/useMinutelyPlan'
import { localMs, nowIn } from '@/ui/time'
import { useNow } from '@/ui/useNow'
import { useStream } from './useStream'

const SOON_MS = 30 * 60_000

/** Pages beside the running table follow it: what is marked elsewhere, and what passes, from shortly before it begins. */
export function useRunningTable(): { isRunning: ComputedRef<boolean> } {
  const party = useParty()
  const now = useNow()
  const isRunning = computed(() => {
    const table = party.plan?.table.now
    return table !== undefined && table.started && !table.finished
  })
  const isSoon = computed(() => {
    const brief = party.brief
    if (!brief || party.plan?.table.now.finished) return false
    return isRunning.value || Math.abs(nowIn(brief.zone, now.value) - localMs(brief.sitDown)) < SOON_MS
  })
  useStream(() => (isSoon.value ? party.id : undefined))
  useMinutelyPlan(() => isRunning.value)
  return { isRunning }
}
