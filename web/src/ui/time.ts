/** Clock and calendar texts. Local times of a party are strings without zone, as the host said them. */

const DAY = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
})
const WEEKDAY = new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: 'UTC' })

/** Milliseconds of a local time as if it were UTC: good for differences and for reading off the clock. */
export const localMs = (local: string): number =>
  Date.parse(local.length > 10 ? `${local.slice(0, 19)}Z` : local)

/** @example dayText('2026-11-28T19:00:00') // 'Sat 28 Nov' */
export const dayText = (local: string): string => DAY.format(localMs(local)).replace(',', '')

/** @example weekday('2026-11-28T19:00:00') // 'Sat' */
export const weekday = (local: string): string => WEEKDAY.format(localMs(local))

/** @example clockText('2026-11-28T19:00:00') // '19:00' */
export const clockText = (local: string): string => local.slice(11, 16)

/** Clock time so many seconds after sitting down. @example clockAfter('2026-11-28T19:00:00', 90) // '19:01' */
export const clockAfter = (local: string, seconds: number): string =>
  new Date(localMs(local) + seconds * 1000).toISOString().slice(11, 16)

export const DAY_MS = 86_400_000

/** Back from the scale of {@link localMs}. @example localText(localMs('2026-11-28T19:00:00')) */
export const localText = (ms: number): string => new Date(ms).toISOString().slice(0, 19)

/** The current moment as a local time in a zone, on the scale of {@link localMs}. */
export function nowIn(zone: string, now: Date): number {
  const parts = new Intl.DateTimeFormat('sv-SE', { dateStyle: 'short', timeStyle: 'medium', timeZone: zone })
  return localMs(parts.format(now).replace(' ', 'T'))
}

/** @example countdown(4 * 86400e3 + 3 * 3600e3) // 'in 4 days 3 h' */
export function countdown(ms: number): string {
  const minutes = Math.round(Math.abs(ms) / 60000)
  const days = Math.floor(minutes / 1440)
  const hours = Math.floor((minutes % 1440) / 60)
  const text =
    days > 0
      ? `${days} ${days === 1 ? 'day' : 'days'}${hours > 0 ? ` ${hours} h` : ''}`
      : hours > 0
        ? `${hours} h ${minutes % 60} min`
        : `${minutes} min`
  return ms < 0 ? `${text} ago` : `in ${text}`
}
