/** What the window bench draws: problems from cuts, and a curve in a frame. Pure. */

import type { Cut } from '@/api/types'
import type { components } from '@/api/schema'

type Problem = components['schemas']['CoreProblem']
export type Curve = components['schemas']['CoreCurve']

/** Lean meat, from memory; fish, balls and fillings are close to it. */
export const LEAN: Problem['material'] = {
  conductivityWPerMK: 0.48,
  densityKgPerM3: 1050,
  specificHeatJPerKgK: 3500,
  waterShare: 0.75,
  freezingC: -1.5,
  frozenConductivityWPerMK: 1.4,
  frozenSpecificHeatJPerKgK: 2000,
}

/** A half ball heats like the ball of the same volume to surface, two thirds as wide. */
const HALF_BALL = 2 / 3
const SHAPES: Partial<Record<Cut['shape'], Problem['shape']>> = {
  SLAB: 'slab',
  CYLINDER: 'cylinder',
  SPHERE: 'sphere',
  HEMISPHERE: 'sphere',
  SHORT_CYLINDER: 'shortCylinder',
  BRICK: 'brick',
}

export const isHeated = (cut: Cut): boolean => cut.rawRisk !== 'NONE' && SHAPES[cut.shape] !== undefined
/** Frozen, only bodies of one dimension are computed. */
export const canFreeze = (cut: Cut): boolean => cut.dimensionsMm.length === 1

export interface Settings {
  /** Of the catalogue's size [%]. */ sizePercent: number
  startC: number
  brothC: number
  surfaceWPerM2K: number
}

export function problemOf(cut: Cut, settings: Settings): Problem {
  const factor = (cut.shape === 'HEMISPHERE' ? HALF_BALL : 1) * (settings.sizePercent / 100)
  return {
    shape: SHAPES[cut.shape] ?? 'slab',
    dimensionsMm: cut.dimensionsMm.map((mm) => mm * factor),
    startC: settings.startC,
    brothC: settings.brothC,
    targetC: cut.safeCoreC ?? 70,
    surfaceWPerM2K: settings.surfaceWPerM2K,
    material: LEAN,
  }
}

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

/** The curve as a path. */
export const curvePath = (frame: Frame, points: Curve['points']): string =>
  points
    .map(
      ({ second, centreC }, i) =>
        `${i === 0 ? 'M' : 'L'}${xAt(frame, second).toFixed(1)} ${yAt(frame, centreC).toFixed(1)}`,
    )
    .join('')

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
