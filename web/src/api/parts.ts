/** What core says beside the parts of a party and a household: what is usual, and what numbers may be. */

import parts from './parts.json'
import type { components } from './schema'

type Entities = components['schemas']
type Usual = typeof parts.usual
type Ranges = typeof parts.ranges

/**
 * The parts of an entity that may be left out, as they usually are, for a new one.
 * @example { ...usual('Side'), id, broth }
 */
export const usual = <K extends keyof Usual & keyof Entities>(kind: K) =>
  structuredClone(parts.usual[kind]) as unknown as Pick<Entities[K], keyof Usual[K] & keyof Entities[K]>

/**
 * The least and the most a number may be, to bind to its field.
 * @example range('Brief', 'mealMinutes') // { min: 30, max: 240 }
 */
export const range = <K extends keyof Ranges, P extends keyof Ranges[K]>(kind: K, part: P) =>
  parts.ranges[kind][part] as { min: number; max: number }
