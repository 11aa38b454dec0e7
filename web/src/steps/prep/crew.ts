/** What a kitchen has, as far as prep asks for it. */

import type { Kitchen } from '@/api/types'

type Part = 'rings' | 'ovens' | 'sinks' | 'boards' | 'fridgeLitres' | 'freezerLitres'

/** With what is taken for granted as long as nobody says otherwise. */
export const KITCHEN_PARTS: { key: Part; label: string; min: number; max: number; usual: number }[] = [
  { key: 'rings', label: 'rings', min: 1, max: 12, usual: 4 },
  { key: 'ovens', label: 'ovens', min: 0, max: 4, usual: 1 },
  { key: 'sinks', label: 'sinks', min: 1, max: 4, usual: 1 },
  { key: 'boards', label: 'boards', min: 1, max: 10, usual: 2 },
  { key: 'fridgeLitres', label: 'room in the fridge, l', min: 1, max: 1000, usual: 60 },
  { key: 'freezerLitres', label: 'room in the freezer, l', min: 0, max: 1000, usual: 20 },
]

const USUAL_RING_WATTS = 2000

/** The kitchen with one part said. */
export const kitchenWith = (kitchen: Kitchen | undefined, part: Part, count: number): Kitchen => ({
  ...(kitchen ?? { ringWatts: USUAL_RING_WATTS }),
  [part]: count,
})
