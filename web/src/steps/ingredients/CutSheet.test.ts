import { expect, it } from 'vitest'
import { figure } from '@/test/data'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import CutEating from './CutEating.vue'
import CutSheet from './CutSheet.vue'

useTestServer()

const tofu = {
  id: 'tofu.cubes',
  ingredient: 'tofu',
  dimensionsMm: [20, 20, 20],
  start: 'CHILLED',
  governed: { by: 'CORE', value: 65 },
}

it('cuts thicker, cooks from the freezer, and shows the window of every side', async () => {
  server.catalogue.cuts = [tofu]
  const seconds = (part: string, value: number) => figure(`window.${part}`, value, 's')
  server.plan.windows = [
    {
      cut: 'tofu.cubes',
      name: 'Tofu, cubes',
      sides: ['left'],
      basis: 'HEAT',
      pleasant: seconds('pleasant', 180),
      safe: seconds('safe', 0),
      ready: seconds('ready', 180),
      bestUntil: seconds('best', 1200),
      overcooked: seconds('over', 2400),
      early: seconds('early', 120),
      late: seconds('late', 240),
      cue: 'hot right through',
      advice: '',
    },
  ]
  const party = await opened()
  const view = mounted(CutSheet, { cut: 'tofu.cubes' })
  expect(view.text()).toContain('180 s')
  expect(view.text()).toContain('hot right through')

  await view.find('input').setValue(150)
  await view.find('input').trigger('change')
  expect(party.brief?.menu.find((m) => m.cut === 'tofu.cubes')?.sizePercent).toBe(150)
  expect(view.text()).toContain('30 × 30 × 30 mm')

  const tap = (text: string) =>
    view
      .findAll('button')
      .find((b) => b.text() === text)
      ?.trigger('click')
  const item = () => party.brief?.menu.find((m) => m.cut === 'tofu.cubes')
  await tap('goes in frozen')
  await tap('ready for the table')
  await tap('from our fridge')
  expect(item()).toMatchObject({ fromFrozen: true, bought: 'READY', keptIn: 'FRIDGE' })
  await tap('from the shop')
  expect(item()?.keptIn).toBe('SHOP')
})

it('takes an amount in the words of the host, in ounces where the kitchen has them', async () => {
  server.catalogue.cuts = [tofu]
  const party = await opened()
  party.edit('change the units', (draft) => (draft.units = 'US'))
  const view = mounted(CutSheet, { cut: 'tofu.cubes' })
  const item = () => party.brief?.menu.find((m) => m.cut === 'tofu.cubes')
  await view.find('.amount select').setValue('PACKS')
  await view.find('.count input').setValue('2')
  await view.find('.count input').trigger('change')
  expect(item()?.amount).toEqual({ unit: 'PACKS', count: 2 })

  await view.find('.amount select').setValue('UP_TO')
  await view.find('.count input').setValue('12')
  await view.find('.count input').trigger('change')
  expect(item()?.amount).toEqual({ unit: 'UP_TO', count: 340 })
  await view.find('.amount select').setValue('')
  expect(item()?.amount).toBeUndefined()
})

it('says who minds it, where it goes and with what', async () => {
  server.catalogue.cuts = [tofu]
  const side = { capacity: figure('c', 1), fill: figure('f', 1), tint: 'kelp' }
  server.plan.broths.sides = [
    { ...side, side: 'left', brothName: 'Kelp' },
    { ...side, side: 'right', brothName: 'Ginger' },
  ] as typeof server.plan.broths.sides
  const party = await opened()
  const view = mounted(CutEating, { cut: 'tofu.cubes' })
  const tap = (text: string) =>
    view
      .findAll('button')
      .find((b) => b.text() === text)
      ?.trigger('click')
  const item = () => party.brief?.menu.find((m) => m.cut === 'tofu.cubes')

  await tap('own baskets')
  await tap('in early, eaten last')
  await tap('Ginger')
  await view.find('select').setValue('beef.sliced')
  expect(item()).toMatchObject({
    tending: 'BASKET',
    eatenLast: true,
    inSides: ['right'],
    with: 'beef.sliced',
  })

  await tap('for all')
  await tap('Kelp')
  await view.find('select').setValue('')
  expect([item()?.tending, item()?.inSides, item()?.with]).toEqual([undefined, undefined, undefined])
})
