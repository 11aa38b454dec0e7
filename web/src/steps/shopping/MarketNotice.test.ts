import { flushPromises } from '@vue/test-utils'
import { expect, it, vi } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import MarketNotice from './MarketNotice.vue'

useTestServer()

it('offers new prices with their effect and takes them by one tap', async () => {
  server.news = {
    state: 'NEW',
    asOf: '2026-11-24',
    message: 'The market has prices of Wed 25 Nov.',
    edit: { prices: { asOf: '2026-11-25', offers: [], deals: [] }, shops: server.brief.shops },
    effect: {
      billBefore: '€12.34',
      billAfter: '€11.90',
      changes: [{ name: 'Leek', was: '€1.00', now: '€0.56' }],
      soldOut: ['Prawns'],
      deals: [],
    },
  }
  const party = await opened()
  const view = mounted(MarketNotice)
  await flushPromises()
  expect(view.text()).toContain('The bill would go from €12.34 to €11.90.')
  expect(view.text()).toContain('Prawns: sold out')
  expect(party.brief?.prices.asOf).toBe('2026-11-24')

  await view.find('button').trigger('click')
  expect(party.brief?.prices.asOf).toBe('2026-11-25')
  expect(view.find('section').exists()).toBe(false)
})

it('asks again once something is bought, since that is paid', async () => {
  const effect = { billBefore: '€12.34', billAfter: '€11.90', changes: [], soldOut: [], deals: [] }
  server.news = { state: 'NEW', asOf: '2026-11-24', message: 'Other prices.', effect }
  const party = await opened()
  const view = mounted(MarketNotice)
  await flushPromises()
  server.news = { ...server.news, effect: { ...effect, billAfter: effect.billBefore } }
  const line = party.plan?.purchases.trips[0]?.lines[0]
  await party.record({ type: 'BOUGHT', subject: line?.offer, count: 1, grams: 500, priceCents: 99 })

  await vi.waitFor(() => expect(view.text()).toContain('The bill stays as it is.'), { timeout: 20_000 })
})

it('says of when the prices are while the market is away, and is quiet without a connection', async () => {
  server.news = {
    state: 'AWAY',
    asOf: '2026-11-24',
    message: 'The market does not answer. The prices of Tue 24 Nov serve.',
  }
  await opened()
  const view = mounted(MarketNotice)
  await flushPromises()
  expect(view.text()).toContain('The prices of Tue 24 Nov serve.')

  server.down = true
  await view.find('button').trigger('click')
  await flushPromises()
  expect(view.text()).toBe('')
})
