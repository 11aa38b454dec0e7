import { useRouter } from 'vue-router'
import type { Unmet } from '@/api/types'
import { stepName } from '@/eveningline/stations'
import { remedyEdit } from './edits'
import { useParty } from './store'

/** Does what would mend something: one edit, or a way to the step where it can be mended by hand. */
export function useMend() {
  const party = useParty()
  const router = useRouter()
  return async function mend(unmet: Unmet): Promise<void> {
    const edit = remedyEdit(unmet.remedy)
    if (edit) party.edit(unmet.remedy.label.toLowerCase(), edit)
    else await router.push(`/party/${party.id}/${stepName(unmet.step)}`)
  }
}
