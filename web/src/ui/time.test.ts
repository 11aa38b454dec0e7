import { expect, it } from 'vitest'
import { clockAfter, clockText, countdown, dayText, nowIn } from './time'

it('reads local times as said', () => {
  expect(dayText('2026-11-28T19:00:00')).toBe('Sat 28 Nov')
  expect(clockText('2026-11-28T19:00:00')).toBe('19:00')
  expect(clockAfter('2026-11-28T23:59:00', 90)).toBe('00:00')
  expect(clockAfter('2026-11-28T19:00', -60)).toBe('18:59')
})

it('knows what time it is where the party is', () => {
  const moment = new Date('2026-11-24T15:00:00Z')
  expect(new Date(nowIn('Europe/Vienna', moment)).toISOString().slice(11, 16)).toBe('16:00')
})

it('counts down in the largest two units', () => {
  expect(countdown(4 * 86400e3 + 3 * 3600e3)).toBe('in 4 days 3 h')
  expect(countdown(5 * 3600e3 + 60e3)).toBe('in 5 h 1 min')
  expect(countdown(-120e3)).toBe('2 min ago')
})
