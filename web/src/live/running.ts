/** The table as the last plan knew it, with what was marked on this device since. Pure. */

import type { Brief, Cue, Drop, InPot, PartyEvent, Plan, TablePlan } from '@/api/types'
import { DONENESSES, labelOf } from '@/party/words'
import { inBroth, isFished, plateOf, putIn } from '@/table/stays'
import { longWait } from '@/table/waits'
import { OWN_EVENT } from './marks'

const SECOND = 1000
/** What is to be done is shown so much ahead [s]. */
const AHEAD = 15
/** What was looked at and left in is asked for again after this [s]. */
export const NOT_YET = 30
/** The same done at the sides of one pot so close together is one thing to do [s]. */
const TOGETHER = 60
/** What dippers may do now, and within this [s]. */
const SOON = 60

export interface Run {
  started: boolean
  paused: boolean
  finished: boolean
  /** When somebody sat down [ms]. */
  satDown: number
  cues: Cue[]
  inPot: InPot[]
}

export const cueKey = (cue: Cue) => `${cue.act} ${cue.drop ?? cue.side} ${cue.drop ? '' : cue.at}`

function atStart(table: TablePlan, satDown: number): Run {
  const preloaded = table.drops.filter((drop) => drop.tending === 'SHARED' && putIn(drop) < 0)
  return {
    started: true,
    paused: false,
    finished: false,
    satDown,
    cues: table.cues.filter((cue) => cue.at >= 0),
    inPot: preloaded.flatMap((drop) => inPot(drop, 0)),
  }
}

/** What goes in together of a drop, so much later than planned. */
const inPot = (drop: Drop, later: number): InPot[] =>
  inBroth(drop).map((stay, i) => ({
    drop: drop.id,
    stay: i,
    cut: drop.cut,
    name: drop.name,
    side: drop.side,
    putIn: stay.putIn + later,
    ready: stay.ready + later,
    bestUntil: stay.bestUntil + later,
    overcooked: stay.overcooked + later,
    due: stay.takeOut + later,
    minded: drop.tending === 'SHARED' && !isFished(drop),
    eaters: stay.servings.map((serving) => serving.guest),
  }))

/** What is in the pots at a moment: eaters take their own out, and put the next in, without a word. */
export function foodAt(run: Run, table: TablePlan, second: number): InPot[] {
  const begun = new Set(run.inPot.map((food) => `${food.drop} ${food.stay}`))
  const own = table.drops.filter((drop) => drop.tending !== 'SHARED').flatMap((drop) => inPot(drop, 0))
  const since = run.paused || run.finished ? [] : own.filter((one) => !begun.has(`${one.drop} ${one.stay}`))
  return [...run.inPot, ...since].filter((food) => food.putIn <= second && (food.minded || second < food.due))
}

export function runOf(table: TablePlan, marks: PartyEvent[]): Run {
  const { now } = table
  let run: Run = {
    started: now.started,
    paused: now.paused,
    finished: now.finished,
    satDown: now.satDown ? Date.parse(now.satDown) : 0,
    cues: now.cues,
    inPot: now.inPot,
  }
  for (const event of marks) run = after(run, event, table)
  return run
}

