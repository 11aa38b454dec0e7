import type { Brief } from '@/api/types'
import { DAY_MS, localMs, localText } from '@/ui/time'

/** Another day for the party: its trips keep their distance from it. */
export function moveTo(draft: Brief, sitDown: string): void {
  const days = Math.round((localMs(sitDown.slice(0, 10)) - localMs(draft.sitDown.slice(0, 10))) / DAY_MS)
  const moved = (at: string) => localText(localMs(at) + days * DAY_MS)
  for (const shop of draft.shops) {
    shop.tripAt = moved(shop.tripAt)
    if (shop.againAt) shop.againAt = moved(shop.againAt)
  }
  draft.sitDown = sitDown
}

/** Sets when one goes to a shop; a second trip that would not come after the first is none. */
export function goAt(shop: Brief['shops'][number], tripAt: string, againAt = shop.againAt): void {
  shop.tripAt = tripAt
  shop.againAt = againAt && againAt > tripAt ? againAt : undefined
}

/** A name no entity of the list has yet: pot-1, pot-2, ... */
export function freshId(prefix: string, taken: { id: string }[]): string {
  let n = taken.length + 1
  while (taken.some((entity) => entity.id === `${prefix}-${n}`)) n++
  return `${prefix}-${n}`
}

/** Sets one guest's amount of one cut [g]. */
export const pinPortion = (guest: string, cut: string, grams: number) => (draft: Brief) => {
  freePortion(guest, cut)(draft)
  draft.decisions.portions.push({ guest, cut, grams })
}

/** Lets one guest's amount of one cut be shared again. */
export const freePortion = (guest: string, cut: string) => (draft: Brief) => {
  draft.decisions.portions = draft.decisions.portions.filter((p) => p.guest !== guest || p.cut !== cut)
}

type TaskPin = Brief['decisions']['tasks'][number]

/** Sets a prep task's start [min before sitting down], cook or time it takes [min]; what is not said stays. */
export const pinTask = (task: string, pin: Omit<TaskPin, 'task'>) => (draft: Brief) => {
  const old = draft.decisions.tasks.find((p) => p.task === task)
  freeTask(task)(draft)
  draft.decisions.tasks.push({ ...old, ...pin, task })
}

/** Leaves a prep task to the plan again. */
export const freeTask = (task: string) => (draft: Brief) => {
  draft.decisions.tasks = draft.decisions.tasks.filter((pin) => pin.task !== task)
}

/** Exchanges the broths of two sides. */
export const swapBroths = (from: string, to: string) => (draft: Brief) => {
  const sides = draft.pots.flatMap((pot) => pot.sides)
  const a = sides.find((side) => side.id === from)
  const b = sides.find((side) => side.id === to)
  if (a && b) [a.broth, b.broth] = [b.broth, a.broth]
}
