import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, useTestServer } from '@/test/server'
import TripSheet from './TripSheet.vue'

useTestServer()

it('moves the trip', async () => {
  const party = await opened()
  const view = mounted(TripSheet, { shopId: 'market' })
  const input = view.find('input[type=datetime-local]')
  // every digit of a year is told by the browser; only what is finished counts
  for (const typed of ['0002-11-27T18:15', '0202-11-27T18:15', '2026-11-27T18:15'])
    await input.setValue(typed)
  expect(party.brief?.shops[0]?.tripAt).toBe('2026-11-28T09:30:00')
  await input.trigger('blur')

  expect(party.brief?.shops[0]?.tripAt).toBe('2026-11-27T18:15:00')
})

it('goes a second time, which is none once the first comes later', async () => {
  const party = await opened()
  party.edit('an early trip', (draft) => draft.shops.forEach((shop) => (shop.tripAt = '2026-11-26T18:00:00')))
  const view = mounted(TripSheet, { shopId: 'market' })
  const chip = (text: string) => view.findAll('button.chip').find((button) => button.text().startsWith(text))
  await chip('Again on')?.trigger('click')
  expect(party.brief?.shops[0]?.againAt).toBe('2026-11-28T10:00:00')
  const [first] = view.findAll('input[type=datetime-local]')
  await first?.setValue('2026-11-28T12:00')
  await first?.trigger('blur')
  expect(party.brief?.shops[0]).toMatchObject({ tripAt: '2026-11-28T12:00:00' })
  expect(party.brief?.shops[0]?.againAt).toBeUndefined()
})

it('closes and opens a day', async () => {
  const party = await opened()
  const view = mounted(TripSheet, { shopId: 'market' })
  const sunday = view.findAll('button.chip').find((chip) => chip.text() === 'Sun')
  await sunday?.trigger('click')
  expect(party.brief?.shops[0]?.closedOn).toEqual(['SUNDAY'])
  expect(sunday?.attributes('aria-pressed')).toBe('true')
  await sunday?.trigger('click')
  expect(party.brief?.shops[0]?.closedOn).toEqual([])
})

it('names the shop, and takes it away', async () => {
  const party = await opened()
  const view = mounted(TripSheet, { shopId: 'market' })
  await view.find('.name input').setValue('The hall')
  expect(party.brief?.shops[0]?.name).toBe('The hall')

  await view
    .findAll('button.chip')
    .find((chip) => chip.text() === 'Not this shop')
    ?.trigger('click')
  expect(party.brief?.shops.some(({ id }) => id === 'market')).toBe(false)
})

it('orders aisles by the keys, and by dragging', async () => {
  const party = await opened()
  const view = mounted(TripSheet, { shopId: 'market' })
  const rows = () => view.findAll('.aisles button')
  const first = rows()[0]?.text() ?? ''
  await rows()[1]?.trigger('keydown', { key: 'ArrowUp' })
  const walked = party.brief?.shops[0]?.aisles ?? []
  expect(rows()[1]?.text().slice(1)).toBe(first.slice(1))
  expect(walked.length).toBeGreaterThan(5)

  const list = view.find('.aisles').element
  list.getBoundingClientRect = () => ({ top: 0, height: walked.length * 10 }) as DOMRect
  const held = rows()[0]?.element as HTMLElement
  held.setPointerCapture = () => {}
  await rows()[0]?.trigger('pointerdown', { pointerId: 1 })
  await rows()[0]?.trigger('pointermove', { clientY: 35 })
  await rows()[3]?.trigger('pointerup')
  expect(party.brief?.shops[0]?.aisles[3]).toBe(walked[0])
})