function after(run: Run, event: PartyEvent, table: TablePlan): Run {
  if (event.type === 'SAT_DOWN' && !run.started) return atStart(table, Date.parse(event.at))
  if (!run.started) return run
  const at = secondOf(run, Date.parse(event.at))
  const ofDrop = (act: Cue['act']) => (cue: Cue) => cue.act === act && cue.drop === event.drop
  switch (event.type) {
    case 'PUT_IN': {
      const drop = table.drops.find((d) => d.id === event.drop)
      const later = drop ? at - putIn(drop) : 0
      return {
        ...run,
        cues: run.cues
          .filter((cue) => !ofDrop('PUT_IN')(cue))
          .map((cue) =>
            ofDrop('TAKE_OUT')(cue) ? { ...cue, at: cue.at + later, latest: cue.latest + later } : cue,
          ),
        inPot: drop ? [...run.inPot, ...inPot(drop, later)] : run.inPot,
      }
    }
    case 'TAKEN_OUT':
      return event.how === 'NOT_YET'
        ? {
            ...run,
            cues: run.cues.map((cue) =>
              ofDrop('TAKE_OUT')(cue)
                ? { ...cue, at: at + NOT_YET, latest: Math.max(cue.latest, at + NOT_YET) }
                : cue,
            ),
          }
        : {
            ...run,
            cues: run.cues.filter((cue) => !ofDrop('TAKE_OUT')(cue)),
            inPot: run.inPot.filter((food) => food.drop !== event.drop),
          }
    case 'SKIPPED':
      return { ...run, cues: run.cues.filter((cue) => cue.drop !== event.drop) }
    case 'HANDED':
      return {
        ...run,
        cues: run.cues.map((cue) =>
          cue.act === event.act && cue.drop === event.drop && cue.side === event.side
            ? { ...cue, minder: event.subject }
            : cue,
        ),
      }
    case 'PAUSED':
      return { ...run, paused: true, cues: run.cues.filter((cue) => cue.act !== 'PUT_IN') }
    case 'RESUMED':
      return { ...run, paused: false }
    case 'FINISHED':
      return { ...run, finished: true, cues: run.cues.filter((cue) => cue.act === 'TAKE_OUT') }
    case 'SKIMMED':
    case 'SOUP_SERVED':
    case 'CUE_DONE': {
      const seen = run.cues.find((cue) => isSeenTo(cue, event, at))
      return { ...run, cues: run.cues.filter((cue) => cue !== seen) }
    }
    default:
      return run
  }
}

const isSeenTo = (cue: Cue, event: PartyEvent, at: number) =>
  cue.side === event.side &&
  cue.at <= at + 120 &&
  (event.type === 'CUE_DONE' ? cue.act === event.act : OWN_EVENT[cue.act] === event.type)

/** Seconds since somebody sat down. */
export const secondOf = (run: Run, nowMs: number) => Math.floor((nowMs - run.satDown) / SECOND)

/** A cue with those that one sees to in the same breath: the same at the other sides of the pot. */
export interface Order extends Cue {
  alike: Cue[]
}

function visits(cues: Cue[], potOf: (side: string) => string): Order[] {
  const all: Order[] = []
  for (const cue of cues) {
    const same = all.find(
      (one) =>
        !cue.drop &&
        one.act === cue.act &&
        one.text === cue.text &&
        one.minder === cue.minder &&
        potOf(one.side) === potOf(cue.side) &&
        Math.abs(one.at - cue.at) <= TOGETHER,
    )
    if (same) same.alike.push(cue)
    else all.push({ ...cue, alike: [] })
  }
  return all
}

/** What is to do now, the most urgent first, and what comes after. */
export function orders(
  run: Run,
  second: number,
  minder?: string,
  snoozed: ReadonlyMap<string, number> = new Map(),
  potOf: (side: string) => string = (side) => side,
): { now: Order[]; next: Order[] } {
  const own = run.cues
    .filter((cue) => !minder || !cue.minder || cue.minder === minder)
    .map((cue) => {
      const until = snoozed.get(cueKey(cue))
      return until !== undefined && until > cue.at ? { ...cue, at: until } : cue
    })
  const isDue = (cue: Cue) => cue.at <= second + AHEAD
  return {
    now: visits(
      own.filter(isDue).sort((a, b) => a.latest - b.latest || a.at - b.at),
      potOf,
    ),
    next: visits(
      own.filter((cue) => !isDue(cue)).sort((a, b) => a.at - b.at),
      potOf,
    ),
  }
}

/** How much of the time for it is left, from 1 to 0. */
export function wick(cue: Cue, second: number): number {
  const whole = Math.max(1, cue.latest - cue.at + AHEAD)
  return Math.max(0, Math.min(1, (cue.latest - second) / whole))
}

export const isLate = (cue: Cue, second: number) => second > Math.max(cue.latest, cue.at + NOT_YET)

/** @example minutes(75) // '1:15' */
export function minutes(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds))
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}

export interface Turn {
  key: string
  cut: string
  name: string
  side: string
  /** On the hot plate before, where it is browned [s]. */
  browned?: number
  /** In the broth [s]. */
  seconds: number
  guests: string[]
}

