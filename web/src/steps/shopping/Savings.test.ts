import { expect, it, vi } from 'vitest'
import { figure } from '@/test/data'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import Savings from './Savings.vue'

useTestServer()

it('shows deals, takes a trade by one tap and takes it back', async () => {
  server.plan.purchases.deals = [
    { id: 'd', shop: 'market', text: '3 for 2: Leek', saved: figure('deal.d', 100, 'cents', '€1.00') },
  ]
  server.plan.suggestions = [
    {
      id: 'trade',
      text: '50 g of beef served as tofu makes the bill €2.00 less.',
      remedy: {
        label: 'Serve it so',
        edit: { edit: 'SERVE_AS', shortOf: 'beef.sliced', by: 'tofu.cubes', grams: 50 },
      },
    },
  ]
  server.plan.portions.trades = [{ shortOf: 'leek', by: 'kale', grams: 20, text: '20 g of leek is kale' }]
  server.brief.decisions.trades = [{ shortOf: 'leek', by: 'kale', grams: 20 }]
  const party = await opened()
  const view = mounted(Savings)
  expect(view.text()).toContain('3 for 2: Leek')
  const decided = { shortOf: 'beef.sliced', by: 'tofu.cubes', grams: 50 }
  const { decisions } = server.brief
  server.edited = {
    ...server.brief,
    decisions: { ...decisions, trades: [...decisions.trades, decided] },
  }
  const [back, take] = view.findAll('button')
  await take?.trigger('click')
  await vi.waitFor(() => expect(party.brief?.decisions.trades).toHaveLength(2))
  await back?.trigger('click')
  expect(party.brief?.decisions.trades).toEqual([{ shortOf: 'beef.sliced', by: 'tofu.cubes', grams: 50 }])
})

it('is not there when there is nothing to save', async () => {
  await opened()
  expect(mounted(Savings).find('section').exists()).toBe(false)
})
