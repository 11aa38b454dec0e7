<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Brief, Drop } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import StepNotes from '@/ui/StepNotes.vue'
import ChipChoice from '@/ui/ChipChoice.vue'
import FigureText from '@/ui/FigureText.vue'
import { isFished, putIn, takeOut } from '@/table/stays'
import { clockAfter } from '@/ui/time'
import DropDetail from './DropDetail.vue'
import SequenceChart from './SequenceChart.vue'

const second = defineModel<number>('second', { required: true })
const { party, brief, plan } = useOpenParty()
const chosen = ref<string>()
const drop = computed(() => plan.value.table.drops.find((d) => d.id === chosen.value))
const next = computed(() =>
  plan.value.table.drops
    .flatMap((d) => [
      { at: putIn(d), act: d.tending === 'DIP' ? 'Dip' : 'Put in', drop: d },
      ...(d.tending === 'DIP'
        ? []
        : [{ at: d.stays[0]?.takeOut ?? takeOut(d), act: isFished(d) ? 'Fish out' : 'Take out', drop: d }]),
    ])
    .filter((cue) => cue.at >= second.value)
    .sort((a, b) => a.at - b.at)
    .slice(0, 5),
)

const ORDERS: { value: Brief['order']; label: string }[] = [
  { value: 'FLAVOUR_BUILDERS', label: 'Flavour builders first' },
  { value: 'HARD_FIRST', label: 'Hard things first' },
]

const sideName = (id: string) => plan.value.broths.sides.find((side) => side.side === id)?.brothName ?? id
const samePin = (d: Drop) => (pin: { cut: string; side: string; batch: number }) =>
  pin.cut === d.cut && pin.side === d.homeSide && pin.batch === d.batch

function pin(d: Drop, minute: number, toSide = d.side): void {
  party.edit('move a drop', (draft) => {
    draft.decisions.drops = draft.decisions.drops.filter((p) => !samePin(d)(p))
    draft.decisions.drops.push({ cut: d.cut, side: d.homeSide, batch: d.batch, toSide, minute })
  })
}

function free(d: Drop): void {
  party.edit('free a drop', (draft) => {
    draft.decisions.drops = draft.decisions.drops.filter((p) => !samePin(d)(p))
  })
}

function setOrder(order: Brief['order']): void {
  party.edit('change the order', (draft) => (draft.order = order))
}
</script>

<template>
  <div class="head-line">
    <h1>Table, {{ brief.mealMinutes }} min</h1>
    <span class="quiet">everybody eats by</span>
    <span class="key"><FigureText :figure="plan.table.everybodyEats" /></span>
    <span class="quiet">longest wait</span>
    <span class="key"><FigureText :figure="plan.table.longestWait" /></span>
    <span class="quiet">cues</span>
    <span class="key"><FigureText :figure="plan.table.cuesPerMinute" /></span>
  </div>
  <div class="orders" role="group" aria-label="Order of eating">
    <ChipChoice :options="ORDERS" :on="brief.order" @choose="setOrder" />
    <label class="play">
      <span class="at">{{ clockAfter(brief.sitDown, second) }}</span>
      <input
        v-model.number="second"
        type="range"
        :min="-900"
        :max="plan.table.mealSeconds"
        step="30"
        aria-label="Minute of the evening"
      />
    </label>
  </div>
  <SequenceChart v-model:second="second" :chosen="chosen" @choose="chosen = $event" @move="pin" />
  <DropDetail
    v-if="drop"
    :drop="drop"
    @close="chosen = undefined"
    @move="(minute, side) => drop && pin(drop, minute, side)"
    @free="drop && free(drop)"
  />
  <section class="next" aria-label="Next">
    <h2>Next, from {{ clockAfter(brief.sitDown, second) }}</h2>
    <ol>
      <li v-for="(cue, i) in next" :key="i">
        <b>{{ clockAfter(brief.sitDown, cue.at) }}</b>
        <span>{{ cue.act }} {{ cue.drop.name.toLowerCase() }}, {{ cue.drop.amount }}</span>
        <span class="quiet">{{ sideName(cue.drop.side) }}</span>
      </li>
    </ol>
  </section>
  <StepNotes step="TABLE" />
</template>

<style scoped>
.head-line .key {
  font-size: 20px;
}

.orders {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-bottom: 8px;
}

.play {
  display: flex;
  align-items: center;
  gap: 10px;
  flex: 1;
  min-width: 240px;
}

.play input {
  flex: 1;
  accent-color: var(--rim);
  min-height: 36px;
}

.at {
  font: 650 17px var(--head);
}

.next {
  margin-top: 14px;
}

.next ol {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}

.next li {
  display: grid;
  grid-template-columns: 56px 1fr auto;
  gap: 10px;
  padding: 6px 0;
  border-top: 1px solid var(--hair);
}
</style>
