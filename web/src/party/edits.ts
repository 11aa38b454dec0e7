import type { Brief, Category, Unmet } from '@/api/types'
import { DAY_MS, localMs, localText } from '@/ui/time'

type Remedy = Unmet['remedy']

/** The edit behind a remedy's button; undefined for one that only leads to a step. */
export function remedyEdit(remedy: Remedy): ((draft: Brief) => void) | undefined {
  switch (remedy.kind) {
    case 'ADD_CUT':
      return (draft) => addCut(draft, remedy.value, remedy.subject)
    case 'EAT_UP':
      return (draft) => {
        const item = draft.menu.find(({ cut }) => cut === remedy.value)
        if (item) item.amount = { unit: 'EAT_UP', count: 1 }
      }
    case 'DO_WITHOUT':
      return (draft) =>
        (draft.without = [...(draft.without ?? []), ...(remedy.value.split('|') as Category[])])
    case 'SAY_COOKED':
      return (draft) => sayCooked(draft, remedy, true)
    case 'REMOVE_CUT':
      return (draft) => (draft.menu = draft.menu.filter((item) => item.cut !== remedy.value))
    case 'SWAP_CUT':
      return (draft) => swapCut(draft, remedy.subject, remedy.value)
    case 'ADD_SAUCE':
      return (draft) => draft.sauces.push({ sauce: remedy.value })
    case 'ADD_POT':
      return (draft) => addSmallPot(draft, remedy.value)
    case 'FILL_POT':
      return (draft) => fillPot(draft, remedy.subject, Number(remedy.value))
    case 'LENGTHEN_MEAL':
      return (draft) => (draft.mealMinutes = Number(remedy.value))
    case 'MOVE_TRIP':
      return (draft) => moveTrip(draft, remedy.subject, remedy.value)
    case 'TRADE':
      return (draft) => trade(draft, remedy.subject, remedy.value)
    case 'PIN_PORTION':
      return pinRemedy(remedy.subject, remedy.value)
    case 'FREE_PIN':
      return (draft) => freePin(draft, remedy.subject, remedy.value)
    case 'HAND_OVER':
      return pinTask(remedy.subject, { cook: remedy.value })
    case 'LET_HELP':
      return (draft) => letHelp(draft, remedy.value)
    case 'BUY_READY':
      return (draft) => buyReady(draft, remedy.value)
    case 'SWAP_BROTH':
      return (draft) => makeInstead(draft, remedy.subject, remedy.value)
    case 'SIT_LATER':
      return (draft) => (draft.sitDown = remedy.value)
    case 'SHOW_STEP':
      return undefined
  }
}

/** The same food cut otherwise is bought and kept as the cut it comes from. */
function addCut(draft: Brief, cut: string, from: string): void {
  const { bought, keptIn, cooked } = draft.menu.find((item) => item.cut === from) ?? {}
  draft.menu.push({ cut, fromFrozen: false, bought, keptIn, cooked })
}

/** Another day for the party: its trips keep their distance from it. */
export function moveTo(draft: Brief, sitDown: string): void {
  const days = Math.round((localMs(sitDown.slice(0, 10)) - localMs(draft.sitDown.slice(0, 10))) / DAY_MS)
  for (const shop of draft.shops) shop.tripAt = localText(localMs(shop.tripAt) + days * DAY_MS)
  draft.sitDown = sitDown
}

function fillPot(draft: Brief, id: string, percent: number): void {
  const pot = draft.pots.find((p) => p.id === id)
  if (pot) pot.fillPercent = percent
}

/** A name no entity of the list has yet: pot-1, pot-2, ... */
export function freshId(prefix: string, taken: { id: string }[]): string {
  let n = taken.length + 1
  while (taken.some((entity) => entity.id === `${prefix}-${n}`)) n++
  return `${prefix}-${n}`
}

/** Sets one guest's amount of one cut [g]. */
export const pinPortion = (guest: string, cut: string, grams: number) => (draft: Brief) => {
  freePortion(guest, cut)(draft)
  draft.decisions.portions.push({ guest, cut, grams })
}

/** The value is "cut|grams". */
function pinRemedy(guest: string, value: string): (draft: Brief) => void {
  const [cut = '', grams] = value.split('|')
  return pinPortion(guest, cut, Number(grams))
}

