import { flushPromises } from '@vue/test-utils'
import { expect, it, vi } from 'vitest'
import type { Brief } from '@/api/types'
import { mounted, push } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import OpenQuestion from './OpenQuestion.vue'

useTestServer()

it('says the worst open question and mends it by one tap', async () => {
  const party = await opened()
  const view = mounted(OpenQuestion)
  expect(view.text()).toContain('No side suits Ada.')
  server.edited = { ...server.brief, pots: [...server.brief.pots, ...server.brief.pots.slice(0, 1)] }
  server.edited.pots[1] = {
    ...server.edited.pots[1],
    id: 'pot-2',
    name: 'Small pot',
  } as Brief['pots'][number]
  await view.find('button').trigger('click')

  await vi.waitFor(() => expect(party.canUndo).toBe('add a small pot of kelp'))
  expect(party.brief?.pots.at(-1)?.name).toBe('Small pot')
  expect(server.asked).toEqual([{ edit: 'ADD_POT', broth: 'kelp-shiitake' }])
})

it('counts the rest, and leads to the step where no single edit helps', async () => {
  const [first] = server.plan.unmet
  if (!first) throw new Error('nothing is open')
  server.plan.unmet = [
    {
      ...first,
      step: 'SHOPPING',
      remedy: { label: 'Show shopping' },
    },
    first,
  ]
  await opened()
  const view = mounted(OpenQuestion)
  expect(view.text()).toContain('and 1 more')
  await view.find('button').trigger('click')
  await flushPromises()

  expect(push).toHaveBeenCalledWith('/party/p/shopping')
  expect(mounted(OpenQuestion, { step: 'shopping' }).find('button').exists()).toBe(false)
})

it('says that all is well, and that there is no connection', async () => {
  server.plan.unmet = []
  const party = await opened()
  const view = mounted(OpenQuestion)
  expect(view.text()).toBe('Everybody eats, nothing is open.')
  server.down = true
  await party.record({ type: 'TASK_DONE', subject: 'table:lay' })
  await flushPromises()

  expect(view.text()).toContain('No connection. What you do is kept here')
})

it('asks nothing of an evening that is over but what is left of it', async () => {
  server.plan.table.now = { ...server.plan.table.now, started: true, finished: true }
  await opened()

  expect(mounted(OpenQuestion, { step: 'pots' }).text()).toMatch(
    /fridge within two hours.* Say what is left$/,
  )
  expect(mounted(OpenQuestion, { step: 'afterwards' }).text()).toMatch(/fridge within two hours.*labelled\.$/)
})

it('takes raw for an answer as readily as cooked', async () => {
  const [first] = server.plan.unmet
  if (!first) throw new Error('nothing is open')
  const say = (cooked: boolean) => ({ edit: 'SAY_COOKED' as const, cuts: ['tofu.cubes'], cooked })
  const otherwise = { label: 'They are raw', edit: say(false) }
  const remedy = { label: 'They are cooked', edit: say(true), otherwise }
  server.plan.unmet = [{ ...first, remedy }]
  await opened()
  const buttons = mounted(OpenQuestion).findAll('button')
  expect(buttons.map((button) => button.text())).toEqual(['They are raw', 'They are cooked'])
  await buttons[0]?.trigger('click')

  await vi.waitFor(() => expect(server.asked).toEqual([say(false)]))
})
