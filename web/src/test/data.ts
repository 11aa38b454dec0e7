/** Small made-up data for the tests of the page. */

import { usual } from '@/api/parts'
import type { Brief, Drop, Figure, Line, Plan, PrepTask } from '@/api/types'

type Stay = Drop['stays'][number]

export const figure = (id: string, value: number, unit = 'g', text = `${value} ${unit}`): Figure => ({
  id,
  value,
  unit,
  text,
})

/** A side of two litres, half filled. */
export const aSidePlan = (side: string): Plan['broths']['sides'][number] => ({
  side,
  pot: 'pot',
  broth: 'kelp',
  brothName: `Kelp ${side}`,
  tint: 'kelp',
  baskets: 4,
  capacity: figure(`capacity.${side}`, 2000, 'ml'),
  fill: figure(`fill.${side}`, 1000, 'ml'),
  room: figure(`room.${side}`, 1000, 'ml'),
  boil: figure(`boil.${side}`, 100, '°C'),
  floor: figure(`floor.${side}`, 85, '°C'),
  dropLimit: figure(`drop.${side}`, 190),
  recovery: figure(`recovery.${side}`, 170, 's'),
  pace: figure(`pace.${side}`, 60, 'g/min'),
})

/** A quiet evening of a pot whose sides hold so much at their fullest [ml]. */
export const anEvening = (
  pot: string,
  sides: string[],
  fullestMl = 1400,
): Plan['evening']['pots'][number] => ({
  pot,
  setting: figure(`setting.${pot}`, 40, '%'),
  energy: figure(`energy.${pot}`, 2, 'kWh'),
  phases: [{ fromMinute: 0, toMinute: 90, percent: 40 }],
  sides: sides.map((side) => ({
    side,
    startSalt: 0.9,
    lowest: figure(`lowest.${side}`, 92, '°C'),
    endLevel: figure(`level.${side}`, 900, 'ml'),
    endSalt: figure(`salt.${side}`, 0.95, '%'),
    reserve: figure(`reserve.${side}`, 300, 'ml'),
    hotWater: figure(`water.${side}`, 300, 'ml'),
    lowSalt: false,
    minutes: [{ ml: 1000, foodMl: fullestMl - 1000, saltPercent: 0.9, celsius: 98 }],
    doses: [],
    dips: [],
  })),
})

/** A pack of 500 g for one euro. */
export const aLine = (id: string, aisle: string, boughtEvent?: string): Line => ({
  id,
  offer: id,
  ingredient: id,
  name: id,
  aisle,
  count: 1,
  grams: 500,
  amount: '1 × 500 g',
  unitPrice: '€2.00 a kg',
  cost: figure(`buy.${id}`, 100, 'cents'),
  boughtEvent,
})

/** Half an hour at the board for Bo, from five o'clock on. */
export const aTask = (id: string, over: Partial<PrepTask> = {}): PrepTask => ({
  id,
  group: 'CUT',
  what: `Slice ${id}`,
  amount: '300 g',
  tool: 'knife',
  minutes: figure(`minutes.${id}`, 30, 'min'),
  before: figure(`before.${id}`, 120, 'min', '2 h'),
  earlier: figure(`earlier.${id}`, 60, 'min', '1 h'),
  slack: figure(`slack.${id}`, 0, 'min'),
  startsAt: '2026-11-28T17:00:00',
  endsAt: '2026-11-28T17:30:00',
  plannedAt: '2026-11-28T17:00:00',
  cook: 'bo',
  hands: 30,
  skills: [],
  at: 'VEGETABLE_BOARD',
  cuts: [],
  things: [],
  unit: 0,
  litres: 0,
  fixed: false,
  pinned: false,
  critical: false,
  state: 'PLANNED',
  left: 30,
  after: [],
  caution: '',
  why: 'You set it.',
  ...over,
})

export function aBrief(): Brief {
  return {
    ...usual('Brief'),
    format: 'lively-ladle/party',
    formatVersion: 2,
    catalogueVersion: '1',
    title: 'Supper',
    sitDown: '2026-11-28T19:00:00',
    zone: 'Europe/Vienna',
    mealMinutes: 90,
    units: 'METRIC',
    currency: 'EUR',
    order: 'HARD_FIRST',
    portionsPerAdult: { MEAT: 136 },
    sauceMlPerAdult: 60,
    marginPercent: 5,
    wasteCentsPerKg: 300,
    bufferMinutes: 15,
    guests: ['ada', 'bo'].map((id) => ({
      ...usual('Guest'),
      id,
      name: id === 'ada' ? 'Ada' : 'Bo',
      appetite: 'REGULAR',
      needs: [],
      wishes: [],
      heat: 'MILD',
      arrivesAfterMinutes: 0,
    })),
    pots: [
      {
        ...usual('Pot'),
        id: 'pot',
        name: 'Split pot',
        capacityMl: 4000,
        fillPercent: 50,
        basketsPerSide: 4,
        sides: [
          { ...usual('Side'), id: 'left', broth: 'kelp-shiitake' },
          { ...usual('Side'), id: 'right', broth: 'ginger-chicken' },
        ],
      },
    ],
    menu: [
      { ...usual('MenuItem'), cut: 'beef.sliced', fromFrozen: false },
      { ...usual('MenuItem'), cut: 'tofu.cubes', fromFrozen: false },
    ],
    sauces: [{ sauce: 'soy' }],
    shops: [{ ...usual('Shop'), id: 'market', name: 'Market', tripAt: '2026-11-28T09:30:00' }],
    prices: { asOf: '2026-11-24', offers: [], deals: [] },
    pantry: [],
    cooks: [],
  }
}

