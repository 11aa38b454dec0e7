/** What to do next, for everybody or for one cook. Pure; times on the scale of `localMs`. */

import type { PrepTask } from '@/api/types'
import { localMs } from '@/ui/time'

const MINUTE = 60_000

export const isPassive = (task: PrepTask) => !task.fixed && task.hands < task.minutes.value

/** Somebody is at it now: under way, and if it runs by itself still in its first minutes. */
const isAtHand = (task: PrepTask, now: number) =>
  task.state === 'PAUSED' ||
  (task.state === 'RUNNING' && (!isPassive(task) || now < localMs(task.startsAt) + task.hands * MINUTE))

/** Whatever somebody is at, then what comes next, three in all. */
export function nextThree(tasks: PrepTask[], now: number, cook?: string): PrepTask[] {
  const own = tasks.filter((task) => !cook || task.cook === cook)
  const at = own.filter((task) => isAtHand(task, now))
  const coming = own.filter(
    (task) => task.state === 'PLANNED' && (task.fixed ? localMs(task.endsAt) > now : task.hands > 0),
  )
  return [...at, ...coming].slice(0, 3)
}

/** What runs by itself, the one that ends first in front. */
export const alone = (tasks: PrepTask[], now: number): PrepTask[] =>
  tasks
    .filter((task) => task.state === 'RUNNING' && !isAtHand(task, now))
    .sort((a, b) => a.endsAt.localeCompare(b.endsAt))

/** Time left of a task under way, negative once it is over. @example clockLeft(125_000) // '2:05' */
export function clockLeft(ms: number): string {
  const seconds = Math.round(Math.abs(ms) / 1000)
  const hours = Math.floor(seconds / 3600)
  const minutes = Math.floor((seconds % 3600) / 60)
  const two = (n: number) => String(n).padStart(2, '0')
  const text = hours > 0 ? `${hours}:${two(minutes)}:${two(seconds % 60)}` : `${minutes}:${two(seconds % 60)}`
  return ms < 0 ? `+${text}` : text
}
