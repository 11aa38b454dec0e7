import { expect, it } from 'vitest'
import { figure } from '@/test/data'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import CutSheet from './CutSheet.vue'

useTestServer()

it('cuts thicker, cooks from the freezer, and shows the window of every side', async () => {
  server.catalogue.cuts = [
    {
      id: 'tofu.cubes',
      ingredient: 'tofu',
      dimensionsMm: [20, 20, 20],
      start: 'CHILLED',
      governed: { by: 'CORE', value: 65 },
    },
  ]
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

  await view
    .findAll('button')
    .find((b) => b.text() === 'straight from the freezer')
    ?.trigger('click')
  expect(party.brief?.menu.find((m) => m.cut === 'tofu.cubes')?.fromFrozen).toBe(true)
})
