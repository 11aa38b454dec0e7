/** Geometry of a pot cut through: compartments side by side, filled to the waterline. Pure. */

export interface Section {
  left: number
  right: number
  /** The brim. */ top: number
  bottom: number
}

export const LEAST_FILL = 25
export const MOST_FILL = 67

/** Height of a share of the capacity [%]. @example yOf({ left: 0, right: 9, top: 0, bottom: 100 }, 25) // 75 */
export const yOf = (section: Section, percent: number): number =>
  section.bottom - ((section.bottom - section.top) * percent) / 100

/** The fill a height stands for, in whole percent within what a pot may be filled. */
export function fillAt(section: Section, y: number): number {
  const percent = ((section.bottom - y) / (section.bottom - section.top)) * 100
  return Math.min(MOST_FILL, Math.max(LEAST_FILL, Math.round(percent)))
}

/** Left edge and width of each compartment. @example compartments({ left: 0, right: 90, top: 0, bottom: 1 }, 3)[1] // { x: 30, width: 30 } */
export function compartments(section: Section, count: number): { x: number; width: number }[] {
  const width = (section.right - section.left) / count
  return Array.from({ length: count }, (_, i) => ({ x: section.left + i * width, width }))
}

/** The fill after a key; the same fill for other keys. */
export function fillByKey(percent: number, key: string): number {
  const step = { ArrowUp: 1, ArrowDown: -1, PageUp: 5, PageDown: -5 }[key] ?? 0
  if (key === 'Home') return LEAST_FILL
  if (key === 'End') return MOST_FILL
  return Math.min(MOST_FILL, Math.max(LEAST_FILL, percent + step))
}
