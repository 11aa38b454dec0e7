<script setup lang="ts">
import {
  mdiAccountGroup,
  mdiChartGantt,
  mdiVolumeHigh,
  mdiVolumeOff,
  mdiWeatherNight,
  mdiWhiteBalanceSunny,
} from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { serverNow } from '@/api/client'
import { useMode } from '@/app/useMode'
import type { Cue, Said } from '@/api/types'
import { useMinutelyPlan } from '@/party/useMinutelyPlan'
import { useOpenParty } from '@/party/useOpenParty'
import SaidNeeds from '@/phones/SaidNeeds.vue'
import BrothPatterns from '@/table/BrothPatterns.vue'
import { clockAfter, clockText, countdown, localMs, nowIn } from '@/ui/time'
import { newId } from '@/ui/newId'
import { useAwake } from '@/ui/useAwake'
import { useChime } from '@/ui/useChime'
import { useLastSaid } from '@/ui/useLastSaid'
import { useNow } from '@/ui/useNow'
import { done, handed, skip } from './marks'
import NextOrders from './NextOrders.vue'
import OrderCard from './OrderCard.vue'
import PotsNow from './PotsNow.vue'
import TableFoot from './TableFoot.vue'
import TableTalk from './TableTalk.vue'
import TableWarnings from './TableWarnings.vue'
import { cueKey, foodAt, minutes, NOT_YET, orders, runOf, secondOf, type Order } from './running'
import { useProbe } from './useProbe'
import { useStream } from './useStream'

/** One order at a time, what is in each side, what comes next, who waits. */
const props = defineProps<{ minder?: string }>()
const { party, brief, plan, from: began } = useOpenParty()
const { mode, toggle: toggleMode } = useMode()
const now = useNow(1000)
const HALF_AN_HOUR = 30 * 60_000

useStream(() => party.id)
useAwake()
const probe = useProbe(party.id, () =>
  run.value.started && !run.value.finished ? plan.value.table.now.sides.map((one) => one.side) : [],
)
useMinutelyPlan(() => run.value.started && !run.value.finished)

const run = computed(() => runOf(plan.value.table, party.pending))
const nowMs = computed(() => nowIn(brief.value.zone, now.value))
const clock = computed(() => new Date(nowMs.value).toISOString().slice(11, 16))
const sitDown = computed(() => localMs(brief.value.sitDown))
const isSoon = computed(() => nowMs.value >= sitDown.value - HALF_AN_HOUR)
const isTime = computed(() => nowMs.value >= sitDown.value)
const second = computed(() => (now.value && run.value.started ? secondOf(run.value, serverNow()) : 0))
/** When the meal ends, by the clock; a pause moves it on. */
const finish = computed(() => clockAfter(began.value, plan.value.table.mealSeconds))
const snoozed = ref(new Map<string, number>())
const potOf = (side: string) =>
  brief.value.pots.find((pot) => pot.sides.some((own) => own.id === side))?.id ?? side
const due = computed(() => orders(run.value, second.value, props.minder, snoozed.value, potOf))
const order = computed(() => due.value.now[0])
const dueKeys = computed(() => due.value.now.filter((cue) => cue.at <= second.value).map(cueKey))
const { on, toggle, allow } = useChime(dueKeys)
watch(dueKeys, (keys, before) => {
  if (on.value && keys.some((key) => !before.includes(key))) navigator.vibrate?.([200, 100, 200])
})
const minders = computed(() => {
  const ids = [...new Set(plan.value.table.cues.map((cue) => cue.minder).filter((id) => id !== undefined))]
  return ids.map((id) => ({ id, name: nameOf(id) }))
})
const preloaded = computed(() =>
  plan.value.table.drops
    .filter((drop) => drop.tending === 'SHARED' && drop.stays.every((stay) => stay.putIn < 0))
    .map((drop) => drop.name),
)
const talks = ref(false)
const { last, remember, forget } = useLastSaid()

function nameOf(id: string): string {
  const people = [...brief.value.guests, ...brief.value.cooks]
  return people.find((one) => one.id === id)?.name ?? id
}

/** Records it and says what was marked, so that it can be taken back. */
function markAll(events: Said[], text: string): void {
  const marked = events.map((event) => ({ event, id: newId() }))
  for (const { event, id } of marked) void party.record(event, id)
  remember(
    marked.map(({ id }) => id),
    text,
  )
  if (on.value) navigator.vibrate?.(30)
}

const mark = (event: Said, text: string) => markAll([event], text)

function takeBack(): void {
  for (const event of last.value?.ids ?? []) void party.record({ type: 'TAKEN_BACK', event })
  forget()
}

