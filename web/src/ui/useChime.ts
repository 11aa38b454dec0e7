import { onScopeDispose, ref, watch, type Ref } from 'vue'

const KEY = 'ladle-sound'
const NOTES_HZ = [660, 880, 1100]
const NOTE_S = 0.22

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
    NOTES_HZ.forEach((hertz, i) => note(context as AudioContext, hertz, i * NOTE_S))
  }

  watch(due, (now, before) => {
    if (on.value && now.some((id) => !before.includes(id))) play()
  })
  onScopeDispose(() => void context?.close())
  return { on, toggle, allow }
}

function note(context: AudioContext, hertz: number, after: number): void {
  const start = context.currentTime + after
  const tone = context.createOscillator()
  const loudness = context.createGain()
  tone.frequency.value = hertz
  loudness.gain.setValueAtTime(0.25, start)
  loudness.gain.exponentialRampToValueAtTime(0.001, start + NOTE_S)
  tone.connect(loudness).connect(context.destination)
  tone.start(start)
  tone.stop(start + NOTE_S)
}
