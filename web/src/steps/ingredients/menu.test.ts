import { expect, it } from 'vitest'
import type { Catalogue } from '@/api/types'
import { aBrief } from '@/test/data'
import { menuGroups } from './menu'

const ingredient = (id: string, name: string, category: string, remark = '', ...alsoCalled: string[]) => ({
  id,
  name,
  category,
  alsoCalled,
  remark,
})
const cut = (id: string, of: string, name: string) => ({ id, ingredient: of, name })
const catalogue = {
  ingredients: [
    ingredient('beef', 'Beef', 'MEAT'),
    ingredient('tofu', 'Tofu', 'TOFU', 'Better the longer.'),
    ingredient('enoki', 'Enoki', 'MUSHROOMS', 'Slimy when forgotten.', 'golden needle'),
    ingredient('salt', 'Salt', 'LARDER'),
  ],
  cuts: [
    cut('beef.sliced', 'beef', '2 mm slices'),
    cut('tofu.cubes', 'tofu', 'cubes'),
    cut('tofu.fried', 'tofu', ''),
    cut('enoki.bundles', 'enoki', 'bundles'),
  ],
  broths: [],
  sauces: [],
} as unknown as Catalogue

it('groups all cuts by category, with remarks of what is on the menu', () => {
  const groups = menuGroups(catalogue, aBrief(), '')

  expect(groups.map((group) => group.label)).toEqual(['Meat', 'Tofu, bean and egg', 'Mushrooms'])
  expect(groups[1]?.cuts.map((c) => c.label)).toEqual(['Tofu, cubes', 'Tofu'])
  expect(groups[1]?.remarks).toEqual([{ name: 'Tofu', text: 'Better the longer.' }])
  expect(groups[2]?.remarks).toEqual([])
})

it('finds by words of the name or the category, in any order', () => {
  const found = (search: string) =>
    menuGroups(catalogue, aBrief(), search).flatMap((group) => group.cuts.map((c) => c.value))

  expect(found('cubes TOFU')).toEqual(['tofu.cubes'])
  expect(found('mush')).toEqual(['enoki.bundles'])
  expect(found('nothing like it')).toEqual([])
})

it('finds by what else it is called', () => {
  const groups = menuGroups(catalogue, aBrief(), 'needle')
  expect(groups.flatMap((group) => group.cuts.map((c) => c.label))).toEqual(['Enoki, bundles'])
})