/** Lets one guest's amount of one cut be shared again. */
export const freePortion = (guest: string, cut: string) => (draft: Brief) => {
  draft.decisions.portions = draft.decisions.portions.filter((p) => p.guest !== guest || p.cut !== cut)
}

type TaskPin = Brief['decisions']['tasks'][number]

/** Sets a prep task's start [min before sitting down], cook or time it takes [min]; what is not said stays. */
export const pinTask = (task: string, pin: Omit<TaskPin, 'task'>) => (draft: Brief) => {
  const old = draft.decisions.tasks.find((p) => p.task === task)
  freePin(draft, 'tasks', task)
  draft.decisions.tasks.push({ ...old, ...pin, task })
}

/** Leaves a prep task to the plan again. */
export const freeTask = (task: string) => (draft: Brief) => freePin(draft, 'tasks', task)

function letHelp(draft: Brief, helper: string): void {
  const cook = draft.cooks.find((c) => c.id === helper)
  if (cook) cook.helper = undefined
}

function buyReady(draft: Brief, cut: string): void {
  const item = draft.menu.find((onMenu) => onMenu.cut === cut)
  if (item) item.bought = 'READY'
}

function sayCooked(draft: Brief, remedy: Remedy, cooked: boolean): void {
  const cuts = remedy.value.split('|')
  for (const item of draft.menu) if (cuts.includes(item.cut)) item.cooked = cooked
}

/** The other answer to a question that has two; raw is as near a tap as cooked. */
export function otherAnswer(remedy: Remedy): { label: string; edit: (draft: Brief) => void } | undefined {
  return remedy.kind === 'SAY_COOKED'
    ? { label: 'They are raw', edit: (draft) => sayCooked(draft, remedy, false) }
    : undefined
}

function makeInstead(draft: Brief, broth: string, by: string): void {
  for (const side of draft.pots.flatMap((pot) => pot.sides)) {
    if (side.broth === broth) side.broth = by
  }
}

/** Exchanges the broths of two sides. */
export const swapBroths = (from: string, to: string) => (draft: Brief) => {
  const sides = draft.pots.flatMap((pot) => pot.sides)
  const a = sides.find((side) => side.id === from)
  const b = sides.find((side) => side.id === to)
  if (a && b) [a.broth, b.broth] = [b.broth, a.broth]
}

function moveTrip(draft: Brief, shop: string, at: string): void {
  const found = draft.shops.find((s) => s.id === shop)
  if (found) found.tripAt = at
}

/** Another cut takes the place of one; what was decided for the old one goes with it. */
function swapCut(draft: Brief, from: string, to: string): void {
  draft.menu = draft.menu.map((item) => (item.cut === from ? { cut: to, fromFrozen: false } : item))
  draft.decisions.portions = draft.decisions.portions.filter((pin) => pin.cut !== from)
  draft.decisions.drops = draft.decisions.drops.filter((pin) => pin.cut !== from)
  draft.decisions.trades = draft.decisions.trades?.filter((t) => t.shortOf !== from && t.by !== from)
}

function addSmallPot(draft: Brief, broth: string): void {
  const id = freshId('pot', draft.pots)
  const sides = [{ id: `${id}a`, broth }]
  draft.pots.push({ id, name: 'Small pot', capacityMl: 2400, fillPercent: 50, basketsPerSide: 3, sides })
}

/** Serves some of a cut as another; the value is "by|grams". */
function trade(draft: Brief, shortOf: string, value: string): void {
  const [by = '', grams] = value.split('|')
  freePin(draft, 'trades', `${shortOf}|${by}`)
  draft.decisions.trades = [...(draft.decisions.trades ?? []), { shortOf, by, grams: Number(grams) }]
}

function freePin(draft: Brief, list: string, key: string): void {
  const decisions = draft.decisions
  if (list === 'portions')
    decisions.portions = decisions.portions.filter((p) => `${p.guest}|${p.cut}` !== key)
  if (list === 'offers') decisions.offers = decisions.offers.filter((p) => p.ingredient !== key)
  if (list === 'tasks') decisions.tasks = decisions.tasks.filter((p) => p.task !== key)
  if (list === 'trades') decisions.trades = decisions.trades?.filter((t) => `${t.shortOf}|${t.by}` !== key)
  if (list === 'drops')
    decisions.drops = decisions.drops.filter((p) => `${p.cut}|${p.side}|${p.batch}` !== key)
}
