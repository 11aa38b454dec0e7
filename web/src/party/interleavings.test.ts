import { expect, it } from 'vitest'
import { aBrief } from '@/test/data'
import { apply, clashOf, diff, merge, valueAt, type Change, type Json } from './changes'

/** Two editors of one document, three hundred seeded interleavings each: no word lost, every clash asked about. */

/** Mulberry32: small, and the same everywhere. */
function random(seed: number) {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

type Draw = () => number
const anyOf = <T>(items: T[], draw: Draw) => items[Math.floor(draw() * items.length)] as T

const household = {
  format: 'lively-ladle/household',
  people: [
    { id: 'person-1', name: 'Ada', needs: [{ kind: 'VEGAN', strength: 'DIET' }], wishes: [] },
    { id: 'person-2', name: 'Bo', needs: [], wishes: [{ cut: 'beef.sliced', liking: 'LOVE' }] },
  ],
  shops: [{ id: 'market', name: 'Market', daysBefore: 1, aisles: ['FISH', 'MEAT'] }],
  pantry: [{ ingredient: 'kelp', grams: 100 }],
  ownSauces: [{ id: 'own-1', name: 'Green', parts: [{ ingredient: 'soy-sauce', ml: 30 }] }],
  prices: { asOf: '2026-11-24', offers: [{ id: 'a', shop: 'market', ingredient: 'kelp', priceCents: 300 }] },
  mealMinutes: 90,
}

/** One gesture: another word or number somewhere, something taken off a list, or something put onto one. */
function gesture(document: Json, draw: Draw, who: string): void {
  if (typeof document !== 'object' || document === null) return
  const fields = Object.keys(document)
  const key = anyOf(fields, draw)
  const parent = document as Record<string, Json>
  const value = parent[key]
  if (Array.isArray(value) && value.length > 0 && draw() < 0.5) {
    const place = Math.floor(draw() * value.length)
    if (draw() < 0.4) value.splice(place, 1)
    else if (typeof value[place] === 'object') gesture(value[place] ?? null, draw, who)
  } else if (Array.isArray(value)) {
    const [like] = value
    if (typeof like !== 'object' || like === null) return
    const copy = JSON.parse(JSON.stringify(like)) as Record<string, Json>
    for (const name of ['id', 'cut', 'ingredient', 'sauce'])
      if (name in copy) copy[name] = `${who}-${Math.floor(draw() * 1000)}`
    value.push(copy)
  } else if (typeof value === 'object' && value !== null) gesture(value, draw, who)
  else if (typeof value === 'number') parent[key] = value + 1 + Math.floor(draw() * 3)
  else if (typeof value === 'string' && !['id', 'cut', 'ingredient', 'kind', 'sauce', 'format'].includes(key))
    parent[key] = `${value} ${who}`
}

function edited<T>(document: T, draw: Draw, who: string): T {
  const copy = JSON.parse(JSON.stringify(document)) as T
  const gestures = 1 + Math.floor(draw() * 4)
  for (let i = 0; i < gestures; i++) gesture(copy as Json, draw, who)
  return copy
}

const isIn = (document: unknown, { path, to }: Change) =>
  JSON.stringify(valueAt(document as Json, path)) === JSON.stringify(to)

it.each([
  ['a party', aBrief()],
  ['a household', household],
])('merges %s', (_, base: unknown) => {
  let asked = 0
  for (let seed = 1; seed <= 300; seed++) {
    const draw = random(seed)
    const mine = edited(base, draw, 'mine')
    const theirs = edited(base, draw, 'theirs')
    const both = merge(base, mine, theirs)
    const clash = clashOf(both)
    for (const change of diff(base as Json, theirs as Json))
      expect(isIn(both.merged, change), `${seed}: theirs ${change.path.join('.')}`).toBe(true)
    for (const change of diff(base as Json, mine as Json)) {
      const isKept = isIn(both.merged, change)
      const isOffered = isIn(clash?.mine, change)
      expect(isKept || isOffered, `${seed}: mine ${change.path.join('.')}`).toBe(true)
    }
    asked += both.clashes.length > 0 ? 1 : 0
    // what nobody asks about merges alike from either side
    if (!clash) {
      const other = merge(base, theirs, mine).merged
      expect(diff(both.merged as Json, other as Json), `${seed}`).toEqual([])
    }
    const again = apply(base, diff(base as Json, mine as Json))
    expect(diff(again as Json, mine as Json), `${seed}`).toEqual([])
  }
  expect(asked).toBeGreaterThan(5)
  expect(asked).toBeLessThan(150)
})
