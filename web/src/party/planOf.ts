import { api, ask } from '@/api/client'
import type { Brief, Plan } from '@/api/types'

/** The plan a party would have by another brief; nothing of it is kept. */
export const planOf = (party: string, brief: Brief, signal: AbortSignal): Promise<Plan> =>
  ask(api.POST('/api/parties/{id}/plan', { params: { path: { id: party } }, body: brief, signal }))
