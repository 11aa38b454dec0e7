import { onScopeDispose } from 'vue'
import { useParty } from './store'

const MINUTE_MS = 60_000

/** Has the party planned anew every minute as long as something may become late. One page calls it, once. */
export function useMinutelyPlan(isOn: () => boolean): void {
  const party = useParty()
  const timer = setInterval(() => void (isOn() && !party.offline && party.replan()), MINUTE_MS)
  onScopeDispose(() => clearInterval(timer))
}
