import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import WishList from './WishList.vue'

useTestServer()

it('keeps a wish only while it says something', async () => {
  const party = await opened()
  const guest = () => party.brief?.guests[1] ?? server.brief.guests[1]
  const view = mounted(WishList, { guest: guest() })
  const tap = async (label: string) => {
    await view
      .findAll('button')
      .find((button) => button.text() === label || button.attributes('aria-label') === label)
      ?.trigger('click')
    await view.setProps({ guest: guest() })
  }
  await tap('Beef, 2 mm slices')
  await tap('pink inside Beef, 2 mm slices')
  await tap('keep the share apart')
  expect(guest()?.wishes).toEqual([{ cut: 'beef.sliced', liking: 'LIKE', doneness: 'PINK', reserved: true }])

  await tap('keep the share apart')
  await tap('pink inside Beef, 2 mm slices')
  expect(guest()?.wishes).toEqual([])
})
