import { describe, expect, it } from 'vitest'
import { apply, diff, inverse, merge } from './changes'

const base = {
  title: 'Supper',
  guests: [
    { id: 'ada', name: 'Ada', needs: [{ kind: 'VEGAN', strength: 'DIET' }] },
    { id: 'bo', name: 'Bo', needs: [] },
  ],
  portionsPerAdult: { MEAT: 136 },
  decisions: { offers: [{ ingredient: 'beef', offer: 'a' }] },
}
const copy = () => JSON.parse(JSON.stringify(base)) as typeof base

describe('diff and apply', () => {
  it('finds a changed field by entity, not by place', () => {
    const next = copy()
    next.guests.reverse()
    const bo = next.guests[0]
    if (bo) bo.name = 'Beau'

    expect(diff(base, next)).toEqual([{ path: ['guests', '#bo', 'name'], from: 'Bo', to: 'Beau' }])
  })

  it('makes and takes back every kind of change', () => {
    const next = copy()
    next.title = 'Feast'
    next.guests.splice(0, 1)
    next.guests.push({ id: 'cy', name: 'Cy', needs: [] })
    next.portionsPerAdult.MEAT = 150
    next.decisions.offers[0] = { ingredient: 'beef', offer: 'b' }
    const changes = diff(base, next)

    expect(apply(base, changes)).toEqual(next)
    expect(apply(next, inverse(changes))).toEqual(base)
  })

  it('knows lists of one name by what is in them', () => {
    const was = { guests: [{ id: 'ada' }], sauces: [{ sauce: 'citrus', guests: ['ada', 'bo'] }] }
    const is = { guests: [{ id: 'ada' }], sauces: [{ sauce: 'citrus', guests: ['bo', 'cy'] }] }
    const changes = diff(was, is)

    expect(changes.map(({ path }) => path.join('.'))).toEqual([
      'sauces.#citrus.guests.#ada',
      'sauces.#citrus.guests.#cy',
    ])
    expect(apply(is, inverse(changes))).toEqual(was)
  })

  it('tells two offers of one thing apart, and pins of offers by their thing', () => {
    const offer = (id: string, priceCents: number) => ({ id, ingredient: 'kelp', priceCents })
    const was = { prices: { offers: [offer('a', 100), offer('b', 200)] } }
    const is = { prices: { offers: [offer('a', 100), offer('b', 250)] } }

    expect(diff(was, is).map(({ path }) => path.join('.'))).toEqual(['prices.offers.#b.priceCents'])
  })

  it('leaves out a change to somebody who is gone', () => {
    const next = copy()
    const bo = next.guests[1]
    if (bo) bo.name = 'Beau'
    const without = { ...copy(), guests: base.guests.slice(0, 1) }

    expect(apply(without, diff(base, next))).toEqual(without)
  })
})

describe('merge', () => {
  it('joins edits of different fields', () => {
    const mine = copy()
    mine.title = 'Mine'
    const theirs = copy()
    theirs.portionsPerAdult.MEAT = 99

    expect(merge(base, mine, theirs)).toEqual({
      merged: { ...base, title: 'Mine', portionsPerAdult: { MEAT: 99 } },
      clashes: [],
    })
  })

  it('asks where both changed the same field, and keeps theirs meanwhile', () => {
    const mine = { ...copy(), title: 'Mine' }
    const theirs = { ...copy(), title: 'Theirs' }
    const { merged, clashes } = merge(base, mine, theirs)

    expect(merged.title).toBe('Theirs')
    expect(clashes).toEqual([{ path: ['title'], from: 'Supper', to: 'Mine' }])
  })

  it('asks when one deletes what the other edits', () => {
    const mine = copy()
    const ada = mine.guests[0]
    if (ada) ada.name = 'Adah'
    const theirs = { ...copy(), guests: base.guests.slice(1) }

    expect(merge(base, mine, theirs).clashes).toHaveLength(1)
  })

  it('does not ask when both did the same', () => {
    const both = { ...copy(), title: 'Same' }

    expect(merge(base, both, both).clashes).toEqual([])
  })
})
