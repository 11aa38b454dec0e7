import { flushPromises } from '@vue/test-utils'
import { beforeEach, expect, it } from 'vitest'
import type { Journal, Lesson } from '@/api/types'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import AfterwardsStep from './AfterwardsStep.vue'

useTestServer()

const LAY = {
  subject: 'TASK_TIME' as const,
  of: 'table:lay',
  by: 'edda',
  name: 'Lay the table, Edda',
  expected: 12,
  happened: 12,
}
const NOTHING: Lesson = { evenings: [], changes: [], after: {} as Lesson['after'] }
const TAUGHT: Lesson = {
  evenings: [{ party: 'p', title: 'Supper', outcome: { on: '2026-11-28', seen: [] } }],
  changes: [{ subject: 'PORTION', of: 'MEAT', name: 'meat', was: 136, becomes: 122, evenings: 1 }],
  after: {} as Lesson['after'],
}

beforeEach(() => {
  server.journal = {
    revision: 0,
    journal: {
      format: 'lively-ladle/journal',
      formatVersion: 1,
      left: [],
      broths: [],
      guests: [],
      times: [],
      note: '',
    },
    keeping: [],
    nextDay: [],
    timings: [
      { usual: LAY, unit: 'min', marked: 20 },
      {
        usual: { subject: 'CUT_TIME', of: 'beef.sliced', name: 'Beef', expected: 20, happened: 20 },
        unit: 's',
      },
    ],
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

it('keeps how much is left when it is said where it was', async () => {
  const { view, tap } = await step()
  await tap('half of Beef, 2 mm slices left')
  const where = view.find('[aria-label="Where Beef, 2 mm slices was"]')
  await where.findAll('button')[0]?.trigger('click')
  await flushPromises()
  expect(said().left).toMatchObject([{ cut: 'beef.sliced', part: 'HALF', state: 'UNTOUCHED' }])
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

it('offers what marks tell of times, takes other times by hand, and back', async () => {
  const { view, tap } = await step()
  await tap('Lay the table, Edda took that')
  expect(said().times).toEqual([{ ...LAY, happened: 20 }])
  await tap('Take back Lay the table, Edda')
  expect(said().times).toEqual([])
  await view
    .findAll('button.chip')
    .find((chip) => chip.text() === 'Something else')
    ?.trigger('click')
  await view.find('select').setValue('CUT_TIME beef.sliced ')
  await flushPromises()
  await view.find('[aria-label="Beef took, s"]').setValue('30')
  await flushPromises()
  expect(said().times).toMatchObject([{ subject: 'CUT_TIME', of: 'beef.sliced', expected: 20, happened: 30 }])
})

it('says what may be cooked of it, how much is to be added and for whom it is not', async () => {
  server.journal = {
    ...server.journal,
    nextDay: [
      {
        kind: 'SOUP',
        name: 'Soup of herb broth',
        people: 3,
        until: '2026-11-29',
        parts: [
          { name: 'Herb broth', amount: '1.05 l', toGet: false },
          { name: 'Rice', amount: '225 g dry', toGet: true },
        ],
        allergens: ['EGGS'],
        notFor: [{ guest: 'ada', needs: 'vegan' }],
        how: ['Boil.'],
      },
    ],
  }
  const { view } = await step()
  const text = view.find('[aria-label="The day after"]').text()
  expect(text).toContain('Soup of herb broth, for 3')
  expect(text).toMatch(/225 g dry\s*Rice\s*to add/)
  expect(text).toContain('Not for Ada: vegan.')
})
