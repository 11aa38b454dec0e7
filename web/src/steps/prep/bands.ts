/** Where prep tasks stand on their bands. Pure; times on the scale of `localMs`. */

import type { Brief, Prep, PrepTask } from '@/api/types'
import { localMs } from '@/ui/time'

const MINUTE = 60_000
/** A pause this long parts the days before from the hours before [min]. */
const LONG_PAUSE = 100
/** The chart reaches back so far at most [min]. */
const LONGEST = 11 * 60
const HALF_HOUR = 30

export interface Scale {
  /** First and last moment shown. */
  from: number
  to: number
  left: number
  right: number
}

/** A block on a band: a cook's time at a task, or a task's time at a place. */
export interface Block {
  task: PrepTask
  from: number
  to: number
  /** Row within the band, from 0. */
  row: number
}

export interface Band {
  key: string
  label: string
  /** The cook whose band it is. */
  cook?: string
  /** Said where a cook has nothing to do. */
  idle?: string
  blocks: Block[]
  rows: number
}

const PLACES: Partial<Record<PrepTask['at'], string>> = {
  RING: 'Ring',
  OVEN: 'Oven',
  SINK: 'Sink',
  VEGETABLE_BOARD: 'Board',
  RAW_MEAT_BOARD: 'Board',
  RAW_FISH_BOARD: 'Board',
}
const ORDER = ['Ring', 'Oven', 'Board', 'Sink']

/** Where a task starts on the last unbroken stretch before sitting down; earlier ones stand apart. */
export function chartStart(tasks: PrepTask[], sitDown: number): number {
  let start = sitDown - HALF_HOUR * MINUTE
  for (const task of [...tasks].sort((a, b) => localMs(b.endsAt) - localMs(a.endsAt))) {
    const end = localMs(task.endsAt)
    const begin = localMs(task.startsAt)
    if (end < start - LONG_PAUSE * MINUTE) break
    if (begin >= sitDown - LONGEST * MINUTE) start = Math.min(start, begin)
  }
  return Math.floor(start / (HALF_HOUR * MINUTE)) * HALF_HOUR * MINUTE
}

/** One band a cook, then each place that is used, then what runs by itself, then what goes into the pots. */
export function bands(brief: Brief, prep: Prep, from: number): Band[] {
  const shown = prep.tasks.filter((task) => localMs(task.endsAt) > from && task.id !== 'table:arrival')
  const cooks = prep.cooks.map((cook) => {
    const isOwn = (task: PrepTask) => task.cook === cook.cook && task.hands > 0
    const own = shown.filter(isOwn)
    const nothing = prep.tasks.some(isOwn) ? 'all done' : 'nothing to do yet'
    const idle = cook.helper ? 'helps when asked: drag a task here' : nothing
    return {
      ...band(`cook-${cook.cook}`, cook.name, own, atHand, cook.cook),
      idle: own.length === 0 ? idle : undefined,
    }
  })
  const places = new Map<string, PrepTask[]>()
  for (const task of shown) {
    const name = PLACES[task.at]
    if (name) {
      const key = `${name} ${task.unit + 1}`
      places.set(key, [...(places.get(key) ?? []), task])
    }
  }
  const kinds = (name: string) => [...places.keys()].filter((key) => key.startsWith(name)).sort()
  const used = ORDER.flatMap((name) => {
    const keys = kinds(name)
    return keys.map((key) => band(key, keys.length > 1 ? key : name, places.get(key) ?? [], whole))
  })
  const alone = shown.filter((task) => !PLACES[task.at] && !task.fixed && task.hands < task.minutes.value)
  const preloads = shown.filter((task) => task.fixed && task.group === 'TABLE')
  return [
    ...cooks,
    ...used,
    ...(alone.length > 0 ? [band('alone', 'By itself', alone, whole)] : []),
    ...(preloads.length > 0 ? [band('pots', 'Into the pots', preloads, whole)] : []),
  ]
}

const atHand = (task: PrepTask) => {
  const from = localMs(task.startsAt)
  const end = localMs(task.endsAt)
  const passive = task.hands < task.minutes.value
  return { from, to: passive ? Math.min(end, from + task.hands * MINUTE) : end }
}
const whole = (task: PrepTask) => ({ from: localMs(task.startsAt), to: localMs(task.endsAt) })

function band(
  key: string,
  label: string,
  tasks: PrepTask[],
  span: (task: PrepTask) => { from: number; to: number },
  cook?: string,
): Band {
  const ends: number[] = []
  const blocks = [...tasks]
    .sort((a, b) => a.startsAt.localeCompare(b.startsAt))
    .map((task) => {
      const { from, to } = span(task)
      let row = ends.findIndex((end) => end <= from)
      if (row < 0) row = ends.length
      ends[row] = to
      return { task, from, to, row }
    })
  return { key, label, cook, blocks, rows: Math.max(1, ends.length) }
}

const LETTER_WIDTH = 6.4
const LEAST_LETTERS = 4

/** As much of a task's name as a block so wide can show. @example wordsIn('Lay the table', 60) // 'Lay the…' */
export function wordsIn(what: string, width: number): string {
  const room = Math.floor((width - 8) / LETTER_WIDTH)
  if (room < LEAST_LETTERS) return ''
  return what.length <= room ? what : `${what.slice(0, room - 1).trimEnd()}…`
}

export const toX = (scale: Scale, at: number): number =>
  scale.left + ((at - scale.from) / (scale.to - scale.from)) * (scale.right - scale.left)

export const toTime = (scale: Scale, x: number): number =>
  scale.from + ((x - scale.left) / (scale.right - scale.left)) * (scale.to - scale.from)

/** Half hours on a chart, the full hours before sitting down named. @example tickName(120) // '2 h' */
export const tickName = (minutesBefore: number): string =>
  minutesBefore === 0 ? 'sit down' : minutesBefore % 60 === 0 ? `−${minutesBefore / 60} h` : ''

export function ticks(scale: Scale, sitDown: number): { at: number; name: string }[] {
  const list = []
  for (let minutes = 0; sitDown - minutes * MINUTE >= scale.from; minutes += HALF_HOUR) {
    list.push({ at: sitDown - minutes * MINUTE, name: tickName(minutes) })
  }
  return list
}

/** Minutes before sitting down, on the grid a finger can set [min]. */
export const snapped = (sitDown: number, at: number, step = 5): number =>
  Math.max(0, Math.round((sitDown - at) / MINUTE / step) * step)
