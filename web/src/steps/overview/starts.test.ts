import { expect, it } from 'vitest'
import { evenings, figuresOf, namesIn, withName } from './starts'

it('reads names by lines and commas', () => {
  expect(namesIn('Ann, Ben\n\n Cleo ')).toEqual(['Ann', 'Ben', 'Cleo'])
})

it('puts a name of the book in and takes it out again', () => {
  expect(withName('Ann', 'Ben')).toBe('Ann\nBen')
  expect(withName('ann\nBen', 'Ann')).toBe('Ben')
})

it('offers tonight only as long as it is not over', () => {
  expect(evenings('2026-11-26T17:00').map((e) => e.label)).toEqual(['Tonight', 'Tomorrow', 'Saturday'])
  expect(evenings('2026-11-26T21:00')[0]).toEqual({ label: 'Tomorrow', value: '2026-11-27T19:00' })
})

it('offers the next Saturday, and not the same day twice', () => {
  expect(evenings('2026-11-27T10:00').map((e) => e.value)).toEqual(['2026-11-27T19:30', '2026-11-28T19:00'])
  expect(evenings('2026-11-28T20:00').at(-1)?.value).toBe('2026-12-05T19:00')
})

it('says what a start comes to', () => {
  const offer = { label: '', remark: '', guests: 2, cuts: 7 }
  const comesTo = { handsMinutes: 28, hands: '28 min', bill: '€31.20' }
  expect(figuresOf({ ...offer, comesTo: { ...comesTo, first: 'Beef', begins: '2026-11-28T17:00:00' } })).toBe(
    '€31.20 · first in: beef · begin Sat 28 Nov 17:00',
  )
  expect(figuresOf({ ...offer, cuts: 0, comesTo })).toBe('')
  expect(figuresOf(offer)).toContain('too large')
})
