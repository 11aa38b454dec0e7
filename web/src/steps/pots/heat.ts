/** How pots and their heat are called, and what a new one looks like. */

import type { HeatSource, Pot } from '@/api/types'

export const POT_KINDS: { value: Pot['kind']; label: string }[] = [
  { value: 'POT', label: 'pot' },
  { value: 'PERSONAL', label: 'single-person pot' },
  { value: 'PLATE_AND_MOAT', label: 'hot plate with moat' },
  { value: 'DIP', label: 'dip pot' },
]

/** How hard a pot boils at the table. */
export const BOILS: { value: Pot['boil']; label: string; does: string; fact: string }[] = [
  {
    value: 'GENTLE',
    label: 'gentle',
    does: 'Just under the boil, for pork, chicken and creamy broths; less goes in at a time.',
    fact: 'trembles at',
  },
  {
    value: 'SIMMER',
    label: 'simmer',
    does: 'A few bubbles, the lid ajar between drops.',
    fact: 'simmers at',
  },
  {
    value: 'ROLLING',
    label: 'rolling',
    does: 'Bubbles all over: more steam, more gas, more to top up.',
    fact: 'rolls at',
  },
]

export const boilOf = (pot: Pot) => BOILS.find((boil) => boil.value === pot.boil)

export const HEAT_KINDS: { value: HeatSource['kind']; label: string; watts: number }[] = [
  { value: 'BUTANE', label: 'butane cartridge', watts: 2200 },
  { value: 'INDUCTION', label: 'induction', watts: 1800 },
  { value: 'HOT_PLATE', label: 'electric hot plate', watts: 1500 },
  { value: 'BUILT_IN', label: 'built-in element', watts: 1400 },
]

/** What a pot is heated with when nobody has said. */

/** @example heatWords({ kind: 'INDUCTION', watts: 1800 }) // 'induction, 1800 W' */
export function heatWords(heat: HeatSource): string {
  const label = HEAT_KINDS.find((kind) => kind.value === heat.kind)?.label ?? ''
  return `${label}, ${heat.watts} W`
}

/** Litres of a pot by its measures [ml]; mirrors what the plan computes, for the dialog only. */
export function millilitres(size: NonNullable<Pot['size']>): number {
  return Math.round(((Math.PI / 4) * size.acrossMm * (size.alongMm ?? size.acrossMm) * size.depthMm) / 1000)
}
