import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, useTestServer } from '@/test/server'
import NextOrders from './NextOrders.vue'
import type { Order } from './running'

useTestServer()

it('tells of everything that comes next in which side, of what goes in too', async () => {
  await opened()
  const order = (act: Order['act'], at: number, side: string, text: string): Order => ({
    act,
    at,
    latest: at + 60,
    drop: act === 'PUT_IN' ? 'drop.white-fish' : undefined,
    side,
    minder: undefined,
    text,
    alike: [],
  })
  const view = mounted(NextOrders, {
    now: [order('PUT_IN', 300, 'left', 'Put in white fish, 4 pieces')],
    next: [order('SKIM', 420, 'right', 'Skim the foam')],
    second: 300,
  })

  const lines = view.findAll('li').map((line) => line.text())
  expect(lines[0]).toBe('nowPut in white fish, 4 piecesleft')
  expect(lines[1]).toBe('in 2:00Skim the foamright')
})