/** Ada eats tofu and cannot have beef; Bo has both, a gap of 40 g of beef in it. */
export function aPlan(): Plan {
  const line = (guest: string, cut: string, grams: number, pieces?: number) => ({
    guest,
    cut,
    grams: figure(`portion.${guest}.${cut}`, grams),
    pieces: pieces === undefined ? undefined : figure(`pieces.${guest}.${cut}`, pieces, 'pieces'),
    served: figure(`served.${guest}.${cut}`, grams),
    pinned: false,
    reserved: false,
  })
  const pace = (guest: string, sides: string[]) => ({
    guest,
    sides,
    firstBite: figure(`first.${guest}`, 60, 's'),
    longestWait: figure(`wait.${guest}`, 300, 's'),
    bites: [],
    waits: [],
  })
  return {
    portions: {
      eaters: figure('eaters', 2, '1', '2'),
      food: figure('food', 300),
      guests: [],
      cuts: [
        {
          cut: 'beef.sliced',
          name: 'Beef, 2 mm slices',
          category: 'MEAT',
          grams: figure('total.beef', 100),
          bought: 'CUT',
          tooFew: false,
        },
        {
          cut: 'tofu.cubes',
          name: 'Tofu, cubes',
          category: 'TOFU',
          grams: figure('total.tofu', 200),
          bought: 'WHOLE',
          tooFew: false,
        },
      ],
      lines: [
        line('bo', 'beef.sliced', 100, 8),
        line('ada', 'tofu.cubes', 100),
        line('bo', 'tofu.cubes', 100),
      ],
      barred: [{ guest: 'ada', cut: 'beef.sliced', byWish: false, reason: 'vegan', instead: 'Tofu, cubes' }],
      beatenPins: [],
      trades: [],
      wordless: [],
      full: [],
    },
    broths: { sides: [], needs: [] },
    windows: [],
    evening: {
      pots: [],
      seats: figure('evening.seats', 12, '1', '12'),
      circuits: [],
      leftOvers: [],
      problems: [],
    },
    table: {
      mealSeconds: 5400,
      everybodyEats: figure('table.first', 60, 's'),
      longestWait: figure('table.wait', 300, 's'),
      cuesPerMinute: figure('table.cues', 1, '1/min'),
      mostCues: figure('table.mostcues', 2, '1'),
      cues: [],
      drops: [],
      doneness: [],
      guests: [pace('ada', ['left']), pace('bo', ['left', 'right'])],
      sides: [],
      remainders: [
        { guest: 'bo', cut: 'beef.sliced', grams: 40, amount: '40 g', cause: 'NO_ROOM', reason: 'no room' },
      ],
      beatenPins: [],
      soupRounds: [],
      courses: [],
      beside: [],
      reasons: [],
      score: [],
      audit: [],
      now: {
        at: 0,
        started: false,
        paused: false,
        finished: false,
        cues: [],
        inPot: [],
        sides: [],
        guests: [],
        spare: [],
        needs: [],
        warnings: [],
        moved: [],
      },
    },
    sauces: {
      needs: [],
      servings: [],
      clashes: [],
      without: [],
      bar: { needs: [], clashes: [], guests: [] },
    },
    extras: { needs: [], keptFrom: [] },
    ownFood: { ingredients: [], cuts: [], sauces: [], extras: [] },
    purchases: {
      bill: figure('bill', 1234, 'cents', '€12.34'),
      trips: [
        {
          id: 'market',
          shop: 'market',
          name: 'Market',
          at: '2026-11-28T09:30:00',
          bill: figure('bill.market', 1234, 'cents', '€12.34'),
          paid: figure('paid.market', 0, 'cents', '€0.00'),
          lines: [],
        },
      ],
      needs: [
        {
          ingredient: 'tofu',
          name: 'Tofu',
          need: figure('n', 200),
          withMargin: figure('w', 210),
          missing: figure('m', 0),
        },
        {
          ingredient: 'beef',
          name: 'Beef',
          need: figure('n2', 100),
          withMargin: figure('w2', 105),
          missing: figure('m2', 105),
        },
      ],
      unoffered: [],
      tooEarly: [],
      soldOut: [],
      beatenPins: [],
      deals: [],
    },
    prep: {
      begins: figure('prep.begins', 120, 'min'),
      handsOn: figure('prep.hands', 60, 'min'),
      ready: figure('prep.ready', 15, 'min', '15 min before'),
      readyAt: '2026-11-28T18:45:00',
      cooks: [],
      tasks: [],
      problems: [],
      beatenPins: [],
    },
    lateRemedies: [],
    equipment: [],
    cautions: [],
    suggestions: [],
    unmet: [
      {
        id: 'side.ada',
        severity: 'CANNOT_EAT',
        step: 'POTS',
        guest: 'ada',
        text: 'No side suits Ada.',
        remedy: { label: 'Add a small pot of kelp', edit: { edit: 'ADD_POT', broth: 'kelp-shiitake' } },
      },
    ],
  }
}

/** Some food in a side for a while, ready twenty seconds before it is taken out. */
export const stay = (putIn: number, takeOut: number, servings: Stay['servings']): Stay => ({
  putIn,
  ready: takeOut - 20,
  bestUntil: takeOut + 60,
  overcooked: takeOut + 120,
  takeOut,
  grams: 100,
  loadGrams: 100,
  volumeMl: 95,
  servings,
})

export const drop = (said: Partial<Drop>): Drop => ({
  id: 'drop.tofu@side.1',
  cut: 'tofu',
  name: 'Tofu, cubes',
  side: 'side',
  homeSide: 'side',
  batch: 1,
  tending: 'SHARED',
  amount: '100 g',
  pinned: false,
  stays: [],
  ...said,
})
