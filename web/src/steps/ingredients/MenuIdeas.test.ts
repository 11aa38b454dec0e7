import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import MenuIdeas from './MenuIdeas.vue'

useTestServer()

it('takes an idea by one tap, as an edit that can be undone', async () => {
  server.plan.suggestions = [
    {
      id: 'slow',
      text: 'Nothing slow is on the menu.',
      remedy: { label: 'Add daikon', kind: 'ADD_CUT', subject: '', value: 'daikon.sliced' },
    },
  ]
  const party = await opened()
  const view = mounted(MenuIdeas)
  expect(view.text()).toContain('Nothing slow is on the menu.')
  await view.find('button').trigger('click')

  expect(party.brief?.menu.at(-1)?.cut).toBe('daikon.sliced')
  party.undo()
  expect(party.brief?.menu.map((item) => item.cut)).not.toContain('daikon.sliced')
})

it('says so when there is nothing to add', async () => {
  await opened()

  expect(mounted(MenuIdeas).text()).toContain('Nothing is missing')
})
