import { expect, it } from 'vitest'
import { figure } from '@/test/data'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import LeftOvers from './LeftOvers.vue'

useTestServer()

it('says which way of cooling is fast enough', async () => {
  server.plan.evening.leftOvers = [
    {
      subject: 'left',
      name: 'Kelp',
      amount: '1 l',
      ways: [
        { name: 'in the pot', to21: figure('a', 400, 'min'), fastEnough: false },
        { name: 'in boxes', to21: figure('b', 78, 'min'), to5: figure('c', 271, 'min'), fastEnough: true },
      ],
      keeping: 'Label it.',
    },
  ]
  await opened()
  const view = mounted(LeftOvers)
  expect(view.text()).toContain('Kelp 1 l')
  await view.find('button').trigger('click')
  const ways = view.findAll('.way').map((way) => way.text())
  expect(ways[0]).toMatch(/^✕.*in the pot: 400 min to 21 °C, never 5 °C$/)
  expect(ways[1]).toMatch(/^✓.*271 min to 5 °C$/)
})
