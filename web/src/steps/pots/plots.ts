/** Scales and paths of an evening's plots, minute by minute. Pure. */

export interface Panel {
  left: number
  right: number
  top: number
  bottom: number
  /** Last minute. */ minutes: number
  /** Value at the bottom. */ low: number
  /** Value at the top. */ high: number
}

export const xAt = (panel: Panel, minute: number): number =>
  panel.left + ((panel.right - panel.left) * minute) / Math.max(1, panel.minutes)

/** @example yAt({ left: 0, right: 1, top: 10, bottom: 110, minutes: 9, low: 0, high: 100 }, 50) // 60 */
export function yAt(panel: Panel, value: number): number {
  const share = (value - panel.low) / (panel.high - panel.low)
  return panel.bottom - (panel.bottom - panel.top) * Math.min(1, Math.max(0, share))
}

/** A line through one value a minute. */
export const line = (panel: Panel, values: number[]): string =>
  values
    .map((value, i) => `${i === 0 ? 'M' : 'L'}${xAt(panel, i).toFixed(1)} ${yAt(panel, value).toFixed(1)}`)
    .join('')

/** The same line closed along the bottom. */
export const area = (panel: Panel, values: number[]): string =>
  `${line(panel, values)}L${xAt(panel, values.length - 1).toFixed(1)} ${panel.bottom}L${panel.left} ${panel.bottom}Z`

/** Minutes to label, five or six of them. @example minuteTicks(90) // [0, 15, 30, 45, 60, 75, 90] */
export function minuteTicks(minutes: number): number[] {
  const step = [5, 10, 15, 20, 30, 60].find((s) => minutes / s <= 6) ?? 60
  return Array.from({ length: Math.floor(minutes / step) + 1 }, (_, i) => i * step)
}

/** A round number above a value, for the top of a panel. @example roundUp(1340) // 1400 */
export function roundUp(value: number): number {
  const step = 10 ** Math.max(0, Math.floor(Math.log10(Math.max(1, value))) - 1)
  return Math.ceil(value / step) * step
}
