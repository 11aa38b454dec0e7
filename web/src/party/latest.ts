/** A request that takes longer is given up when something newer is asked [ms]. */
const PATIENT_MS = 1000

/**
 * Runs one request at a time; of those asked for meanwhile only the last one runs, and one that takes long is given up
 * for it.
 *
 * @example
 * const plan = latest((brief, signal) => post(brief, signal), show)
 * plan(a); plan(b); plan(c) // posts a, then c
 */
export function latest<I, O>(
  run: (input: I, signal: AbortSignal) => Promise<O>,
  done: (output: O, input: I) => void,
  failed: (e: unknown, input: I) => void,
) {
  let current: { began: number; control: AbortController } | undefined
  let waiting: { input: I } | undefined
  return async function request(input: I): Promise<void> {
    if (current) {
      waiting = { input }
      const { began, control } = current
      setTimeout(() => control.abort(), Math.max(0, began + PATIENT_MS - Date.now()))
      return
    }
    current = { began: Date.now(), control: new AbortController() }
    try {
      const output = await run(input, current.control.signal)
      if (!waiting) done(output, input)
    } catch (e) {
      if (!waiting) failed(e, input)
    } finally {
      current = undefined
    }
    if (waiting) {
      const next = waiting.input
      waiting = undefined
      await request(next)
    }
  }
}
