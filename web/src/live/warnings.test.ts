import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import { runOf } from './running'
import TableFoot from './TableFoot.vue'
import TableWarnings from './TableWarnings.vue'

useTestServer()

it('shows every warning however many there are, and of what merely moved the first two', async () => {
  const { now } = server.plan.table
  now.warnings = ['Kelp is at 71 °C', 'Kelp is closed to Ada', 'Spoiled for Bo', 'Beef 20 s too soon']
  now.moved = ['Tofu 2 min later', 'Udon 3 min later', 'Corn 4 min later']
  await opened()

  const foot = mounted(TableFoot, { run: runOf(server.plan.table, []), second: 600 })

  expect(
    mounted(TableWarnings)
      .findAll('p')
      .map((line) => line.text()),
  ).toEqual(now.warnings)
  expect(foot.findAll('.said').map((line) => line.text())).toEqual(now.moved.slice(0, 2))
})
