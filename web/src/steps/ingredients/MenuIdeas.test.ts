import { usual } from '@/api/parts'
import { expect, it, vi } from 'vitest'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import MenuIdeas from './MenuIdeas.vue'

useTestServer()

it('takes an idea by one tap, as an edit that can be undone', async () => {
  server.plan.suggestions = [
    {
      id: 'slow',
      text: 'Nothing slow is on the menu.',
      remedy: { label: 'Add daikon', edit: { edit: 'ADD_CUT', cut: 'daikon.sliced' } },
    },
  ]
  const party = await opened()
  server.edited = {
    ...server.brief,
    menu: [...server.brief.menu, { ...usual('MenuItem'), cut: 'daikon.sliced', fromFrozen: false }],
  }
  const view = mounted(MenuIdeas)
  expect(view.text()).toContain('Nothing slow is on the menu.')
  await view.find('button').trigger('click')
  await vi.waitFor(() => expect(party.canUndo).toBe('add daikon'))

  expect(server.asked).toEqual([{ edit: 'ADD_CUT', cut: 'daikon.sliced' }])
  expect(party.brief?.menu.at(-1)?.cut).toBe('daikon.sliced')
  party.undo()
  expect(party.brief?.menu.map((item) => item.cut)).not.toContain('daikon.sliced')
})

it('says so when there is nothing to add', async () => {
  await opened()

  expect(mounted(MenuIdeas).text()).toContain('Nothing is missing')
})
