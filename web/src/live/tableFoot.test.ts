import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import { runOf } from './running'
import TableFoot from './TableFoot.vue'

useTestServer()

it('shows every warning however many there are, above what merely moved', async () => {
  const { now } = server.plan.table
  now.warnings = ['Kelp is at 71 °C', 'Kelp is closed to Ada', 'Spoiled for Bo', 'Beef 20 s too soon']
  now.moved = ['Tofu 2 min later', 'Udon 3 min later', 'Corn 4 min later']
  await opened()

  const view = mounted(TableFoot, { run: runOf(server.plan.table, []), second: 600 })

  expect(view.findAll('.warning').map((line) => line.text())).toEqual(now.warnings)
  expect(view.findAll('.said')).toHaveLength(2)
  expect(view.text().indexOf('too soon')).toBeLessThan(view.text().indexOf('Tofu 2 min later'))
})
