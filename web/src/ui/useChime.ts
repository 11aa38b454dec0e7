import { onScopeDispose, ref, watch, type Ref } from 'vue'
import { notes } from './note'

const KEY = 'ladle-sound'
const NOTES_HZ = [660, 880, 1100]

/**
 * A chime of three notes whenever another id joins those that are due; silent until the host allows it by a tap, since
 * browsers play nothing before.
 */
export function useChime(due: Ref<string[]>) {
  const on = ref(localStorage.getItem(KEY) === 'on')
  let context: AudioContext | undefined

  function allow(): void {
    context ??= typeof AudioContext === 'undefined' ? undefined : new AudioContext()
    void context?.resume()
  }

  function toggle(): void {
    on.value = !on.value
    localStorage.setItem(KEY, on.value ? 'on' : 'off')
    if (on.value) play()
  }

  function play(): void {
    allow()
    if (!context) return
    notes(context, NOTES_HZ)
  }

  watch(due, (now, before) => {
    if (on.value && now.some((id) => !before.includes(id))) play()
  })
  onScopeDispose(() => void context?.close())
  return { on, toggle, allow }
}
