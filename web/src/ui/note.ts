const NOTE_S = 0.2

/** A short tone that fades, so long after now [Hz, s]. */
function note(on: AudioContext, hertz: number, after: number): void {
  const start = on.currentTime + after
  const tone = on.createOscillator()
  const loudness = on.createGain()
  tone.frequency.value = hertz
  loudness.gain.setValueAtTime(0.25, start)
  loudness.gain.exponentialRampToValueAtTime(0.001, start + NOTE_S)
  tone.connect(loudness).connect(on.destination)
  tone.start(start)
  tone.stop(start + NOTE_S)
}

/** One after another. */
export const notes = (on: AudioContext, hertz: number[]) =>
  hertz.forEach((one, i) => note(on, one, i * NOTE_S))
