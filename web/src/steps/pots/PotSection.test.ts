import { expect, it } from 'vitest'
import { anEvening, aSidePlan } from '@/test/data'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import PotSection from './PotSection.vue'

useTestServer()

async function section(fullestMl?: number) {
  server.plan.broths.sides = [aSidePlan('left'), aSidePlan('right')]
  server.plan.evening.pots = [anEvening('pot', ['left', 'right'], fullestMl)]
  const party = await opened()
  const pot = party.brief?.pots[0]
  if (!pot) throw new Error('The test party has no pot')
  return { party, view: mounted(PotSection, { pot, side: 'left' }), pot }
}

it('fills by keys in one step each, and says so', async () => {
  const { party, view, pot } = await section()
  const line = view.find('[role=slider]')
  expect(line.attributes('aria-valuenow')).toBe(String(pot.fillPercent))
  await line.trigger('keydown', { key: 'PageUp' })
  expect(party.brief?.pots[0]?.fillPercent).toBe(pot.fillPercent + 5)
  await line.trigger('keydown', { key: 'a' })
  expect(party.brief?.pots[0]?.fillPercent).toBe(pot.fillPercent + 5)
})

it('shows another side when its broth is chosen', async () => {
  const { view } = await section()
  await view.findAll('.cell')[1]?.trigger('keydown', { key: 'Enter' })
  expect(view.emitted('update:side')).toEqual([['right']])
})

it('marks food that would stand over the brim', async () => {
  const low = await section()
  expect(low.view.findAll('.fullest.over')).toHaveLength(0)
  low.view.unmount()
  const high = await section(2600)
  expect(high.view.findAll('.fullest.over').length).toBeGreaterThan(0)
})
