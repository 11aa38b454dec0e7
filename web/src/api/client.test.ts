import { expect, it } from 'vitest'
import { ask } from './client'

it('leaves out what the server says to be nothing', async () => {
  const data = { guests: [{ name: 'Ruth', leavesAfterMinutes: null, needs: [] }], ending: null, count: 0 }
  const answer = await ask(Promise.resolve({ data, response: new Response() }))

  expect(answer).toStrictEqual({ guests: [{ name: 'Ruth', needs: [] }], count: 0 })
})
