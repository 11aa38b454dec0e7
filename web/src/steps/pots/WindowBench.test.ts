import { flushPromises } from '@vue/test-utils'
import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import WindowBench from './WindowBench.vue'

useTestServer()

it('asks for the window of a cut, and again while a slider moves', async () => {
  server.catalogue.cuts = [
    {
      id: 'beef.sliced',
      ingredient: 'beef',
      name: '2 mm slices',
      shape: 'SLAB',
      dimensionsMm: [2],
      start: 'CHILLED',
      rawRisk: 'WHOLE_CUT',
      safeCoreC: 70,
    },
  ]
  server.bench = {
    pleasant: 6,
    safe: 8,
    ready: 8,
    bestUntil: 25,
    overcooked: 50,
    early: 5,
    late: 11,
    basis: 'HEAT',
    cue: 'no red left',
    safeCoreC: 70,
    points: [
      { second: 0, centreC: 5, spent: 0 },
      { second: 55, centreC: 97, spent: 3.3 },
    ],
  }
  await opened()
  const view = mounted(WindowBench)
  await flushPromises()
  expect(view.find('.key').text()).toContain('8 s ready, best until 25 s, overcooked from 50 s')
  expect(server.asked).toEqual({ cut: 'beef.sliced', shape: 'SLAB', sizesMm: [2], startC: 5, brothC: 98 })

  await view.find('input[type=range]').setValue(4)
  await flushPromises()
  expect(server.asked).toMatchObject({ sizesMm: [4] })

  server.boils = 91.6
  await view.findAll('input[type=range]')[2]?.setValue(2500)
  await flushPromises()
  await flushPromises()
  expect(server.asked).toMatchObject({ brothC: 89.5 })

  await view
    .findAll('button')
    .find((b) => b.text() === 'block')
    ?.trigger('click')
  await flushPromises()
  expect(server.asked).toMatchObject({ shape: 'BRICK', sizesMm: [4, 4, 4] })
})
