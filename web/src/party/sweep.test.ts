import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import type { Brief, Catalogue } from '@/api/types'
import { aBrief } from '@/test/data'
import { apply, diff, merge, type Json } from './changes'
import { sweep } from './sweep'

/** Of the real catalogue only the demo's own food matters here: it has none of these ids. */
const CATALOGUE = { ingredients: [{ id: 'kelp' }, { id: 'garlic' }] } as unknown as Catalogue

/** A demo party with something of every kind that can be referred to. */
function crowded(name: string): Brief {
  const brief = JSON.parse(readFileSync(`../server/src/main/resources/demo/${name}.json`, 'utf8')) as Brief
  const guest = brief.guests[0]?.id ?? ''
  const pot = brief.pots[0]
  const side = pot?.sides[0]
  if (!pot || !side) throw new Error(`${name} has no pot`)
  brief.prices = { asOf: '2026-11-24', offers: [], deals: [] }
  brief.shops = [{ id: 'shop', name: 'Shop', tripAt: brief.sitDown }]
  const none = { origin: 'PLANT' as const, allergens: [], traits: [] }
  const cut = { name: '', readySeconds: 60, bestUntilSeconds: 120, rawRisk: 'NONE' as const }
  brief.ownIngredients = [
    { id: 'leafy', name: 'Leafy', category: 'LEAVES', ...none, cut },
    { id: 'sprig', name: 'Sprig', category: 'LEAVES', ...none, cut },
    { id: 'paste', name: 'Paste', category: 'LARDER', ...none },
  ]
  brief.ownBroths = [
    {
      id: 'ours',
      name: 'Ours',
      makesMl: 1000,
      saltPercent: 0.5,
      parts: [{ ingredient: 'paste', grams: 20 }],
      steps: [],
    },
  ]
  side.broth = 'ours'
  brief.menu.push({ cut: 'leafy.own', fromFrozen: false }, { cut: 'sprig.own', fromFrozen: false })
  brief.guests[0]?.wishes.push({ cut: 'leafy.own', liking: 'LOVE' })
  brief.pantry.push({ ingredient: 'leafy', grams: 10 })
  brief.prices.offers.push(
    { id: 'leafy-1', shop: 'shop', ingredient: 'leafy', name: 'Leafy', grams: 100, priceCents: 99 },
    { id: 'kelp-1', shop: 'shop', ingredient: 'kelp', name: 'Kelp', grams: 100, priceCents: 99 },
  )
  brief.prices.deals = [{ id: 'deal', offer: 'leafy-1', take: 2, pay: 1 }]
  brief.kitchen = { ringWatts: 2000, circuits: [{ id: 'wall', name: 'Wall', watts: 3000 }] }
  pot.heat = { kind: 'INDUCTION', watts: 1800, circuit: 'wall' }
  pot.reachedBy = [guest]
  const cook = brief.cooks[0]?.id
  brief.decisions = {
    portions: [{ guest, cut: 'leafy.own', grams: 20 }],
    offers: [{ ingredient: 'leafy', offer: 'leafy-1' }],
    tasks: [{ task: 'table:lay', cook }],
    drops: [{ cut: 'leafy.own', side: side.id, batch: 1, toSide: side.id, minute: 10 }],
    splashes: [{ guest, pot: pot.id }],
    trades: [{ shortOf: 'leafy.own', by: 'sprig.own', grams: 10 }],
  }
  return brief
}

type Removal = [string, (draft: Brief) => void]

/** Every entity of a brief that the page can take away, one at a time. */
function removals(brief: Brief): Removal[] {
  const all: Removal[] = []
  const each = <K extends 'guests' | 'pots' | 'ownIngredients' | 'ownBroths' | 'cooks'>(list: K) => {
    for (const { id } of brief[list] ?? []) {
      all.push([
        `${list}-${id}`,
        (draft) => {
          draft[list] = (draft[list] as { id: string }[]).filter((one) => one.id !== id) as Brief[K]
        },
      ])
    }
  }
  each('guests')
  each('pots')
  each('ownIngredients')
  each('ownBroths')
  each('cooks')
  for (const { id } of brief.prices.offers)
    all.push([
      `offers-${id}`,
      (draft) => (draft.prices.offers = draft.prices.offers.filter((o) => o.id !== id)),
    ])
  for (const { cut } of brief.menu)
    all.push([`menu-${cut}`, (draft) => (draft.menu = draft.menu.filter((item) => item.cut !== cut))])
  all.push(['circuits', (draft) => draft.kitchen && (draft.kitchen.circuits = [])])
  all.push(['everything-own', (draft) => (draft.ownIngredients = [])])
  return all
}

