/**
 * Something that is done once after a while, however often it is asked for meanwhile; the last asking decides when.
 *
 * @example
 * const saveSoon = onceSoon(save)
 * saveSoon.after(400)
 * saveSoon.after(400) // saves once
 */
export function onceSoon(run: () => void) {
  let timer: ReturnType<typeof setTimeout> | undefined
  const cancel = () => clearTimeout(timer)
  return {
    /** @param ms from now [ms] */
    after(ms: number): void {
      cancel()
      timer = setTimeout(run, ms)
    },
    cancel,
  }
}