/** What dippers may do now: the food, where, how long it takes, whose turn it is. */
export function turns(table: TablePlan, second: number): Turn[] {
  const found = new Map<string, Turn>()
  for (const drop of table.drops.filter((d) => d.tending !== 'SHARED' && !d.minder)) {
    for (const stay of inBroth(drop)) {
      const plate = plateOf(drop, stay)
      if (stay.takeOut <= second || (plate ?? stay).putIn > second + SOON) continue
      const key = `${drop.cut} ${drop.side}`
      const turn = found.get(key) ?? {
        key,
        cut: drop.cut,
        name: drop.name,
        side: drop.side,
        ...(plate && { browned: plate.takeOut - plate.putIn }),
        seconds: stay.ready - stay.putIn,
        guests: [],
      }
      for (const { guest } of stay.servings) if (!turn.guests.includes(guest)) turn.guests.push(guest)
      found.set(key, turn)
    }
  }
  return [...found.values()].sort((a, b) => b.guests.length - a.guests.length)
}

/** How a guest has it where that is not as everybody: 'pink inside 6 s'. */
export function asLiked(table: TablePlan, guest: string, cut: string): string {
  const liked = table.doneness.find((one) => one.guest === guest && one.cut === cut)
  return liked && liked.served !== 'JUST_DONE' ? `${labelOf(DONENESSES, liked.served)} ${liked.time}` : ''
}

export interface Waiting {
  guest: string
  /** Since the bowl is empty, or since sitting down [s]. */
  since: number
  next: number
}

/** Who sits before an empty bowl for long, the longest first; while one eats one does not wait. */
export function waiting(table: TablePlan, second: number): Waiting[] {
  const long = longWait(table)
  const there = new Set(table.now.guests.filter((one) => one.there).map((one) => one.guest))
  return table.guests
    .filter(({ guest }) => there.has(guest))
    .flatMap(({ guest, waits }) =>
      waits
        .filter(({ from, to }) => from + long < second && second < to)
        .map(({ from, to }) => ({ guest, since: second - from, next: to })),
    )
    .sort((a, b) => b.since - a.since)
}

/** "Bo 3, Edda 2": whom a drop is for, pieces where it is counted. */
export function forWhom(brief: Brief, drop: Drop): string {
  const pieces = new Map<string, number>()
  for (const { guest, pieces: some } of inBroth(drop).flatMap((stay) => stay.servings)) {
    pieces.set(guest, (pieces.get(guest) ?? 0) + some)
  }
  return brief.guests
    .filter((guest) => pieces.has(guest.id))
    .map((guest) => (pieces.get(guest.id) ? `${guest.name} ${pieces.get(guest.id)}` : guest.name))
    .join(', ')
}

/** What to look for, since a pot is no laboratory. */
export const lookFor = (plan: Plan, drop: Drop) =>
  plan.windows.find((window) => window.cut === drop.cut && window.sides.includes(drop.side))?.cue ?? ''

/** What a guest would get of a cut beyond what was planned, and where and when the first of it goes in. */
export interface Helping {
  grams: number
  side: string
  putIn: number
  /** What it moves, as one would say it. */
  moves: string[]
}

/** @param after the table as it would be with the helping */
export function helping(
  before: TablePlan,
  after: TablePlan,
  guest: string,
  cut: string,
): Helping | undefined {
  const served = (drop: Drop) =>
    drop.stays
      .flatMap((stay) => stay.servings)
      .filter((serving) => serving.guest === guest)
      .reduce((sum, serving) => sum + serving.grams, 0)
  const was = new Map(before.drops.map((drop) => [drop.id, served(drop)]))
  const more = after.drops
    .filter((drop) => drop.cut === cut)
    .map((drop) => ({ drop, grams: served(drop) - (was.get(drop.id) ?? 0) }))
    .filter(({ grams }) => grams > 1)
    .sort((a, b) => putIn(a.drop) - putIn(b.drop))
  const first = more[0]?.drop
  if (!first) return undefined
  return {
    grams: more.reduce((sum, { grams }) => sum + grams, 0),
    side: first.side,
    putIn: putIn(first),
    moves: after.now.moved.filter((text) => !before.now.moved.includes(text)),
  }
}
