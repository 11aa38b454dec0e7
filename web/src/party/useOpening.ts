import { ref, watch } from 'vue'
import { useParty } from './store'

/** Opens the party of an address, unless it is open already; what went wrong where it could not. */
export function useOpening(id: () => string) {
  const party = useParty()
  const problem = ref('')
  watch(
    id,
    async (wanted) => {
      if (party.id === wanted && party.plan) return
      await party.open(wanted).catch((e: unknown) => {
        problem.value = e instanceof Error ? e.message : String(e)
      })
    },
    { immediate: true },
  )
  return { party, problem }
}
