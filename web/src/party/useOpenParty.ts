import { computed, type ComputedRef } from 'vue'
import type { Brief, Catalogue, Plan } from '@/api/types'
import { useParty } from './store'

/** The party on screen for the steps below the frame, which shows them only once everything is there. */
export function useOpenParty() {
  const party = useParty()
  return {
    party,
    brief: loaded<Brief>(() => party.brief, 'brief'),
    plan: loaded<Plan>(() => party.plan, 'plan'),
    catalogue: loaded<Catalogue>(() => party.catalogue, 'catalogue'),
  }
}

function loaded<T>(get: () => T | undefined, what: string): ComputedRef<T> {
  return computed(() => {
    const value = get()
    if (value === undefined) throw new Error(`A step was shown before the ${what} was there`)
    return value
  })
}
