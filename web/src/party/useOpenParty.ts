import { computed, type ComputedRef } from 'vue'
import type { Brief, Catalogue, Plan } from '@/api/types'
import { satDown } from './satDown'
import { useParty } from './store'

/** The party on screen for the steps below the frame, which shows them only once everything is there. */
export function useOpenParty() {
  const party = useParty()
  const brief = loaded<Brief>(() => party.brief, 'brief')
  const plan = loaded<Plan>(() => party.plan, 'plan')
  return {
    party,
    brief,
    plan,
    catalogue: loaded<Catalogue>(() => party.catalogue, 'catalogue'),
    /** From here the seconds of the table count, as a local date and time. */
    from: computed(() => satDown(brief.value, plan.value)),
  }
}

function loaded<T>(get: () => T | undefined, what: string): ComputedRef<T> {
  return computed(() => {
    const value = get()
    if (value === undefined) throw new Error(`A step was shown before the ${what} was there`)
    return value
  })
}
