<script setup lang="ts">
import { computed, onScopeDispose, ref } from 'vue'
import { serverNow } from '@/api/client'
import type { Mine, Said, Seat, Turn } from '@/api/types'
import { done } from '@/live/marks'
import { useAwake } from '@/ui/useAwake'
import { useLastSaid } from '@/ui/useLastSaid'
import BeforeTheMeal from './BeforeTheMeal.vue'
import { DIP_KEY, isForgotten, type Dip } from './dip'
import DipClock from './DipClock.vue'
import SaySheet from './SaySheet.vue'
import SideName from './SideName.vue'
import { allowSound } from './sound'
import TurnCard from './TurnCard.vue'
import { notTaken, until, wayOf } from './turns'
import type { Phone } from './usePhone'

/** One guest's place: what they may eat now, what comes next, where they may eat from, what to say. */
const props = defineProps<{ mine: Mine; seat: Seat; phone: Phone }>()
useAwake()

const MOST_NEXT = 5
const second = ref(0)
const tick = () =>
  (second.value = props.mine.satDown ? Math.floor((serverNow() - Date.parse(props.mine.satDown)) / 1000) : 0)
tick()
const timer = setInterval(tick, 1000)
onScopeDispose(() => clearInterval(timer))

const isRunning = computed(() => props.mine.started && !props.mine.finished)
const sideOf = (id: string) => props.seat.sides.find((side) => side.side === id)
const turns = computed(() => notTaken(props.seat.turns, props.phone.taken.value))
const now = computed(() => turns.value.filter((turn) => turn.when === 'NOW'))
const later = computed(() => turns.value.filter((turn) => turn.when === 'SOON' || turn.when === 'LATER'))
const dips = computed(() => now.value.filter((turn) => turn.act !== 'SERVED'))
/** Shown large while there is nothing to do. */
const waitedFor = computed(() => (dips.value.length === 0 && props.seat.there ? later.value[0] : undefined))
const next = computed(() => later.value.filter((turn) => turn !== waitedFor.value).slice(0, MOST_NEXT))
const coming = computed(() => now.value.filter((turn) => turn.act === 'SERVED'))
const open = computed(() => props.seat.sides.filter((side) => !side.closed))
const closed = computed(() => props.seat.sides.filter((side) => side.closed))
/** Said once where it holds for all of them. */
const allClean = computed(() => open.value.length > 1 && open.value.every((side) => side.clean))

const dip = ref<Dip | undefined>(kept())
const saying = ref(false)

function kept(): Dip | undefined {
  try {
    const found = JSON.parse(localStorage.getItem(DIP_KEY) ?? 'null') as Dip | null
    return found && !isForgotten(found, Date.now()) ? found : undefined
  } catch {
    return undefined
  }
}

function keep(next?: Dip): void {
  dip.value = next
  localStorage.setItem(DIP_KEY, JSON.stringify(next ?? null))
}

function start(turn: Turn): void {
  allowSound()
  keep({ turn, since: Date.now(), onPlate: turn.act === 'BROWN' })
}

const slide = () => dip.value && keep({ ...dip.value, since: Date.now(), onPlate: false })

const { last, remember, forget } = useLastSaid()
const tell = (said: Said, text: string) => remember([props.phone.say(said)], text)

function takeBack(): void {
  for (const event of last.value?.ids ?? []) props.phone.say({ type: 'TAKEN_BACK', event })
  forget()
}

function taken(turn: Turn, how: 'DONE' | 'LOST' = 'DONE'): void {
  keep()
  props.phone.say({ type: 'TAKEN_OUT', drop: turn.drop, stay: turn.stay, how })
}
</script>

