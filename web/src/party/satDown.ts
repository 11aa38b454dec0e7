import type { Brief, Plan } from '@/api/types'
import { nowIn } from '@/ui/time'

/** When people sat down, or should, as a local date and time: the seconds of a table count from here. */
export function satDown(brief: Brief, plan: Plan): string {
  const at = plan.table.now.satDown
  return at ? new Date(nowIn(brief.zone, new Date(at))).toISOString().slice(0, 19) : brief.sitDown
}
