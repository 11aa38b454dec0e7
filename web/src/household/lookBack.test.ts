import { flushPromises } from '@vue/test-utils'
import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { server, useTestServer } from '@/test/server'
import LookBack from './LookBack.vue'

useTestServer()

it('draws what was eaten of what was planned, and says where nobody knows', async () => {
  server.evenings = [
    {
      ...{ party: 'p', title: 'Supper', on: '2026-11-28', guests: 2, costCents: 5000, costAHeadCents: 2500 },
      ...{
        currency: 'EUR',
        leftGrams: 136,
        handsMinutes: 84.6,
        longestWaitMinutes: 4,
        mark: 4,
        note: 'more noodles',
      },
      kinds: [
        { category: 'MEAT', name: 'Meat', plannedAHead: 136, eatenAHead: 68 },
        { category: 'ROOTS', name: 'Roots', plannedAHead: 35 },
      ],
    },
  ]
  const view = mounted(LookBack, {})
  await flushPromises()
  expect(view.find('.bar').attributes('aria-label')).toBe(
    'Meat: 68 of 136 g a head eaten; Roots: 35 g a head planned, nobody has said what is left',
  )
  expect(view.findAll('.eaten').map((eaten) => eaten.attributes('style'))).toEqual([
    'height: 50%;',
    'height: 0%;',
  ])
  expect(view.findAll('.kind.unsaid')).toHaveLength(1)
  expect(view.text()).toContain('25.00 EUR')
  expect(view.text()).toContain('85 min')
})

it('is not there before the first evening', async () => {
  server.evenings = []
  const view = mounted(LookBack, {})
  await flushPromises()
  expect(view.find('section').exists()).toBe(false)
})