const dropOf = (cue: Cue) => plan.value.table.drops.find((drop) => drop.id === cue.drop)
const isDone = (cue: Order) =>
  markAll([done(cue, dropOf(cue)), ...cue.alike.map((one) => done(one))], cue.text)
const isSkipped = (cue: Order) => markAll([cue, ...cue.alike].map(skip), `Skipped: ${cue.text}`)

const hand = (cue: Order, to: string) =>
  markAll(
    [cue, ...cue.alike].map((one) => handed(one, to)),
    `${nameOf(to)}: ${cue.text}`,
  )

/** What is in a pot is asked for again; all else is only put off here. */
function notYet(cue: Order): void {
  if (cue.act === 'TAKE_OUT')
    mark({ type: 'TAKEN_OUT', drop: cue.drop, how: 'NOT_YET' }, `Left in: ${cue.text}`)
  else
    snoozed.value = new Map([
      ...snoozed.value,
      ...[cue, ...cue.alike].map((one) => [cueKey(one), second.value + NOT_YET] as const),
    ])
}

function begin(): void {
  allow()
  mark({ type: 'SAT_DOWN' }, 'Sat down')
}
</script>

<template>
  <main class="live" @pointerdown.once="allow">
    <BrothPatterns />
    <div class="first">
      <header>
        <b class="clock">{{ clock }}</b>
        <span v-if="run.started" class="when">
          {{
            run.finished ? 'finished' : `${Math.max(0, Math.floor(second / 60))} min in · finish ${finish}`
          }}
        </span>
        <span v-else class="when"
          >{{ clockText(brief.sitDown) }} sit down, {{ countdown(sitDown - nowMs) }}</span
        >
        <nav v-if="minders.length > 1" class="chips" aria-label="Whose orders">
          <router-link
            class="chip"
            :class="{ solid: !minder }"
            :to="`/party/${party.id}/live`"
            :aria-current="minder ? undefined : 'page'"
            >Everybody</router-link
          >
          <router-link
            v-for="one in minders"
            :key="one.id"
            class="chip"
            :class="{ solid: minder === one.id }"
            :to="`/party/${party.id}/live?minder=${one.id}`"
            :aria-current="minder === one.id ? 'page' : undefined"
            >{{ one.name }}</router-link
          >
        </nav>
        <span class="push" />
        <button v-if="run.started" type="button" class="chip talk" @click="talks = true">
          <v-icon :icon="mdiAccountGroup" size="20" /> At the table
        </button>
        <button type="button" class="chip" :aria-pressed="on" aria-label="Sound" @click="toggle">
          <v-icon :icon="on ? mdiVolumeHigh : mdiVolumeOff" size="20" />
        </button>
        <button type="button" class="chip" aria-label="Day or night" @click="toggleMode">
          <v-icon :icon="mode === 'day' ? mdiWeatherNight : mdiWhiteBalanceSunny" size="20" />
        </button>
        <router-link class="chip" :to="`/party/${party.id}/table`" aria-label="Whole plan">
          <v-icon :icon="mdiChartGantt" size="20" />
        </router-link>
      </header>

      <div class="heed">
        <SaidNeeds />
        <TableWarnings v-if="run.started && !run.finished" />
      </div>
      <section class="order" aria-label="Now">
        <div v-if="!run.started" class="calm">
          <h1 :class="{ time: isTime }">{{ isTime ? 'Everybody there?' : 'Not yet' }}</h1>
          <p v-if="preloaded.length > 0" class="by">In the pots by then: {{ preloaded.join(', ') }}.</p>
          <p class="by">From sitting down on the clock runs, and tells what goes in and comes out when.</p>
          <button type="button" class="act" :class="{ main: isSoon }" @click="begin">Sit down</button>
        </div>
        <div v-else-if="run.paused" class="calm">
          <h1>Paused</h1>
          <p class="by">Nothing goes in. What is in the pots still comes out in time.</p>
          <OrderCard
            v-if="order"
            :key="cueKey(order)"
            :cue="order"
            :second="second"
            @done="isDone"
            @not-yet="notYet"
            @skip="isSkipped"
            @hand="hand"
            @how="(how) => order && mark({ type: 'TAKEN_OUT', drop: order.drop, how }, order.text)"
          />
          <button type="button" class="act main" @click="mark({ type: 'RESUMED' }, 'Gone on')">Go on</button>
        </div>
        <div v-else-if="run.finished && !order" class="calm">
          <h1>That was it</h1>
          <p class="by">
            Chill what is left within two hours, in shallow boxes; broth back to the boil first.
          </p>
          <router-link class="act" :to="`/party/${party.id}/afterwards`"
            >What is left, and how to keep it</router-link
          >
        </div>
        <OrderCard
          v-else-if="order"
          :key="cueKey(order)"
          :cue="order"
          :second="second"
          @done="isDone"
          @not-yet="notYet"
          @skip="isSkipped"
          @hand="hand"
          @how="(how) => order && mark({ type: 'TAKEN_OUT', drop: order.drop, how }, order.text)"
        />
        <div v-else class="calm">
          <h1>
            {{ due.next[0] ? `Nothing for ${minutes(due.next[0].at - second)}` : 'Nothing more to do' }}
          </h1>
          <p class="by">Eat.</p>
        </div>
      </section>
    </div>

    <section class="beside">
      <PotsNow :food="foodAt(run, plan.table, second)" :second="second" />
      <NextOrders class="next" :now="due.now.slice(1, 3)" :next="due.next.slice(0, 3)" :second="second" />
    </section>

    <TableFoot v-if="run.started && !run.finished" class="foot" :run="run" :second="second" />
    <p v-if="party.offline" class="offline" role="status">
      No connection. Marks are kept here and sent as soon as there is one.
    </p>
    <p v-else-if="party.message" class="offline" role="alert">{{ party.message }}</p>
    <div v-if="last" class="last" role="status">
      <span>{{ last.text }}</span>
      <button type="button" class="chip" @click="takeBack">Take back</button>
    </div>
    <TableTalk v-model="talks" :run="run" :probe="probe" @say="mark" />
  </main>
