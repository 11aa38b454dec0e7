import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import StepNotes from './StepNotes.vue'

useTestServer()

it('lists what its step leaves open and mends each by one tap', async () => {
  const party = await opened()
  const view = mounted(StepNotes, { step: 'POTS' })
  expect(view.text()).toContain('No side suits Ada.')
  await view.find('button').trigger('click')

  expect(party.brief?.pots.at(-1)?.sides[0]?.broth).toBe('kelp-shiitake')
  expect(mounted(StepNotes, { step: 'PREP' }).text()).toBe('')
})

it('shows the cautions of its step only', async () => {
  server.plan.cautions = [
    { id: 'a', step: 'POTS', subject: '', text: 'Air the room.' },
    { id: 'b', step: 'PREP', subject: '', text: 'Hot and heavy.' },
  ]
  await opened()

  expect(mounted(StepNotes, { step: 'POTS' }).text()).toContain('Air the room.')
  expect(mounted(StepNotes, { step: 'POTS' }).text()).not.toContain('Hot and heavy.')
})
