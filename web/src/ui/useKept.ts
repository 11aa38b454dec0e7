import { onScopeDispose, ref, watch, type Ref } from 'vue'

/**
 * What is typed into a dialog and not saved yet, or that the dialog is open at all: a reload of the page keeps it, closing
 * the dialog forgets it.
 */
export function useKept<T>(place: string, start: T): Ref<T> {
  const key = `ladle-typed ${location.pathname} ${place}`
  const before = sessionStorage.getItem(key)
  const kept = ref(before === null ? start : JSON.parse(before)) as Ref<T>
  watch(
    kept,
    (value) => {
      if (value === undefined) sessionStorage.removeItem(key)
      else sessionStorage.setItem(key, JSON.stringify(value))
    },
    { deep: true },
  )
  onScopeDispose(() => sessionStorage.removeItem(key))
  return kept
}
