import { notes } from '@/ui/note'
import type { Phase } from './dip'

/** Notes and shakes [Hz, ms]: good rises, too late falls. */
const NOTES: Partial<Record<Phase, { hertz: number[]; shake: number[] }>> = {
  SLIDE: { hertz: [660, 880], shake: [120] },
  GOOD: { hertz: [660, 880, 1320], shake: [180, 80, 180] },
  LATE: { hertz: [880, 520], shake: [400] },
  OVER: { hertz: [520, 390], shake: [400, 120, 400] },
}

let context: AudioContext | undefined

/** Browsers play nothing before a tap: called by one. */
export function allowSound(): void {
  context ??= typeof AudioContext === 'undefined' ? undefined : new AudioContext()
  void context?.resume()
}

/** Says a phase by ear and hand, where the phone can. */
export function sound(phase: Phase): void {
  const said = NOTES[phase]
  if (!said) return
  navigator.vibrate?.(said.shake)
  if (context) notes(context, said.hertz)
}
