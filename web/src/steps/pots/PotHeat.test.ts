import { usual } from '@/api/parts'
import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, useTestServer } from '@/test/server'
import HouseDialog from './HouseDialog.vue'
import PotHeat from './PotHeat.vue'

useTestServer()

const press = async (view: ReturnType<typeof mounted>, text: string) =>
  view
    .findAll('button')
    .find((b) => b.text() === text)
    ?.trigger('click')

it('measures a pot, plugs it in and keeps it all in one edit', async () => {
  const party = await opened()
  party.edit('wire', (draft) => {
    draft.kitchen = {
      ...usual('Kitchen'),
      ringWatts: 2000,
      circuits: [{ id: 'wall', name: 'Wall', watts: 3000 }],
    }
  })
  const view = mounted(PotHeat, { pot: party.brief?.pots[0] })
  await press(view, 'induction')
  await press(view, 'Wall, 3000 W')
  await press(view, 'by a ruler')
  await press(view, 'Ada')
  await press(view, 'Keep')

  expect(party.brief?.pots[0]).toMatchObject({
    heat: { kind: 'INDUCTION', watts: 1800, circuit: 'wall' },
    size: { acrossMm: 280, depthMm: 90 },
    capacityMl: 5542,
    reachedBy: ['bo'],
  })
})

it('says what is wrong with a measure and keeps nothing', async () => {
  const party = await opened()
  const before = JSON.stringify(party.brief?.pots[0])
  const view = mounted(PotHeat, { pot: party.brief?.pots[0] })
  await press(view, 'by a ruler')
  await view.find('input').setValue(20)
  expect(view.find('.unmet').text()).toBe('Across: 80 to 600 mm.')
  expect(JSON.stringify(party.brief?.pots[0])).toBe(before)
})

it('takes a circuit away, and says how high the house is', async () => {
  const party = await opened()
  party.edit('wire', (draft) => {
    draft.kitchen = {
      ...usual('Kitchen'),
      ringWatts: 2000,
      circuits: [{ id: 'wall', name: 'Wall', watts: 3000 }],
    }
    const pot = draft.pots[0]
    if (pot) pot.heat = { ...pot.heat, kind: 'INDUCTION', watts: 1800, circuit: 'wall' }
  })
  const view = mounted(HouseDialog)
  await view.find('input').setValue(1200)
  await view.find('button[aria-label="Remove Wall"]').trigger('click')
  await press(view, 'Keep')

  expect(party.brief?.altitudeM).toBe(1200)
  expect(party.brief?.kitchen).toEqual({ ...usual('Kitchen'), ringWatts: 2000, circuits: [] })
})
