import { expect, it } from 'vitest'
import { aLine, figure } from '@/test/data'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import SauceShopping from './SauceShopping.vue'

useTestServer()

it('adds sauces up to bottles, and says what is at home', async () => {
  const part = (ingredient: string) => ({
    ingredient,
    name: ingredient,
    volume: figure(ingredient, 60, 'ml'),
    grams: figure(`${ingredient}.g`, 60),
  })
  const need = (ingredient: string, missing: number) => ({
    ingredient,
    name: ingredient,
    need: figure(`n.${ingredient}`, 120),
    withMargin: figure(`w.${ingredient}`, 126),
    missing: figure(`m.${ingredient}`, missing),
  })
  server.plan.sauces.needs = [
    {
      sauce: 's',
      name: 'S',
      remark: '',
      make: figure('make', 120, 'ml'),
      parts: [part('leek'), part('salt')],
      from: '',
      caution: '',
    },
  ]
  server.plan.purchases.needs = [need('leek', 126), need('salt', 0), need('beef', 500)]
  server.plan.purchases.trips[0]?.lines.push({
    ...aLine('leek', 'Produce'),
    id: 'two',
    name: 'loose leek',
    count: 6,
    amount: '120 g loose',
  })
  await opened()
  const rows = mounted(SauceShopping).findAll('li')

  expect(rows.map((row) => row.text())).toEqual([
    'leek120 gleek, 1 × 500 g, loose leek, 120 g loose',
    'salt120 gat home',
  ])
})