</template>

<style scoped>
.live {
  height: 100dvh;
  padding: 14px 28px 20px;
  display: grid;
  grid-template: auto auto minmax(min-content, 1fr) auto / minmax(0, 1fr) minmax(0, 1fr);
  grid-template-areas: 'head head' 'heed heed' 'order beside' 'foot foot';
  gap: 14px 36px;
}

.first {
  display: contents;
}

header {
  grid-area: head;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
}

.heed {
  grid-area: heed;
}

.clock {
  font: 700 36px/1 var(--head);
}

.when {
  font-size: 19px;
  color: var(--soft);
}

.push {
  margin-left: auto;
}

.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.chip {
  min-height: 44px;
  min-width: 44px;
  justify-content: center;
  font-size: 15px;
  padding: 3px 12px;
  text-decoration: none;
}

.order {
  grid-area: order;
  display: grid;
  /* what is to do stays in sight, however much stands beside it */
  position: sticky;
  top: 14px;
  max-height: calc(100dvh - 92px);
}

.calm {
  display: flex;
  flex-direction: column;
  gap: 14px;
}

.calm h1 {
  font-size: 64px;
  line-height: 1.02;
}

.calm h1.time {
  color: var(--now-ink);
}

.by {
  font-size: 20px;
  color: var(--soft);
  max-width: 34em;
}

.calm .act {
  margin-top: auto;
}

.beside {
  grid-area: beside;
  display: flex;
  flex-direction: column;
  gap: 12px;
  min-height: 0;
}

.next {
  margin: auto 0 0;
}

.foot {
  grid-area: foot;
}

.offline {
  grid-column: 1 / -1;
  font-size: 18px;
  font-weight: 600;
  color: var(--warn);
}

.last {
  position: fixed;
  right: 12px;
  bottom: 12px;
  display: flex;
  align-items: center;
  gap: 14px;
  max-width: calc(100vw - 24px);
  background: var(--foot);
  color: var(--foot-ink);
  border-radius: 14px;
  padding: 8px 10px 8px 18px;
  font-size: 16px;
}

.last .chip {
  color: inherit;
  border-color: currentcolor;
  font-weight: 650;
}

@media (max-width: 839px) {
  .live {
    height: auto;
    padding: 8px 14px 90px;
    display: flex;
    flex-direction: column;
    gap: 10px;
  }

  /* what is to heed and what is to do fill the first screen, but for what was said last */
  .first {
    display: flex;
    flex-direction: column;
    gap: 10px;
    min-height: calc(100dvh - 84px);
  }

  header {
    gap: 6px;
  }

  .clock {
    font-size: 24px;
  }

  .when {
    font-size: 14px;
    line-height: 1.1;
    max-width: 96px;
  }

  .chips {
    order: 1;
    margin-right: auto;
  }

  .talk {
    order: 2;
  }

  .order {
    position: static;
    max-height: none;
    flex: 1 1 auto;
  }

  .calm h1 {
    font-size: 44px;
  }
}
</style>
