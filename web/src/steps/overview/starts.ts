import type { StartOffer } from '@/api/types'
import { clockText, DAY_MS, dayText, localMs, localText } from '@/ui/time'

/** Names as they are typed: one a line, or with commas between. @example namesIn('Ann, Ben') // ['Ann', 'Ben'] */
export const namesIn = (text: string): string[] =>
  text
    .split(/[\n,]/)
    .map((name) => name.trim())
    .filter(Boolean)

/** Puts a name in, or takes it out where it stands. */
export function withName(text: string, name: string): string {
  const names = namesIn(text)
  const others = names.filter((other) => other.toLowerCase() !== name.toLowerCase())
  return (others.length < names.length ? others : [...names, name]).join('\n')
}

/** The evenings a host mostly means, from now [local time]. */
export function evenings(now: string): { label: string; value: string }[] {
  const today = localMs(now.slice(0, 10))
  const at = (days: number, clock: string) => `${localText(today + days * DAY_MS).slice(0, 10)}T${clock}`
  const weekday = new Date(today).getUTCDay()
  const saturday = (6 - weekday + 7) % 7 || 7
  return [
    ...(now.slice(11) < '19:00' ? [{ label: 'Tonight', value: at(0, '19:30') }] : []),
    { label: 'Tomorrow', value: at(1, '19:00') },
    ...(saturday > 1 ? [{ label: 'Saturday', value: at(saturday, '19:00') }] : []),
  ]
}

/** What it comes to beside the hours of work, in one line. */
export function figuresOf(offer: StartOffer): string {
  const { comesTo } = offer
  if (!comesTo) return 'too large to be worked out for each start'
  return [
    offer.cuts > 0 ? comesTo.bill : '',
    comesTo.first ? `first in: ${lower(comesTo.first)}` : '',
    comesTo.begins ? `begin ${dayText(comesTo.begins)} ${clockText(comesTo.begins)}` : '',
  ]
    .filter(Boolean)
    .join(' · ')
}

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)

export const keyOf = (offer: Pick<StartOffer, 'start' | 'from'>): string => offer.from ?? offer.start ?? ''
