import { expect, it } from 'vitest'
import { aTask } from '@/test/data'
import { localMs } from '@/ui/time'
import { alone, clockLeft, nextThree } from './next'

const NOW = localMs('2026-11-28T17:20:00')
const ids = (tasks: { id: string }[]) => tasks.map((task) => task.id)

it('puts what is under way before what comes, three in all', () => {
  const tasks = [
    aTask('done', { state: 'DONE' }),
    aTask('coming', { startsAt: '2026-11-28T17:30:00' }),
    aTask('running', { state: 'RUNNING' }),
    aTask('paused', { state: 'PAUSED', cook: 'edda' }),
    aTask('later', { startsAt: '2026-11-28T18:00:00' }),
  ]
  expect(ids(nextThree(tasks, NOW))).toEqual(['running', 'paused', 'coming'])
  expect(ids(nextThree(tasks, NOW, 'edda'))).toEqual(['paused'])
})

it('keeps what runs by itself apart once nobody is needed, and leaves trips that are over', () => {
  const simmer = aTask('simmer', { state: 'RUNNING', hands: 3, endsAt: '2026-11-28T18:00:00' })
  const trip = aTask('trip', { fixed: true, endsAt: '2026-11-28T10:00:00' })

  expect(nextThree([simmer, trip], NOW)).toEqual([])
  expect(ids(alone([simmer, trip], NOW))).toEqual(['simmer'])
  expect(alone([simmer], localMs('2026-11-28T17:01:00'))).toEqual([])
})

it('counts down and, once it is over, up', () => {
  expect(clockLeft(125_000)).toBe('2:05')
  expect(clockLeft(3_725_000)).toBe('1:02:05')
  expect(clockLeft(-61_000)).toBe('+1:01')
})
