import { expect, it } from 'vitest'
import { aBrief } from '@/test/data'
import { freePortion, freeTask, freshId, moveTo, pinPortion, pinTask, remedyEdit, swapBroths } from './edits'

const remedy = (kind: Parameters<typeof remedyEdit>[0]['kind'], value: string, subject = '') => ({
  label: 'x',
  kind,
  subject,
  value,
})

it('swaps the broths of two sides and nothing else', () => {
  const brief = aBrief()
  swapBroths('left', 'right')(brief)

  expect(brief.pots[0]?.sides).toEqual([
    { id: 'left', broth: 'ginger-chicken' },
    { id: 'right', broth: 'kelp-shiitake' },
  ])
  swapBroths('left', 'nowhere')(brief)
  expect(brief.pots[0]?.sides[0]?.broth).toBe('ginger-chicken')
})

it('adds what a remedy names', () => {
  const brief = aBrief()
  remedyEdit(remedy('ADD_CUT', 'shiitake.halved'))?.(brief)
  remedyEdit(remedy('ADD_SAUCE', 'lime-tamari'))?.(brief)
  remedyEdit(remedy('ADD_POT', 'kelp-shiitake'))?.(brief)
  remedyEdit(remedy('LENGTHEN_MEAL', '105'))?.(brief)

  expect(brief.menu.at(-1)).toEqual({ cut: 'shiitake.halved', fromFrozen: false })
  expect(brief.sauces.at(-1)).toEqual({ sauce: 'lime-tamari' })
  expect(brief.pots.at(-1)).toMatchObject({ id: 'pot-2', sides: [{ id: 'pot-2a', broth: 'kelp-shiitake' }] })
  expect(brief.mealMinutes).toBe(105)
})

it('takes a cut off the menu', () => {
  const brief = aBrief()
  remedyEdit(remedy('REMOVE_CUT', 'beef.sliced'))?.(brief)

  expect(brief.menu.map((item) => item.cut)).toEqual(['tofu.cubes'])
})

it('swaps a cut in its place and drops its pins', () => {
  const brief = aBrief()
  brief.decisions.portions = [
    { guest: 'ada', cut: 'beef.sliced', grams: 1 },
    { guest: 'ada', cut: 'tofu.cubes', grams: 2 },
  ]
  remedyEdit(remedy('SWAP_CUT', 'lamb.sliced', 'beef.sliced'))?.(brief)

  expect(brief.menu.map((item) => item.cut)).toEqual(['lamb.sliced', 'tofu.cubes'])
  expect(brief.decisions.portions).toEqual([{ guest: 'ada', cut: 'tofu.cubes', grams: 2 }])
})

it('moves a trip', () => {
  const brief = aBrief()
  remedyEdit(remedy('MOVE_TRIP', '2026-11-27T10:00:00', 'market'))?.(brief)

  expect(brief.shops[0]?.tripAt).toBe('2026-11-27T10:00:00')
})

it('frees just the pin it names', () => {
  const brief = aBrief()
  brief.decisions.portions = [
    { guest: 'ada', cut: 'a', grams: 1 },
    { guest: 'bo', cut: 'a', grams: 2 },
  ]
  brief.decisions.drops = [{ cut: 'a', side: 'left', batch: 2, toSide: 'left', minute: 5 }]
  brief.decisions.tasks = [{ task: 'table:lay', minutesBefore: 5 }]
  brief.decisions.offers = [{ ingredient: 'beef', offer: 'x' }]
  remedyEdit(remedy('FREE_PIN', 'ada|a', 'portions'))?.(brief)
  expect(brief.decisions.portions).toEqual([{ guest: 'bo', cut: 'a', grams: 2 }])
  remedyEdit(remedy('FREE_PIN', 'a|left|2', 'drops'))?.(brief)
  remedyEdit(remedy('FREE_PIN', 'table:lay', 'tasks'))?.(brief)
  remedyEdit(remedy('FREE_PIN', 'beef', 'offers'))?.(brief)

  expect([brief.decisions.drops, brief.decisions.tasks, brief.decisions.offers]).toEqual([[], [], []])
})

it('leads to a step where no single edit helps', () => {
  expect(remedyEdit(remedy('SHOW_STEP', 'POTS'))).toBeUndefined()
})

it('finds an id nobody has', () => {
  expect(freshId('guest', [])).toBe('guest-1')
  expect(freshId('guest', [{ id: 'guest-2' }, { id: 'x' }])).toBe('guest-3')
  expect(freshId('guest', [{ id: 'guest-2' }])).toBe('guest-3')
})

it('trades one cut for another once, and frees the trade again', () => {
  const brief = aBrief()
  remedyEdit(remedy('TRADE', 'tofu.cubes|80', 'beef.sliced'))?.(brief)
  remedyEdit(remedy('TRADE', 'tofu.cubes|95', 'beef.sliced'))?.(brief)
  expect(brief.decisions.trades).toEqual([{ shortOf: 'beef.sliced', by: 'tofu.cubes', grams: 95 }])

  remedyEdit(remedy('FREE_PIN', 'beef.sliced|tofu.cubes', 'trades'))?.(brief)
  expect(brief.decisions.trades).toEqual([])
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

it('does what brings prep back into time', () => {
  const brief = aBrief()
  brief.cooks = [{ id: 'finn', name: 'Finn', helper: true }]
  remedyEdit(remedy('HAND_OVER', 'finn', 'lay'))?.(brief)
  remedyEdit(remedy('LET_HELP', 'finn'))?.(brief)
  remedyEdit(remedy('BUY_READY', 'beef.sliced'))?.(brief)
  remedyEdit(remedy('SWAP_BROTH', 'packet-chilli', 'ginger-chicken'))?.(brief)
  remedyEdit(remedy('SIT_LATER', '2026-11-28T19:30'))?.(brief)

  expect(brief.decisions.tasks).toEqual([{ task: 'lay', cook: 'finn' }])
  expect(brief.cooks[0]?.helper).toBeUndefined()
  expect(brief.menu[0]?.bought).toBe('READY')
  expect(brief.pots[0]?.sides.map((side) => side.broth)).toEqual(['kelp-shiitake', 'packet-chilli'])
  expect(brief.sitDown).toBe('2026-11-28T19:30')
})

it('moves trips along with the party', () => {
  const draft = aBrief()
  draft.sitDown = '2026-11-28T19:00:00'
  draft.shops = [{ id: 's', name: 'Market', tripAt: '2026-11-27T18:15:00' }]
  moveTo(draft, '2027-02-06T20:00:00')

  expect(draft.sitDown).toBe('2027-02-06T20:00:00')
  expect(draft.shops[0]?.tripAt).toBe('2027-02-05T18:15:00')
})

it('leaves a kind out on purpose, and says what makers cooked', () => {
  const brief = aBrief()
  remedyEdit(remedy('DO_WITHOUT', 'ROOTS'))?.(brief)
  remedyEdit(remedy('DO_WITHOUT', 'BALLS|TOFU'))?.(brief)
  expect(brief.without).toEqual(['ROOTS', 'BALLS', 'TOFU'])

  remedyEdit(remedy('SAY_COOKED', 'tofu.cubes|ball.frozen'))?.(brief)
  expect(brief.menu.map((item) => item.cooked)).toEqual([undefined, true])
})
