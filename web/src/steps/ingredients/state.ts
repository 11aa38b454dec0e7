/** What a host says of the state and the amount of something on the menu. Pure. */

import type { Brief } from '@/api/types'
import { labelOf } from '@/party/words'
import { weight } from '@/ui/units'

/** @example plural('block of noodles') // 'blocks of noodles' */
export const plural = (called: string): string =>
  called.replace(/^\w+/, (noun) => (noun.endsWith('ch') ? `${noun}es` : `${noun}s`))

type Item = Brief['menu'][number]
export type Bought = NonNullable<Item['bought']>
export type KeptIn = Item['keptIn']
export type Amount = NonNullable<Item['amount']>

export const BOUGHT: { value: Bought; label: string }[] = [
  { value: 'WHOLE', label: 'whole' },
  { value: 'CUT', label: 'cut' },
  { value: 'READY', label: 'ready for the table' },
]

export const KEPT_IN: { value: KeptIn; label: string }[] = [
  { value: 'SHOP', label: 'from the shop' },
  { value: 'FRIDGE', label: 'from our fridge' },
  { value: 'FREEZER', label: 'from our freezer' },
]

export const AMOUNTS: { value: Amount['unit']; label: string }[] = [
  { value: 'GRAMS', label: 'in all, by weight' },
  { value: 'UP_TO', label: 'at most, by weight' },
  { value: 'PIECES', label: 'pieces in all' },
  { value: 'PIECES_EACH', label: 'pieces each' },
  { value: 'PACKS', label: 'packs, all of them' },
  { value: 'ONES', label: 'of it, as it is sold' },
  { value: 'EAT_UP', label: 'the packs eaten up' },
]

/** Units that are a weight, which the host reads and types in the kitchen's units. */
export const isWeight = (unit: Amount['unit']): boolean => unit === 'GRAMS' || unit === 'UP_TO'

/** An amount to start from when a unit is chosen. */
export const firstCount = (unit: Amount['unit'], grams: number): number =>
  isWeight(unit) ? Math.max(50, Math.round(grams / 10) * 10) : 1

/**
 * @param called how one of it as it is sold is called, empty without a word
 * @example amountWords('METRIC', { unit: 'PACKS', count: 2 }, '') // '2 packs'
 */
export function amountWords(units: Brief['units'], amount: Amount, called: string): string {
  const n = amount.count
  switch (amount.unit) {
    case 'GRAMS':
      return weight(units, n)
    case 'UP_TO':
      return `${weight(units, n)} at most`
    case 'PIECES':
      return `${n} in all`
    case 'PIECES_EACH':
      return `${n} each`
    case 'PACKS':
      return n === 1 ? '1 pack' : `${n} packs`
    case 'ONES':
      return called ? `${n} ${n === 1 ? called : plural(called)}` : `${n} of it`
    case 'EAT_UP':
      return 'packs eaten up'
  }
}

/** What is said of it and not as usual, in a few words; empty when nothing is. */
export function saidOf(units: Brief['units'], item: Item, called: string): string {
  return [
    item.bought && `bought ${labelOf(BOUGHT, item.bought)}`,
    item.keptIn !== 'SHOP' && labelOf(KEPT_IN, item.keptIn),
    item.fromFrozen && 'goes in frozen',
    item.cooked === true && 'cooked by the maker',
    item.cooked === false && 'raw',
    item.amount && amountWords(units, item.amount, called),
    item.secondsGrams && 'a plate for seconds',
  ]
    .filter(Boolean)
    .join(', ')
}
