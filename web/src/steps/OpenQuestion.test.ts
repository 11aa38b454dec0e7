import { flushPromises } from '@vue/test-utils'
import { expect, it } from 'vitest'
import { mounted, push } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import OpenQuestion from './OpenQuestion.vue'

useTestServer()

it('says the worst open question and mends it by one tap', async () => {
  const party = await opened()
  const view = mounted(OpenQuestion)
  expect(view.text()).toContain('No side suits Ada.')
  await view.find('button').trigger('click')

  expect(party.brief?.pots.at(-1)?.name).toBe('Small pot')
  expect(party.canUndo).toBe('add a small pot of kelp')
})

it('counts the rest, and leads to the step where no single edit helps', async () => {
  const [first] = server.plan.unmet
  if (!first) throw new Error('nothing is open')
  server.plan.unmet = [
    {
      ...first,
      step: 'SHOPPING',
      remedy: { label: 'Show shopping', kind: 'SHOW_STEP', subject: '', value: '' },
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

it('takes raw for an answer as readily as cooked', async () => {
  const [first] = server.plan.unmet
  if (!first) throw new Error('nothing is open')
  const remedy = { label: 'They are cooked', kind: 'SAY_COOKED', subject: '', value: 'tofu.cubes' } as const
  server.plan.unmet = [{ ...first, remedy }]
  const party = await opened()
  const buttons = mounted(OpenQuestion).findAll('button')
  expect(buttons.map((button) => button.text())).toEqual(['They are raw', 'They are cooked'])
  await buttons[0]?.trigger('click')

  expect(party.brief?.menu.find((item) => item.cut === 'tofu.cubes')?.cooked).toBe(false)
  expect(party.canUndo).toBe('they are raw')
})
