import { flushPromises } from '@vue/test-utils'
import { defineComponent, h } from 'vue'
import { expect, it, vi } from 'vitest'
import type { Moment, Rehearsal, RehearsalView } from '@/api/types'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import RehearsalPanel from './RehearsalPanel.vue'
import { useRehearsal } from './useRehearsal'

useTestServer()

const share = (times: number) => ({ times, of: 100, share: times / 100, least: 0.1, most: 0.3 })
const WEAK: Moment = {
  trouble: 'WAITS',
  fromMinute: 5,
  toMinute: 10,
  side: 'left',
  drop: 'drop.tofu',
  share: share(10),
  text: 'Tofu in kelp: waited for over ten minutes in one evening of 10',
}
const waits = (times: number) => [
  { trouble: 'WAITS' as const, share: share(times), minute: 5, text: `In ${times} evenings Ada waits` },
]
const RESULT: Rehearsal = {
  evenings: 100,
  seed: 1,
  rates: {} as Rehearsal['rates'],
  goesOn: 'By the plan as it stands.',
  any: share(20),
  chances: waits(20),
  moments: [WEAK],
  changes: [
    {
      label: 'Ten minutes more',
      edit: { edit: 'SIT_FOR', minutes: 100 },
      any: share(10),
      chances: waits(10),
      helps: 0.2,
      helpsLeast: 0.1,
      helpsMost: 0.3,
      sure: true,
      text: 'Helps',
    },
  ],
}
const view = (state: RehearsalView['state'], result?: Rehearsal): RehearsalView => ({
  id: 'r',
  state,
  played: 40,
  of: 800,
  ...(result && { result }),
})

/** The panel with its engine, as the step has them. */
const show = vi.fn()
const whole = defineComponent(() => {
  const rehearsal = useRehearsal()
  return () =>
    h('div', [
      h(RehearsalPanel, { of: rehearsal, onShow: show }),
      h('i', rehearsal.moments.value.map((moment) => moment.drop).join()),
    ])
})

async function panel() {
  const party = await opened()
  const page = mounted(whole)
  await flushPromises()
  const tap = async (label: string) => {
    const chip = page.findAll('button').find((one) => one.text() === label)
    if (!chip) throw new Error(`No button says ${label}`)
    await chip.trigger('click')
    await flushPromises()
  }
  return { party, page, tap }
}

it('begins with the attention that was said, and shows what is known', async () => {
  server.rehearsal = view('DONE', RESULT)
  const { page, tap } = await panel()
  await tap('Elsewhere in thought')
  await tap('Rehearse 1,000 evenings')

  expect(server.asked).toMatchObject({ evenings: 1000, rates: { attention: 'DISTRACTED' } })
  expect(page.text()).toContain('20 % of 100 evenings have some trouble')
  expect(page.text()).toContain('In 20 evenings Ada waits')
  expect(page.find('i').text()).toBe('drop.tofu')
  await page.find('.moments button').trigger('click')
  expect(show).toHaveBeenCalledWith(WEAK)
})

it('shows before and after of what helps, and takes it by one tap', async () => {
  server.rehearsal = view('DONE', RESULT)
  const { page, tap } = await panel()
  await tap('Rehearse 1,000 evenings')
  const cells = page.findAll('.best tbody td').map((cell) => cell.text())

  expect(cells).toEqual(['20 %', '10 %', '20 %', '10 %'])
  await tap('Take it')
  expect(server.asked).toEqual([{ edit: 'SIT_FOR', minutes: 100 }])
})

it('is found again after a reload, and forgotten with the server', async () => {
  server.rehearsal = view('DONE', RESULT)
  const first = await panel()
  await first.tap('Rehearse 1,000 evenings')
  first.page.unmount()
  const second = await panel()
  expect(second.page.text()).toContain('20 % of 100 evenings')
  second.page.unmount()

  server.rehearsal = undefined
  expect((await panel()).page.text()).toContain('Rehearse 1,000 evenings')
})

it('is old once the plan has changed: marked nowhere, and not to be taken', async () => {
  server.rehearsal = view('DONE', RESULT)
  const { party, page, tap } = await panel()
  await tap('Rehearse 1,000 evenings')
  party.edit('sit longer', (draft) => (draft.mealMinutes += 5))
  await flushPromises()

  expect(page.text()).toContain('This was rehearsed before the last change of the plan.')
  expect(page.find('i').text()).toBe('')
  expect(page.find('.best button').exists()).toBe(false)
})

it('is stopped, and says nothing of remedies that were not tried', async () => {
  server.rehearsal = view('RUNNING', { ...RESULT, changes: [] })
  const { page, tap } = await panel()
  await tap('Rehearse 1,000 evenings')
  expect(page.text()).toContain('40 of 800 evenings')
  await tap('Stop')

  expect(page.text()).toContain('Stopped; this is what was known by then.')
  expect(page.text()).not.toContain('What would help')
})
