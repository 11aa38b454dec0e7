import { flushPromises } from '@vue/test-utils'
import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import WindowBench from './WindowBench.vue'

useTestServer()

it('asks for a curve of the chosen cut, and again while a slider moves', async () => {
  server.catalogue.cuts = [
    {
      id: 'beef.sliced',
      ingredient: 'beef',
      shape: 'SLAB',
      dimensionsMm: [2],
      rawRisk: 'WHOLE_CUT',
      safeCoreC: 70,
      times: { pleasant: 8, safe: 10, bestUntil: 25, overcooked: 50 },
    },
  ]
  server.curve = {
    points: [
      { second: 0, centreC: 5 },
      { second: 12, centreC: 86 },
    ],
    seconds: 7.4,
    method: 'series',
  }
  await opened()
  const view = mounted(WindowBench)
  await flushPromises()
  expect(view.text()).toContain('8 s to 70 °C at the centre')
  expect(server.asked).toMatchObject({ shape: 'slab', dimensionsMm: [2], startC: 5, targetC: 70 })

  await view.find('input[type=range]').setValue(200)
  await flushPromises()
  expect(server.asked).toMatchObject({ dimensionsMm: [4] })
})