/** The server's own test reads what is written here: it must accept each of them. */
const WRITTEN = 'target/edited-briefs'

it.each(['quad-supper', 'quiet-evening', 'boathouse-twenty'])(
  'leaves nothing of %s that refers to what was removed',
  (name) => {
    mkdirSync(WRITTEN, { recursive: true })
    const before = crowded(name)
    for (const [what, remove] of removals(before)) {
      const draft = structuredClone(before)
      remove(draft)
      sweep(draft, [before], CATALOGUE)
      const guests = new Set(draft.guests.map((guest) => guest.id))
      expect(draft.decisions.portions.every((pin) => guests.has(pin.guest))).toBe(true)
      expect(draft.pots.every((pot) => pot.reachedBy?.every((id) => guests.has(id)) ?? true)).toBe(true)
      writeFileSync(`${WRITTEN}/${name}-${what}.json`, JSON.stringify(draft))
    }
  },
)

it('takes out what somebody else’s removal left of my edit', () => {
  const base = crowded('quad-supper')
  const mine = structuredClone(base)
  mine.decisions.trades = [{ shortOf: 'sprig.own', by: 'leafy.own', grams: 5 }]
  const theirs = structuredClone(base)
  theirs.ownIngredients = []
  sweep(theirs, [base], CATALOGUE)
  const { merged } = merge(base, mine, theirs)
  sweep(merged, [base, mine], CATALOGUE)

  expect(merged.decisions.trades).toEqual([])
  expect(merged.pots[0]?.sides[0]?.broth).toBe('kelp-water')
})

it('merges what two editors did to lists of their own', () => {
  const base = crowded('quad-supper')
  base.extras = [{ ingredient: 'mint' }]
  base.sauceBar = ['lime']
  const mine = structuredClone(base)
  const theirs = structuredClone(base)
  mine.extras?.push({ ingredient: 'lager' })
  theirs.extras?.push({ ingredient: 'perilla' })
  mine.sauceBar?.push('garlic')
  theirs.sauceBar = []
  mine.kitchen?.circuits?.push({ id: 'two', name: 'Two', watts: 3000 })
  theirs.ownIngredients?.push({ id: 'more', name: 'More', category: 'LARDER' })
  const { merged, clashes } = merge(base, mine, theirs)

  expect(clashes).toEqual([])
  expect(merged.extras?.map((extra) => extra.ingredient).sort()).toEqual(['lager', 'mint', 'perilla'])
  expect(merged.sauceBar).toEqual(['garlic'])
  expect(merged.kitchen?.circuits).toHaveLength(2)
  expect(merged.ownIngredients).toHaveLength(4)
})

it('is undone with all that went along', () => {
  const before = crowded('quiet-evening')
  const after = structuredClone(before)
  after.ownIngredients = []
  sweep(after, [before], CATALOGUE)
  const back = apply(after, diff(after as unknown as Json, before as unknown as Json))

  expect(back).toEqual(before)
})

it('leaves a plain brief as it is', () => {
  const brief = aBrief()
  const swept = structuredClone(brief)
  sweep(swept, [brief], CATALOGUE)

  expect(JSON.parse(JSON.stringify(swept))).toEqual(JSON.parse(JSON.stringify(brief)))
})

it('brings times far from the party back to it', () => {
  const draft = aBrief()
  draft.sitDown = '2026-11-28T19:00:00'
  draft.shops = [{ id: 's', name: 'Market', tripAt: '2026-08-01T10:30:00' }]
  const away = { from: '2026-08-01T10:00:00', until: '2026-08-01T11:00:00', what: 'Choir' }
  draft.cooks = [{ id: 'c', name: 'Ann', busy: [away] }]
  sweep(draft, [], CATALOGUE)

  expect(draft.shops[0]?.tripAt).toBe('2026-11-27T10:30:00')
  expect(draft.cooks[0]?.busy).toEqual([])
})
