import { onScopeDispose, ref } from 'vue'

/** Long enough to see the others' screens change by it [ms]. */
const TAKEN_BACK_WITHIN = 60_000

/** What was told the table last, while it can still be taken back with a tap, since a thumb slips. */
export function useLastSaid() {
  const last = ref<{ ids: string[]; text: string }>()
  let timer: ReturnType<typeof setTimeout> | undefined

  function forget(): void {
    clearTimeout(timer)
    last.value = undefined
  }

  function remember(ids: string[], text: string): void {
    forget()
    last.value = { ids, text }
    timer = setTimeout(forget, TAKEN_BACK_WITHIN)
  }

  onScopeDispose(() => clearTimeout(timer))
  return { last, remember, forget }
}
