import { usual } from '@/api/parts'
import { expect, it } from 'vitest'
import { aBrief } from '@/test/data'
import { freePortion, freeTask, freshId, moveTo, pinPortion, pinTask, swapBroths } from './edits'

it('swaps the broths of two sides and nothing else', () => {
  const brief = aBrief()
  swapBroths('left', 'right')(brief)

  expect(brief.pots[0]?.sides).toMatchObject([
    { id: 'left', broth: 'ginger-chicken' },
    { id: 'right', broth: 'kelp-shiitake' },
  ])
  swapBroths('left', 'nowhere')(brief)
  expect(brief.pots[0]?.sides[0]?.broth).toBe('ginger-chicken')
})

it('finds an id nobody has', () => {
  expect(freshId('guest', [])).toBe('guest-1')
  expect(freshId('guest', [{ id: 'guest-2' }, { id: 'x' }])).toBe('guest-3')
  expect(freshId('guest', [{ id: 'guest-2' }])).toBe('guest-3')
})

it('pins one portion at a time', () => {
  const brief = aBrief()
  pinPortion('ada', 'tofu.cubes', 40)(brief)
  pinPortion('ada', 'tofu.cubes', 60)(brief)
  pinPortion('bo', 'tofu.cubes', 20)(brief)
  expect(brief.decisions.portions.map((pin) => pin.grams)).toEqual([60, 20])

  freePortion('ada', 'tofu.cubes')(brief)
  expect(brief.decisions.portions.map((pin) => pin.guest)).toEqual(['bo'])
})

it('keeps what was decided of a task when something more is', () => {
  const brief = aBrief()
  pinTask('slice', { minutesBefore: 90 })(brief)
  pinTask('slice', { cook: 'bo' })(brief)
  expect(brief.decisions.tasks).toEqual([{ task: 'slice', minutesBefore: 90, cook: 'bo' }])
  freeTask('slice')(brief)
  expect(brief.decisions.tasks).toEqual([])
})

it('moves trips along with the party', () => {
  const draft = aBrief()
  draft.sitDown = '2026-11-28T19:00:00'
  draft.shops = [{ ...usual('Shop'), id: 's', name: 'Market', tripAt: '2026-11-27T18:15:00' }]
  moveTo(draft, '2027-02-06T20:00:00')

  expect(draft.sitDown).toBe('2027-02-06T20:00:00')
  expect(draft.shops[0]?.tripAt).toBe('2027-02-05T18:15:00')
})
