import { expect, it } from 'vitest'
import { aBrief, aPlan, aTask, figure } from '@/test/data'
import { localMs } from '@/ui/time'
import { bands, chartStart, snapped, ticks, toTime, toX, wordsIn, type Scale } from './bands'

const SIT_DOWN = localMs('2026-11-28T19:00:00')
const scale: Scale = { from: localMs('2026-11-28T16:00:00'), to: SIT_DOWN, left: 100, right: 400 }

function prep(...tasks: ReturnType<typeof aTask>[]) {
  const made = aPlan().prep
  made.cooks = ['bo', 'edda'].map((id) => ({
    cook: id,
    name: id,
    helper: false,
    hands: figure(id, 30, 'min'),
  }))
  made.tasks = tasks
  return made
}

it('goes there and back between time and place', () => {
  expect(toX(scale, localMs('2026-11-28T17:30:00'))).toBe(250)
  expect(toTime(scale, 250)).toBe(localMs('2026-11-28T17:30:00'))
  expect(snapped(SIT_DOWN, localMs('2026-11-28T17:28:00'))).toBe(90)
  expect(snapped(SIT_DOWN, localMs('2026-11-28T20:00:00'))).toBe(0)
})

it('starts with the last unbroken stretch and leaves earlier days apart', () => {
  const tasks = [
    aTask('thaw', { startsAt: '2026-11-27T20:00:00', endsAt: '2026-11-28T08:00:00' }),
    aTask('stock', { startsAt: '2026-11-28T14:10:00', endsAt: '2026-11-28T16:40:00' }),
    aTask('slice'),
  ]
  expect(chartStart(tasks, SIT_DOWN)).toBe(localMs('2026-11-28T14:00:00'))
  expect(chartStart([], SIT_DOWN)).toBe(localMs('2026-11-28T18:30:00'))
})

it('shows what goes into the pots before sitting down, and not that guests arrive', () => {
  const times = { fixed: true, group: 'TABLE' as const, hands: 0, cook: undefined }
  const made = prep(
    aTask('put-in:daikon.sliced:w2:1', {
      ...times,
      startsAt: '2026-11-28T18:58:00',
      endsAt: '2026-11-28T18:59:00',
    }),
    aTask('table:arrival', { ...times, startsAt: '2026-11-28T18:45:00', endsAt: '2026-11-28T19:00:00' }),
  )
  const pots = bands(aBrief(), made, scale.from).find((band) => band.label === 'Into the pots')
  expect(pots?.blocks.map((block) => block.task.id)).toEqual(['put-in:daikon.sliced:w2:1'])
})

it('shows hands on the cook, the whole time on the place, and overlaps on rows of their own', () => {
  const simmer = {
    at: 'RING' as const,
    hands: 3,
    endsAt: '2026-11-28T18:00:00',
    minutes: figure('m', 60, 'min'),
  }
  const made = prep(
    aTask('a', simmer),
    aTask('b', { ...simmer, unit: 1, cook: 'edda' }),
    aTask('c', { at: 'FRIDGE', hands: 3 }),
    aTask('d', { at: 'NONE', hands: 3, startsAt: '2026-11-28T17:10:00', endsAt: '2026-11-28T17:40:00' }),
  )
  const all = bands(aBrief(), made, scale.from)

  expect(all.map((band) => band.label)).toEqual(['bo', 'edda', 'Ring 1', 'Ring 2', 'By itself'])
  expect(all[0]?.blocks[0]).toMatchObject({ to: localMs('2026-11-28T17:03:00') })
  expect(all[2]?.blocks[0]).toMatchObject({ to: localMs('2026-11-28T18:00:00') })
  expect(all[4]?.rows).toBe(2)
})

it('counts hours back from sitting down', () => {
  expect(ticks(scale, SIT_DOWN).map((tick) => tick.name)).toEqual([
    'sit down',
    '',
    '−1 h',
    '',
    '−2 h',
    '',
    '−3 h',
  ])
})

it('writes as much of a name as fits, or nothing', () => {
  expect(wordsIn('Lay the table', 60)).toBe('Lay the…')
  expect(wordsIn('Lay the table', 120)).toBe('Lay the table')
  expect(wordsIn('Lay the table', 20)).toBe('')
})
