import { flushPromises } from '@vue/test-utils'
import { expect, it, vi } from 'vitest'
import { aLine } from '@/test/data'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import LineSheet from './LineSheet.vue'

useTestServer()

async function sheet() {
  const party = await opened()
  return {
    party,
    view: mounted(LineSheet, { line: aLine('leek', 'Produce'), shop: 'market', needed: 420.4 }),
  }
}

it('records what was bought as it was typed', async () => {
  const { view } = await sheet()
  const [weight, paid] = view.findAll('input')
  await weight?.setValue('750')
  await paid?.setValue('1,35')
  await view.find('form').trigger('submit')
  await flushPromises()

  expect(server.events).toMatchObject([
    { type: 'BOUGHT', subject: 'leek', ingredient: 'leek', count: 1, grams: 750, priceCents: 135 },
  ])
  // what it cost is the price of next time
  await vi.waitFor(() => expect(server.asked).toMatchObject({ part: 'SHOPS' }))
})

it('says what it cannot take and records nothing', async () => {
  const { view } = await sheet()
  const [weight, paid] = view.findAll('input')
  await weight?.setValue('-2')
  await paid?.setValue('a lot')
  await view.find('form').trigger('submit')
  await flushPromises()

  expect(view.text()).toContain('A weight up to 50000 g.')
  expect(view.text()).toContain('A price such as 3.49.')
  expect(server.events).toEqual([])
})

it('records an empty shelf', async () => {
  const { view } = await sheet()
  await view.findAll('button.chip')[0]?.trigger('click')
  await flushPromises()

  expect(server.events).toMatchObject([{ type: 'SOLD_OUT', subject: 'leek' }])
})

it('puts what is at home into the pantry, rounded up so that it suffices', async () => {
  const { party, view } = await sheet()
  await view.findAll('button.chip')[1]?.trigger('click')

  expect(party.brief?.pantry).toEqual([{ ingredient: 'leek', grams: 421 }])
})
