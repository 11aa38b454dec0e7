<script setup lang="ts">
import { computed } from 'vue'
import { useOpenParty } from '@/party/useOpenParty'
import { clockAfter } from '@/ui/time'
import { longWaits } from '@/table/waits'
import { bowl, ticks, toX, type Scale } from './chart'

/** A row for each guest: what lies in the bowl over the evening, each bite in its broth's colour, long waits bare. */
const second = defineModel<number>('second', { required: true })

const WIDTH = 780
const TOP = 14
/** The fullest bowl that is drawn [g]. */
const FULL = 70

const { brief, plan, from: began } = useOpenParty()
const scale = computed<Scale>(() => ({
  from: -60,
  to: plan.value.table.mealSeconds + 60,
  left: 112,
  right: WIDTH - 10,
}))
const x = (s: number) => toX(scale.value, s)
const row = computed(() => (plan.value.table.guests.length > 12 ? 26 : 46))
const tintOf = computed(() => {
  const bySide = new Map(plan.value.broths.sides.map((side) => [side.side, side.tint]))
  return new Map(plan.value.table.drops.map((drop) => [drop.id, bySide.get(drop.side) ?? 'kelp']))
})
const guests = computed(() =>
  plan.value.table.guests.map((pace, i) => {
    const guest = brief.value.guests.find((g) => g.id === pace.guest)
    const arrival = (guest?.arrivesAfterMinutes ?? 0) * 60
    const leaves = Math.min(plan.value.table.mealSeconds, (guest?.leavesAfterMinutes ?? 1000) * 60)
    const foot = TOP + (i + 1) * row.value - 6
    const high = row.value - 14
    const points = bowl(pace.bites, isChild(guest?.appetite) ? 10 : 20, leaves)
    return {
      name: guest?.name ?? pace.guest,
      wait: pace.longestWait.text,
      foot,
      arrival,
      leaves,
      bites: pace.bites,
      area: `M${x(arrival)} ${foot}${points
        .map(({ at, grams }) => `L${x(at)} ${foot - (Math.min(FULL, grams) / FULL) * high}`)
        .join('')}L${x(leaves)} ${foot}Z`,
      waits: longWaits(plan.value.table, pace.waits),
    }
  }),
)
const isChild = (appetite: string | undefined) => appetite === 'CHILD' || appetite === 'TODDLER'
const height = computed(() => TOP + guests.value.length * row.value + 4)
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${height}`" role="img" aria-label="What lies in each bowl over the evening">
    <g v-for="tick in ticks(plan.table.mealSeconds)" :key="tick">
      <line :x1="x(tick)" :x2="x(tick)" y1="16" :y2="height" class="tick" />
      <text v-if="tick % 1200 === 0" :x="x(tick)" y="12" class="time">
        {{ clockAfter(began, tick) }}
      </text>
    </g>
    <g v-for="guest in guests" :key="guest.name">
      <text x="104" :y="guest.foot - (row > 30 ? 10 : 2)" class="guest">{{ guest.name }}</text>
      <text v-if="row > 30" x="104" :y="guest.foot + 4" class="longest">waits {{ guest.wait }}</text>
      <path :d="guest.area" class="bowl" />
      <line :x1="x(guest.arrival)" :x2="x(guest.leaves)" :y1="guest.foot" :y2="guest.foot" class="thread" />
      <g v-for="wait in guest.waits" :key="wait.from">
        <line :x1="x(wait.from)" :x2="x(wait.to)" :y1="guest.foot" :y2="guest.foot" class="wait" />
        <text :x="x((wait.from + wait.to) / 2)" :y="guest.foot - 4" class="waited">
          {{ Math.round((wait.to - wait.from) / 60) }} min
        </text>
      </g>
      <circle
        v-for="(bite, i) in guest.bites"
        :key="i"
        :cx="x(bite.at)"
        :cy="guest.foot"
        r="3.6"
        :fill="`var(--${tintOf.get(bite.drop)})`"
        class="bead"
      />
    </g>
    <line :x1="x(second)" :x2="x(second)" y1="14" :y2="height" class="playhead" />
    <path :d="`M${x(second) - 6} 13h12l-6 9z`" class="playhead-top" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  display: block;
}

.tick {
  stroke: var(--hair);
}

.time,
.waited {
  font: 500 12px var(--text);
  fill: var(--soft);
  text-anchor: middle;
}

.guest,
.longest {
  font: 600 13px var(--text);
  fill: var(--ink);
  text-anchor: end;
}

.longest {
  font-weight: 500;
  font-size: 10.5px;
  fill: var(--soft);
}

.bowl {
  fill: var(--rim);
  opacity: 0.28;
}

.thread {
  stroke: var(--hair);
  stroke-width: 1.5;
}

.wait {
  stroke: var(--warn);
  stroke-width: 2;
  stroke-dasharray: 3 4;
}

.waited {
  fill: var(--warn);
  font-size: 10.5px;
}

.bead {
  stroke: var(--sheet);
  stroke-width: 1;
}

.playhead {
  stroke: var(--ink);
  stroke-width: 1.5;
}

.playhead-top {
  fill: var(--ink);
}
</style>
