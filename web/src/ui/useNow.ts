import { onScopeDispose, ref } from 'vue'

const TICK_MS = 20_000

/** The current time, moving on every 20 seconds, or as often as is said [ms], while somebody looks. */
export function useNow(tickMs = TICK_MS) {
  const now = ref(new Date())
  const timer = setInterval(() => (now.value = new Date()), tickMs)
  onScopeDispose(() => clearInterval(timer))
  return now
}
