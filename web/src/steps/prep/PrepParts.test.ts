import { usual } from '@/api/parts'
import { flushPromises } from '@vue/test-utils'
import { beforeEach, expect, it, vi } from 'vitest'
import { aTask, figure } from '@/test/data'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import BandChart from './BandChart.vue'
import CrewDialog from './CrewDialog.vue'
import LateRemedies from './LateRemedies.vue'
import NextThree from './NextThree.vue'
import TakeOut from './TakeOut.vue'
import TaskSheet from './TaskSheet.vue'

vi.mock('vuetify', () => ({ useDisplay: () => ({ mobile: { value: false } }) }))
useTestServer()
const NOW = Date.parse('2026-11-28T17:10:00Z')

/** Bo slices, Edda could. */
beforeEach(() => {
  server.brief.cooks = [
    { ...usual('Cook'), id: 'bo', name: 'Bo' },
    { ...usual('Cook'), id: 'edda', name: 'Edda' },
  ]
  const prep = server.plan.prep
  prep.cooks = ['bo', 'edda'].map((cook) => ({
    cook,
    name: cook === 'bo' ? 'Bo' : 'Edda',
    helper: false,
    hands: figure(`hands.${cook}`, 30, 'min'),
  }))
  prep.tasks = [
    aTask('beef'),
    aTask('stock', { at: 'RING', hands: 3, startsAt: '2026-11-28T17:40:00', endsAt: '2026-11-28T18:10:00' }),
  ]
})

const press = async (view: ReturnType<typeof mounted>, text: string) =>
  view
    .findAll('button')
    .find((b) => b.text().startsWith(text))
    ?.trigger('click')

it('starts, pauses and ends the next task without a connection, and counts it down', async () => {
  await opened()
  server.down = true
  const view = mounted(NextThree)
  expect(view.find('.first').text()).toContain('Slice beef')
  await press(view, 'Start')
  await vi.waitFor(() => expect(view.find('.first .timer').text()).toMatch(/^(30:00|29:5\d)$/))
  await press(view, 'Pause')
  await vi.waitFor(() => expect(view.find('.first').text()).toContain('paused, 30 min left'))
  await press(view, 'Done')
  await vi.waitFor(() => expect(view.find('.first').text()).toContain('Slice stock'))
})

it('moves a task by keys, in time and to another cook', async () => {
  await opened()
  const view = mounted(BandChart, { now: NOW })
  const block = view.find('[data-task="beef"]')
  await block.trigger('keydown', { key: 'ArrowLeft' })
  await block.trigger('keydown', { key: 'ArrowDown' })
  await block.trigger('keydown', { key: 'Enter' })

  const moves = view.emitted('move') as unknown[][]
  expect(moves.map((move) => move.slice(1))).toEqual([[125], [120, 'edda']])
  expect(view.emitted('choose')).toEqual([['beef']])
  expect(view.find('line.now').exists()).toBe(true)
})

it('moves nothing that has begun', async () => {
  server.plan.prep.tasks = [aTask('beef', { state: 'RUNNING' })]
  await opened()
  const view = mounted(BandChart, { now: NOW })
  await view.find('[data-task="beef"]').trigger('keydown', { key: 'ArrowRight' })

  expect(view.emitted('move')).toBeUndefined()
})

it('hands a task over, says how long it takes here, and leaves it to the plan again', async () => {
  const party = await opened()
  const view = mounted(TaskSheet, { task: server.plan.prep.tasks[0] })
  await view.find('select').setValue('edda')
  await view.find('input').setValue(45)
  expect(party.brief?.decisions.tasks).toEqual([{ task: 'beef', cook: 'edda', minutes: 45 }])
  await press(view, 'Leave it to the plan')
  expect(party.brief?.decisions.tasks).toEqual([])
})

it('shows what a remedy comes to and does it', async () => {
  server.plan.prep.problems = [
    { kind: 'LATE', task: '', text: 'Prep ends at 19:20, 20 min after sitting down.' },
  ]
  server.plan.lateRemedies = [
    {
      remedy: {
        label: 'Hand “slice beef” to Edda',
        edit: { edit: 'HAND_OVER', task: 'beef', cook: 'edda' },
      },
      effect: 'All done at 18:50, 10 min before sitting down.',
      readyAt: '2026-11-28T18:50:00',
      gainMinutes: 30,
      fits: true,
    },
  ]
  await opened()
  const view = mounted(LateRemedies)
  expect(view.text()).toContain('20 min after')
  expect(view.text()).toContain('−30 min')
  await press(view, 'Hand')
  await vi.waitFor(() => expect(server.asked).toEqual([{ edit: 'HAND_OVER', task: 'beef', cook: 'edda' }]))
})

it('describes cooks and kitchen, and reads when somebody is away', async () => {
  server.busy = {
    busy: [{ from: '2026-11-28T14:00:00', until: '2026-11-28T15:00:00', what: 'Choir' }],
    leftOut: ['“Holiday”: all day.'],
  }
  const party = await opened()
  const view = mounted(CrewDialog)
  await press(view, 'sharp knife')
  await press(view, 'helps when asked')
  expect(party.brief?.cooks[0]).toMatchObject({ helper: true, skills: ['RAW_FOOD', 'STOVE'] })

  const file = view.find<HTMLInputElement>('input[type=file]')
  Object.defineProperty(file.element, 'files', { value: [new File(['BEGIN:VCALENDAR'], 'a.ics')] })
  await file.trigger('change')
  await flushPromises()
  expect(party.brief?.cooks[0]?.busy).toHaveLength(1)
  expect(view.text()).toContain('1 time away taken. “Holiday”: all day.')

  await view.find('.kitchen input').setValue(2)
  expect(party.brief?.kitchen).toEqual({ ...usual('Kitchen'), rings: 2 })
  await view.find('.kitchen input').setValue(99)
  expect(party.brief?.kitchen.rings).toBe(2)
  await view.find('[aria-label="Remove Edda"]').trigger('click')
  expect(party.brief?.cooks.map((cook) => cook.id)).toEqual(['bo'])
})

it('makes, narrows, renews and withdraws the calendar address', async () => {
  await opened()
  const view = mounted(TakeOut)
  await flushPromises()
  await press(view, 'Make an address')
  await flushPromises()
  const address = () => view.find<HTMLInputElement>('input.address').element.value
  expect(address()).toMatch(/\/calendar\/secret\+$/)
  await view.find('select').setValue('bo')
  expect(address()).toMatch(/\?cook=bo$/)
  await press(view, 'Another')
  await flushPromises()
  expect(address()).toContain('secret++')
  await press(view, 'Withdraw')
  await flushPromises()
  expect(view.find('input.address').exists()).toBe(false)
})
