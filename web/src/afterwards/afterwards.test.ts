import { flushPromises } from '@vue/test-utils'
import { beforeEach, expect, it } from 'vitest'
import type { Journal, Lesson } from '@/api/types'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import AfterwardsStep from './AfterwardsStep.vue'

useTestServer()

const NOTHING: Lesson = { evenings: [], changes: [], after: {} as Lesson['after'] }
const TAUGHT: Lesson = {
  evenings: [{ party: 'p', title: 'Supper', outcome: { on: '2026-11-28', seen: [] } }],
  changes: [{ subject: 'PORTION', of: 'MEAT', name: 'meat', was: 136, becomes: 122, evenings: 1 }],
  after: {} as Lesson['after'],
}

beforeEach(() => {
  server.journal = {
    revision: 0,
    journal: { format: 'lively-ladle/journal', formatVersion: 1, left: [], broths: [], guests: [], note: '' },
    keeping: [],
  }
  server.lesson = NOTHING
})

async function step() {
  await opened()
  const view = mounted(AfterwardsStep, {})
  await flushPromises()
  const tap = async (label: string) => {
    await view.find(`[aria-label="${label}"]`).trigger('click')
    await flushPromises()
  }
  return { view, tap }
}
const said = (): Journal => server.journal.journal

it('keeps what is said at once, and takes it back by the same tap', async () => {
  const { tap } = await step()
  await tap('half of Beef, 2 mm slices left')
  expect(said().left).toMatchObject([{ cut: 'beef.sliced', part: 'HALF', state: 'FROM_TABLE' }])
  await tap('half of Beef, 2 mm slices left')
  expect(said().left).toEqual([])
  await tap('more Ada')
  expect(said().guests).toEqual([{ guest: 'ada', ate: 'MORE' }])
})

it('says nothing is left of all that nobody spoke of', async () => {
  const { view, tap } = await step()
  await tap('half of Beef, 2 mm slices left')
  await view
    .findAll('button.chip')
    .find((chip) => chip.text() === 'Nothing of the rest')
    ?.trigger('click')
  await flushPromises()
  expect(said().left.map(({ cut, part }) => [cut, part])).toEqual([
    ['beef.sliced', 'HALF'],
    ['tofu.cubes', 'NONE'],
  ])
})

it('merges with what another device said meanwhile', async () => {
  const { tap } = await step()
  server.journal = {
    ...server.journal,
    revision: 4,
    journal: { ...said(), note: 'less salt' },
  }
  await tap('half of Beef, 2 mm slices left')
  expect(said()).toMatchObject({ note: 'less salt', left: [{ cut: 'beef.sliced', part: 'HALF' }] })
})

it('shows what it teaches before it is taken', async () => {
  server.lesson = TAUGHT
  const { view } = await step()
  expect(view.find('.lesson').text()).toContain('meat, a head')
  expect(view.find('.lesson').text()).toMatch(/136 g\s*122 g/)
  server.lesson = NOTHING
  await view.find('.lesson button').trigger('click')
  await flushPromises()
  expect(server.taken).toBe(true)
  expect(view.find('.lesson').text()).toContain('the next party is planned with it')
})
