import { expect, it } from 'vitest'
import type { Cue, PartyEvent, TablePlan } from '@/api/types'
import { aPlan, drop, stay } from '@/test/data'
import { done, handed, skip } from './marks'
import {
  asLiked,
  cueKey,
  foodAt,
  helping,
  isLate,
  minutes,
  orders,
  runOf,
  secondOf,
  turns,
  waiting,
  wick,
} from './running'

const SAT_DOWN = Date.parse('2026-11-28T18:00:00Z')
const tofu = drop({ stays: [stay(300, 400, [{ guest: 'ada', grams: 100, pieces: 4 }])] })
const corn = drop({
  id: 'corn',
  cut: 'corn',
  name: 'Corn',
  stays: [stay(-60, 500, [{ guest: 'bo', grams: 50, pieces: 2 }])],
})
const beef = drop({
  id: 'beef',
  cut: 'beef',
  name: 'Beef',
  tending: 'DIP',
  stays: [stay(310, 330, [{ guest: 'bo', grams: 20, pieces: 1 }])],
})
const cue = (act: Cue['act'], at: number, of?: string): Cue => ({
  act,
  at,
  latest: at + 60,
  drop: of,
  side: 'side',
  minder: 'ada',
  text: act,
})

function table(started = true): TablePlan {
  const plan = aPlan().table
  const cues = [cue('PUT_IN', 300, tofu.id), cue('SKIM', 350), cue('TAKE_OUT', 400, tofu.id)]
  return {
    ...plan,
    drops: [tofu, corn, beef],
    cues: [cue('PUT_IN', -60, 'corn'), ...cues],
    now: {
      ...plan.now,
      started,
      satDown: started ? new Date(SAT_DOWN).toISOString() : undefined,
      cues: started ? cues : [],
    },
  }
}

let made = 0
const mark = (second: number, event: Partial<PartyEvent>): PartyEvent =>
  ({
    id: `event-${made++}`,
    at: new Date(SAT_DOWN + second * 1000).toISOString(),
    ...event,
  }) as PartyEvent

it('begins by itself when somebody sits down without a connection', () => {
  const run = runOf(table(false), [mark(0, { type: 'SAT_DOWN' })])

  expect(run.started).toBe(true)
  expect(run.satDown).toBe(SAT_DOWN)
  expect(run.inPot.map((food) => food.name)).toEqual(['Corn'])
  expect(run.cues.map((one) => one.act)).toEqual(['PUT_IN', 'SKIM', 'TAKE_OUT'])
})

it('shows at once what was marked here, and when what went in late comes out', () => {
  const put = done(cue('PUT_IN', 300, tofu.id), tofu)
  const run = runOf(table(), [mark(330, put)])

  expect(put).toEqual({ type: 'PUT_IN', drop: tofu.id, cut: 'tofu', side: 'side' })
  expect(run.cues.map((one) => [one.act, one.at])).toEqual([
    ['SKIM', 350],
    ['TAKE_OUT', 430],
  ])
  expect(run.inPot).toMatchObject([{ name: 'Tofu, cubes', putIn: 330, due: 430, eaters: ['ada'] }])
  const out = runOf(table(), [mark(330, put), mark(435, done(cue('TAKE_OUT', 430, tofu.id)))])
  expect(out.inPot).toEqual([])
  expect(out.cues.map((one) => one.act)).toEqual(['SKIM'])
})

it('asks again for what was looked at and left in, and never for what was skipped or seen to', () => {
  const again = runOf(table(), [mark(410, { type: 'TAKEN_OUT', drop: tofu.id, how: 'NOT_YET' })])
  expect(again.cues.find((one) => one.act === 'TAKE_OUT')).toMatchObject({ at: 440 })

  const less = runOf(table(), [
    mark(290, skip(cue('PUT_IN', 300, tofu.id))),
    mark(340, done(cue('SKIM', 350))),
  ])
  expect(less.cues).toEqual([])
})

it('puts nothing in during a pause, and takes out what is in', () => {
  const paused = runOf(table(), [mark(200, { type: 'PAUSED' })])
  expect(paused.cues.map((one) => one.act)).toEqual(['SKIM', 'TAKE_OUT'])
  expect(runOf(table(), [mark(200, { type: 'PAUSED' }), mark(260, { type: 'RESUMED' })]).paused).toBe(false)
  const over = runOf(table(), [mark(200, { type: 'FINISHED' })])
  expect(over.finished).toBe(true)
  expect(over.cues.map((one) => one.act)).toEqual(['TAKE_OUT'])
})

it('gives one order at a time to each minder, the most urgent first', () => {
  const run = runOf(table(), [])
  expect(orders(run, 100).now).toEqual([])
  expect(orders(run, 100).next[0]?.act).toBe('PUT_IN')
  expect(orders(run, 345).now.map((one) => one.act)).toEqual(['PUT_IN', 'SKIM'])
  expect(orders(run, 345, 'bo').now).toEqual([])
  const later = new Map([[cueKey(cue('PUT_IN', 300, tofu.id)), 380]])
  expect(orders(run, 345, 'ada', later).now.map((one) => one.act)).toEqual(['SKIM'])
})

