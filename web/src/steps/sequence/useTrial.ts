import { onUnmounted, shallowRef } from 'vue'
import { NoConnection } from '@/api/client'
import type { Drop, Plan } from '@/api/types'
import { latest } from '@/party/latest'
import { onceSoon } from '@/party/onceSoon'
import { planOf } from '@/party/planOf'
import { useOpenParty } from '@/party/useOpenParty'
import { pinsWith } from './trial'

/** A drop held over another minute, and the plan that would make once it is known. */
export interface Trial {
  drop: Drop
  minute: number
  plan?: Plan
}

/** The hand rests so long before it is asked what that would come to [ms]. */
const RESTS = 150

/** What a drop would come to while it is held over another minute. Nothing is changed. */
export function useTrial() {
  const { party, brief } = useOpenParty()
  const trial = shallowRef<Trial>()
  const ask = latest<Trial, Plan>(
    ({ drop, minute }, signal) => {
      const { decisions } = brief.value
      const drops = pinsWith(decisions.drops, drop, minute)
      return planOf(party.id, { ...brief.value, decisions: { ...decisions, drops } }, signal)
    },
    (plan, asked) => {
      if (trial.value === asked) trial.value = { ...asked, plan }
    },
    (e) => {
      if (!(e instanceof NoConnection)) throw e
    },
  )
  const askSoon = onceSoon(() => trial.value && void ask(trial.value))

  function hold(drop: Drop, minute: number): void {
    if (trial.value?.drop === drop && trial.value.minute === minute) return
    trial.value = { drop, minute }
    askSoon.after(RESTS)
  }

  function end(): void {
    askSoon.cancel()
    trial.value = undefined
  }
  onUnmounted(end)

  return { trial, hold, end }
}
