/**
 * Runs one request at a time; of those asked for meanwhile only the last one runs.
 *
 * @example
 * const plan = latest((brief) => post(brief), show)
 * plan(a); plan(b); plan(c) // posts a, then c
 */
export function latest<I, O>(
  run: (input: I) => Promise<O>,
  done: (output: O, input: I) => void,
  failed: (e: unknown, input: I) => void,
) {
  let busy = false
  let waiting: { input: I } | undefined
  return async function request(input: I): Promise<void> {
    if (busy) {
      waiting = { input }
      return
    }
    busy = true
    try {
      const output = await run(input)
      if (!waiting) done(output, input)
    } catch (e) {
      if (!waiting) failed(e, input)
    } finally {
      busy = false
    }
    if (waiting) {
      const next = waiting.input
      waiting = undefined
      await request(next)
    }
  }
}