it('makes one order of what is done to all sides of a pot at once', () => {
  const run = runOf(table(), [])
  run.cues = [
    { ...cue('SKIM', 350), side: 'w1' },
    { ...cue('SKIM', 360), side: 'w2' },
    { ...cue('SKIM', 360), side: 'clean' },
    { ...cue('SKIM', 700), side: 'w1' },
  ]
  const potOf = (side: string) => side.slice(0, 1)
  const { now, next } = orders(run, 360, undefined, new Map(), potOf)

  expect(now.map((one) => [one.side, ...one.alike.map((other) => other.side)])).toEqual([
    ['w1', 'w2'],
    ['clean'],
  ])
  expect(next.map((one) => one.at)).toEqual([700])
})

it('burns a wick down and says when it is late', () => {
  const put = cue('PUT_IN', 300, tofu.id)
  expect(wick(put, 285)).toBe(1)
  expect(wick(put, 360)).toBe(0)
  expect(isLate(put, 360)).toBe(false)
  expect(isLate(put, 361)).toBe(true)
  expect(minutes(75)).toBe('1:15')
  expect(secondOf(runOf(table(), []), SAT_DOWN + 61_900)).toBe(61)
})

it('tells who has it otherwise, and how long that takes', () => {
  const pink = {
    guest: 'bo',
    cut: 'beef',
    wanted: 'PINK',
    served: 'PINK',
    seconds: 6,
    time: '6 s',
    against: '',
  } as const
  expect(asLiked({ ...table(), doneness: [pink] }, 'bo', 'beef')).toBe('pink inside 6 s')
  expect(asLiked({ ...table(), doneness: [pink] }, 'ada', 'beef')).toBe('')
  const refused = { ...pink, served: 'JUST_DONE', against: 'never pink' } as const
  expect(asLiked({ ...table(), doneness: [refused] }, 'bo', 'beef')).toBe('')
})

it('tells dippers what they may do now, and who waits for long', () => {
  expect(turns(table(), 240)).toEqual([])
  expect(turns(table(), 300)).toEqual([
    { key: 'beef side', cut: 'beef', name: 'Beef', side: 'side', seconds: 0, guests: ['bo'] },
  ])
  const browned = drop({
    ...beef,
    tending: 'PLATE',
    stays: [{ ...stay(250, 310, []), plate: true }, ...beef.stays],
  })
  expect(turns({ ...table(), drops: [browned] }, 189)).toEqual([])
  expect(turns({ ...table(), drops: [browned] }, 190)).toMatchObject([
    { key: 'beef side', browned: 60, guests: ['bo'] },
  ])
})

it('tells who waits before an empty bowl, not who still eats, is away or has just been served', () => {
  const [pace] = table().guests
  if (!pace) throw new Error('nobody is at the table')
  const hungry = { ...table(), guests: [{ ...pace, guest: 'bo', waits: [{ from: 100, to: 480 }] }] }
  const bo = { guest: 'bo', there: true, grams: 10, lastBite: 10, nextBite: 480 }
  hungry.now = { ...hungry.now, guests: [bo] }
  expect(waiting(hungry, 390)).toEqual([])
  expect(waiting(hungry, 410)).toEqual([{ guest: 'bo', since: 310, next: 480 }])
  expect(waiting(hungry, 480)).toEqual([])
  hungry.now = { ...hungry.now, guests: [{ ...bo, there: false }] }
  expect(waiting(hungry, 410)).toEqual([])
})

it('tells where a second helping would go before it is given, and what it moves', () => {
  const before = table()
  const more = drop({
    id: 'more',
    cut: 'beef',
    side: 'w2',
    stays: [stay(500, 515, [{ guest: 'bo', grams: 60, pieces: 3 }])],
  })
  const after: TablePlan = {
    ...before,
    drops: [...before.drops, more],
    now: { ...before.now, moved: [...before.now.moved, 'Tofu 2 min later'] },
  }

  expect(helping(before, after, 'bo', 'beef')).toEqual({
    grams: 60,
    side: 'w2',
    putIn: 500,
    moves: ['Tofu 2 min later'],
  })
  expect(helping(before, after, 'ada', 'beef')).toBeUndefined()
  expect(helping(before, before, 'bo', 'beef')).toBeUndefined()
})

it('shows whom a cue was handed to before the server knows', () => {
  const over = { ...handed(cue('SKIM', 350), 'edda'), id: 'h', at: new Date(SAT_DOWN).toISOString() }

  expect(runOf(table(), [over as PartyEvent]).cues.map(({ act, minder }) => `${act} ${minder}`)).toEqual([
    'PUT_IN ada',
    'SKIM edda',
    'TAKE_OUT ada',
  ])
})

it('shows what eaters hold as they put it in and take it out, and what is minded until somebody says it is out', () => {
  const held = { ...table(), now: { ...table().now, inPot: [] } }
  const run = runOf(held, [mark(300, { type: 'PUT_IN', drop: tofu.id })])
  const names = (second: number) => foodAt(run, held, second).map((food) => food.name)

  expect(names(305)).toEqual([tofu.name])
  expect(names(320)).toEqual([tofu.name, 'Beef'])
  expect(names(330)).toEqual([tofu.name])
  expect(names(900)).toEqual([tofu.name])
})

it('lets nobody put anything in while the table pauses', () => {
  const paused = runOf({ ...table(), now: { ...table().now, inPot: [] } }, [mark(300, { type: 'PAUSED' })])

  expect(foodAt(paused, table(), 320)).toEqual([])
})
