/** What the window bench asks and draws: sizes of shapes, and a window in a frame. Pure. */

import type { Cut } from '@/api/types'
import type { components } from '@/api/schema'

export type BenchWindow = components['schemas']['BenchWindow']
type Problem = components['schemas']['BenchProblem']

/** Shapes heat into which is computed, with what their sizes are called. */
export const SHAPES: { value: Cut['shape']; label: string; sizes: string[] }[] = [
  { value: 'SLAB', label: 'slice', sizes: ['thick'] },
  { value: 'CYLINDER', label: 'stick', sizes: ['across'] },
  { value: 'SHORT_CYLINDER', label: 'disc', sizes: ['across', 'high'] },
  { value: 'SPHERE', label: 'ball', sizes: ['across'] },
  { value: 'HEMISPHERE', label: 'half ball', sizes: ['across'] },
  { value: 'BRICK', label: 'block', sizes: ['long', 'wide', 'high'] },
]

/** Sizes of one shape for a piece of another: its smallest size where a new one has to be made up [mm]. */
export function sizesFor(shape: Cut['shape'], from: number[]): number[] {
  const wanted = SHAPES.find((s) => s.value === shape)?.sizes.length ?? from.length
  const least = Math.min(...from)
  return Array.from({ length: wanted }, (_, i) => from[i] ?? least)
}

export interface Settings {
  shape: Cut['shape']
  sizesMm: number[]
  startC: number
  brothC: number
}

export const problemOf = (cut: Cut, settings: Settings): Problem => ({ cut: cut.id, ...settings })

/** What a cut starts from, as its start state says [°C]. */
export const startOf = (cut: Cut): number =>
  ({ FROZEN: -18, AMBIENT: 20, DRIED: 15, CHILLED: 5, PRECOOKED: 5 })[cut.start]

export interface Frame {
  left: number
  top: number
  width: number
  height: number
  /** Longest time [s]. */ seconds: number
  /** Coldest and hottest [°C]. */ coldest: number
  hottest: number
}

export const xAt = (frame: Frame, second: number): number =>
  frame.left + (Math.min(second, frame.seconds) / frame.seconds) * frame.width

export const yAt = (frame: Frame, celsius: number): number =>
  frame.top + ((frame.hottest - celsius) / (frame.hottest - frame.coldest)) * frame.height

/** The core as a path; nothing where heat into the shape is not computed. */
export const corePath = (frame: Frame, points: BenchWindow['points']): string =>
  points
    .flatMap(({ second, centreC }) => (typeof centreC === 'number' ? [[second, centreC] as const] : []))
    .map(
      ([second, core], i) =>
        `${i === 0 ? 'M' : 'L'}${xAt(frame, second).toFixed(1)} ${yAt(frame, core).toFixed(1)}`,
    )
    .join('')

/** Height of what is good to eat, along the time axis. */
const BODY = 24

/** How much of its best is left, as the edge of a body that frays out: 1 until its end, 0 where it is overcooked. */
export function bestPath(frame: Frame, points: BenchWindow['points'], ready: number): string {
  const good = points.filter((point) => point.second >= ready)
  const edge = good.map(({ second, spent }) => {
    const left = Math.max(0, Math.min(1, 1 - (spent - 1) / 2))
    return `${xAt(frame, second).toFixed(1)} ${(frame.top + frame.height - BODY * left).toFixed(1)}`
  })
  const floor = frame.top + frame.height
  return edge.length === 0
    ? ''
    : `M${xAt(frame, ready).toFixed(1)} ${floor}L${edge.join('L')}L${xAt(frame, frame.seconds).toFixed(1)} ${floor}Z`
}

/**
 * Round times for the axis, four to eight of them.
 * @example ticks(300) // [0, 60, 120, 180, 240, 300]
 */
export function ticks(seconds: number): number[] {
  const step = [1, 2, 5, 10, 20, 30, 60, 120, 300, 600, 1800].find((s) => seconds / s <= 7) ?? 3600
  return Array.from({ length: Math.floor(seconds / step) + 1 }, (_, i) => i * step)
}

/** @example duration(95) // '1 min 35 s' */
export function duration(seconds: number): string {
  const whole = Math.ceil(seconds)
  if (whole < 60) return `${whole} s`
  return whole % 60 === 0 ? `${whole / 60} min` : `${Math.floor(whole / 60)} min ${whole % 60} s`
}
