import { useRouter } from 'vue-router'
import type { Remedy, Unmet } from '@/api/types'
import { stepName } from '@/eveningline/stations'
import { useParty } from './store'

/** Does what would mend something: one edit, or a way to the step where it can be mended by hand. */
export function useMend() {
  const party = useParty()
  const router = useRouter()
  return async function mend(unmet: Unmet, remedy: Remedy = unmet.remedy): Promise<void> {
    if (remedy.edit) await party.take(remedy)
    else await router.push(`/party/${party.id}/${stepName(unmet.step)}`)
  }
}