<template>
  <header class="top">
    <h1>{{ seat.name }}</h1>
    <span class="quiet">{{ mine.title }}</span>
  </header>
  <BeforeTheMeal v-if="!mine.started" :mine="mine" :seat="seat" :phone="phone" />
  <template v-else-if="mine.finished">
    <p class="done">The meal is over. Thank you for eating with us.</p>
  </template>
  <template v-else>
    <p v-if="mine.paused" class="away">A pause: nothing goes in for now.</p>
    <p v-if="!seat.there" class="away">You eat no more for now. Tap “Tell the table” if that has changed.</p>
    <section aria-label="Now">
      <TurnCard
        v-for="turn in dips"
        :key="turn.cut + turn.side + turn.forWhom"
        :turn="turn"
        :side="sideOf(turn.side)"
        @start="start(turn)"
        @taken="taken(turn)"
      />
      <article v-if="waitedFor" class="wait">
        <p class="quiet">Next for you</p>
        <h3>
          {{ waitedFor.name }} <b>{{ until(waitedFor.at - second) }}</b>
        </h3>
        <p class="where">
          <SideName
            v-if="sideOf(waitedFor.side)"
            :name="sideOf(waitedFor.side)?.name ?? ''"
            :tint="sideOf(waitedFor.side)?.tint ?? 'own'"
          />
          <span class="quiet">{{ waitedFor.held || wayOf(waitedFor) }}</span>
        </p>
      </article>
      <p v-else-if="dips.length === 0 && seat.there" class="wait">Nothing more is planned for you.</p>
    </section>
    <section v-if="coming.length > 0" aria-label="Coming">
      <h2>Coming to you</h2>
      <ul class="list">
        <li v-for="turn in coming" :key="turn.cut + turn.side">
          <span
            >{{ turn.name }}<small>{{ turn.amount }}, {{ sideOf(turn.side)?.name }}</small></span
          >
          <span class="when">{{ until(turn.at - second) }}</span>
        </li>
      </ul>
    </section>
    <section v-if="seat.cues.length > 0" aria-label="For the table">
      <h2>You look after</h2>
      <ul class="list">
        <li v-for="cue in seat.cues.slice(0, MOST_NEXT)" :key="cue.text + cue.at">
          <span
            >{{ cue.text }}<small>{{ sideOf(cue.side)?.name }}, {{ until(cue.at - second) }}</small></span
          >
          <button type="button" class="pick" @click="tell(done(cue), cue.text)">Done</button>
        </li>
      </ul>
    </section>
    <section v-if="next.length > 0" aria-label="Next">
      <h2>{{ waitedFor ? 'Then' : 'Next for you' }}</h2>
      <ul class="list">
        <li v-for="turn in next" :key="turn.cut + turn.side + turn.act + turn.forWhom">
          <span
            >{{ turn.name }}<small>{{ sideOf(turn.side)?.name }}, {{ turn.held || wayOf(turn) }}</small></span
          >
          <span class="when">{{ until(turn.at - second) }}</span>
        </li>
      </ul>
    </section>
  </template>

  <section aria-label="Your sides">
    <h2>You eat from{{ allClean ? ', all kept clean for you' : '' }}</h2>
    <ul class="list">
      <li v-for="side in open" :key="side.side">
        <SideName :name="side.name" :tint="side.tint" />
        <b v-if="side.clean && !allClean" class="clean">kept clean for you</b>
      </li>
      <li v-if="open.length === 0">No side is open to you: ask the host.</li>
    </ul>
    <template v-if="closed.length > 0">
      <h2>Not from</h2>
      <ul class="list shut">
        <li v-for="side in closed" :key="side.side">
          <SideName :name="side.name" :tint="side.tint" />
          <span class="quiet">{{ side.closed }}</span>
        </li>
      </ul>
    </template>
  </section>
  <section v-if="seat.sauces.length > 0" aria-label="Your sauce">
    <h2>Your sauce</h2>
    <ul class="list">
      <li v-for="sauce in seat.sauces" :key="sauce.name">
        <span
          >{{ sauce.name }}<small v-if="sauce.remark">{{ sauce.remark }}</small></span
        >
        <span class="when">{{ sauce.amount }}</span>
      </li>
    </ul>
  </section>
  <section v-if="seat.needs.length > 0" aria-label="What you keep away from">
    <h2>What you keep away from</h2>
    <ul class="list">
      <li v-for="need in seat.needs" :key="need.need">
        <span>{{ need.label }}</span>
        <span class="quiet">{{ need.heard ? 'the host knows' : 'the host is told' }}</span>
      </li>
    </ul>
  </section>
  <section aria-label="Take care">
    <h2>Take care</h2>
    <p v-for="text in seat.cautions" :key="text" class="care">{{ text }}</p>
    <p class="care">In doubt about an allergy, ask the host before you eat.</p>
  </section>

  <nav v-if="mine.started" class="bar">
    <div v-if="last" class="told" role="status">
      <span>{{ last.text }}</span>
      <button type="button" class="pick" @click="takeBack">Take back</button>
    </div>
    <button type="button" class="big main" @click="saying = true">Tell the table</button>
  </nav>
  <button v-else type="button" class="pick" @click="phone.leave()">This phone leaves the table</button>
  <SaySheet
    v-if="saying"
    :mine="mine"
    :seat="seat"
    :running="isRunning"
    @say="tell"
    @leave="phone.leave()"
    @close="saying = false"
  />
  <DipClock
    v-if="dip"
    :dip="dip"
    :side="sideOf(dip.turn.side)"
    @slide="slide"
    @taken="taken(dip.turn)"
    @lost="taken(dip.turn, 'LOST')"
    @back="keep()"
  />
</template>

<style scoped>
.wait {
  display: grid;
  gap: 8px;
  background: var(--sheet);
  border: 1.5px solid var(--hair);
  border-radius: 20px;
  padding: 16px 18px;
}

.wait h3 {
  font-size: 24px;
}

.wait h3 b {
  white-space: nowrap;
  font-weight: 800;
}

.where {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 4px 12px;
}

.told {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
}

.bar {
  grid-auto-flow: row;
}

.done {
  font: 600 22px/1.3 var(--head);
  padding: 20px 0;
}

.clean {
  font-size: 15px;
}

.shut li {
  grid-template-columns: minmax(0, 1fr);
}

.shut .quiet {
  padding-left: 34px;
  font-size: 15px;
}
</style>
