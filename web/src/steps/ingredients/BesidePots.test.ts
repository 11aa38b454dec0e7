import { expect, it } from 'vitest'
import { figure } from '@/test/data'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import BesidePots from './BesidePots.vue'

useTestServer()

it('puts an extra beside the pots and shows for whom it is not', async () => {
  server.catalogue.ingredients = [{ id: 'lager', name: 'Lager' }]
  server.catalogue.extras = [{ ingredient: 'lager', kind: 'DRINK', adultsOnly: true, mark: 'MEMORY' }]
  server.plan.extras = {
    needs: [
      {
        ingredient: 'lager',
        name: 'Lager',
        kind: 'DRINK',
        amount: figure('extra.lager', 700, 'ml'),
        grams: figure('extra.lager.g', 707),
        guests: 1,
      },
    ],
    keptFrom: [{ guest: 'ada', ingredient: 'lager', reason: 'no gluten' }],
  }
  const party = await opened()
  const view = mounted(BesidePots)
  expect(view.text()).toContain('700 ml')
  expect(view.text()).toContain('for 1 guest; not Ada, no gluten')

  const chip = view.find('button.chip')
  await chip.trigger('click')
  expect(party.brief?.extras).toEqual([{ ingredient: 'lager' }])
  await chip.trigger('click')
  expect(party.brief?.extras).toEqual([])
})
