import { onScopeDispose, ref, watch, type Ref } from 'vue'

/**
 * What is typed into a dialog and not saved yet, or that the dialog is open at all: a reload of the page keeps it, closing
 * the dialog forgets it. What stays is still there when the dialog is opened again, on this device.
 */
export function useKept<T>(place: string, start: T, stays = false): Ref<T> {
  const key = `ladle-typed ${location.pathname} ${place}`
  const storage = stays ? localStorage : sessionStorage
  const before = storage.getItem(key)
  const kept = ref(before === null ? start : JSON.parse(before)) as Ref<T>
  watch(
    kept,
    (value) => {
      if (value === undefined) storage.removeItem(key)
      else storage.setItem(key, JSON.stringify(value))
    },
    { deep: true },
  )
  if (!stays) onScopeDispose(() => storage.removeItem(key))
  return kept
}
