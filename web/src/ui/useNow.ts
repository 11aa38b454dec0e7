import { onScopeDispose, ref } from 'vue'

const TICK_MS = 20_000

/** The current time, moving on every 20 seconds while somebody looks. */
export function useNow() {
  const now = ref(new Date())
  const timer = setInterval(() => (now.value = new Date()), TICK_MS)
  onScopeDispose(() => clearInterval(timer))
  return now
}
