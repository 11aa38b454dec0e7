<script setup lang="ts">
import { computed } from 'vue'
import type { InPot } from '@/api/types'
import { sideName } from '@/party/sideNames'
import { useOpenParty } from '@/party/useOpenParty'
import { cluster, placePots, sideMiddle } from '@/table/geometry'
import PotShape from '@/table/PotShape.vue'
import { wholeDegrees } from '@/ui/units'
import { minutes } from './running'

/** The pots from above: what is in each side as an arc that closes until it is ready, and how hot each side is. */
const props = defineProps<{ food: InPot[]; second: number }>()
const { party, brief, plan, catalogue } = useOpenParty()
/** Marked here, and not yet judged by the server. */
const justFell = (side: string) =>
  party.pending
    .filter((event) => event.type === 'FELL_IN' && event.side === side)
    .map(
      (event) => catalogue.value.ingredients.find((one) => one.id === event.ingredient)?.name ?? 'Something',
    )

const pots = computed(() => {
  const placed = placePots(brief.value.pots.map((pot) => pot.capacityMl))
  return brief.value.pots.map((pot, i) => ({
    pot,
    place: placed[i] ?? { x: 210, y: 280, r: 80, turn: 0 },
    sides: pot.sides.map((side) => {
      const planned = plan.value.broths.sides.find((one) => one.side === side.id)
      return {
        id: side.id,
        tint: planned?.tint ?? 'own',
        name: sideName(brief.value, plan.value, side.id),
        opacity: 1,
      }
    }),
  }))
})
/** Only as much of the drawing as the pots take. */
const box = computed(() => {
  const all = pots.value.map((one) => one.place)
  const left = Math.min(...all.map((p) => p.x - p.r)) - 14
  const top = Math.min(...all.map((p) => p.y - p.r)) - 14
  const right = Math.max(...all.map((p) => p.x + p.r)) + 14
  const bottom = Math.max(...all.map((p) => p.y + p.r)) + 14
  return `${left} ${top} ${right - left} ${bottom - top}`
})
const R = 19
const ROUND = 2 * Math.PI * R

/** Everything of one food in a side is one arc: that of what is ready first. */
const arcs = computed(() =>
  pots.value.flatMap(({ pot, place }) =>
    pot.sides.flatMap((side, i) => {
      const foods = new Map<string, InPot[]>()
      for (const one of props.food.filter((f) => f.side === side.id)) {
        foods.set(one.cut, [...(foods.get(one.cut) ?? []), one])
      }
      return [...foods].map(([cut, own], k) => {
        const first = own.reduce((a, b) => (a.ready <= b.ready ? a : b))
        const share = Math.min(1, (props.second - first.putIn) / Math.max(1, first.ready - first.putIn))
        return {
          key: `${side.id} ${cut}`,
          side: side.id,
          name: first.name,
          at: cluster(sideMiddle(place, i, pot.sides.length), R + 1, k, foods.size),
          share,
          over: props.second > first.bestUntil,
          says:
            share < 1
              ? `ready in ${minutes(first.ready - props.second)}`
              : props.second > first.bestUntil
                ? 'past its best'
                : `best for ${minutes(first.bestUntil - props.second)}`,
        }
      })
    }),
  ),
)
const sides = computed(() =>
  plan.value.table.now.sides.map((side) => ({
    ...side,
    name: sideName(brief.value, plan.value, side.side),
    tint: plan.value.broths.sides.find((one) => one.side === side.side)?.tint ?? 'own',
    shut: side.closedTo
      .filter((closed) => closed.barrier === 'FELL_IN')
      .map((closed) => brief.value.guests.find((guest) => guest.id === closed.guest)?.name ?? closed.guest),
    justFell: justFell(side.side),
    foods: arcs.value.filter((arc) => arc.side === side.side),
  })),
)
/** "Lotus root, 6 mm slices" in two lines at most. */
const short = (name: string) => (name.split(',')[0] ?? name).split(' ').slice(0, 2)
</script>

<template>
  <div class="pots">
    <div class="drawn">
      <svg :viewBox="box" role="img" aria-label="What is in the pots">
        <PotShape v-for="one in pots" :key="one.pot.id" :place="one.place" :sides="one.sides" />
        <g v-for="arc in arcs" :key="arc.key" class="food" :class="{ ready: arc.share >= 1, over: arc.over }">
          <circle :cx="arc.at.x" :cy="arc.at.y" :r="R" class="plate" />
          <circle
            :cx="arc.at.x"
            :cy="arc.at.y"
            :r="R"
            class="arc"
            :stroke-dasharray="`${ROUND * arc.share} ${ROUND}`"
            :transform="`rotate(-90 ${arc.at.x} ${arc.at.y})`"
          />
          <text text-anchor="middle">
            <tspan
              v-for="(word, k) in short(arc.name)"
              :key="k"
              :x="arc.at.x"
              :y="arc.at.y + 2.6 + (k - (short(arc.name).length - 1) / 2) * 8"
            >
              {{ word }}
            </tspan>
          </text>
          <title>{{ arc.name }}, {{ arc.says }}</title>
        </g>
      </svg>
    </div>
    <ul class="sides">
      <li v-for="side in sides" :key="side.side">
        <svg width="16" height="16" aria-hidden="true">
          <circle cx="8" cy="8" r="8" :fill="`url(#broth-${side.tint})`" />
        </svg>
        <div>
          <p>
            <b>{{ side.name }}</b> <span class="quiet">{{ wholeDegrees(brief.units, side.celsius) }}</span>
          </p>
          <p v-if="side.justFell.length > 0" class="shut">
            {{ side.justFell.join(', ') }} fell in: nobody eats from it until it is clear who may
          </p>
          <p v-else-if="side.fellIn.length > 0" class="shut">
            {{ side.fellIn.join(', ') }} fell in<template v-if="side.shut.length > 0"
              >: not for {{ side.shut.join(', ') }}</template
            >
          </p>
          <p v-for="own in side.foods" :key="own.key" class="in">{{ own.name }}, {{ own.says }}</p>
        </div>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.pots {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 18px;
  flex: 1 1 auto;
}

/* as large as there is room for, and no reason for the page to be taller */
.drawn {
  position: relative;
  min-height: 260px;
}

.drawn svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  max-height: 430px;
}

.plate {
  fill: #13161bd9;
}

.arc {
  fill: none;
  stroke: #fff;
  stroke-width: 4;
}

.ready .plate {
  fill: #fff;
}

.ready .arc {
  stroke: var(--now);
  stroke-width: 5;
}

.over .arc {
  stroke-dasharray: 4 4 !important;
}

text {
  fill: #fff;
  font: 600 7.5px var(--text);
}

.ready text {
  fill: #14233b;
}

.sides {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 9px;
  align-content: start;
  font-size: 16px;
}

.sides li {
  display: grid;
  grid-template-columns: 16px 1fr;
  gap: 8px;
}

.in {
  color: var(--soft);
}

.shut {
  color: var(--warn);
  font-weight: 650;
}

@media (max-width: 1100px) {
  .pots {
    grid-template-columns: 170px minmax(0, 1fr);
  }

  .drawn {
    min-height: 170px;
  }
}

@media (max-width: 839px) {
  .pots {
    grid-template-columns: 1fr;
  }

  .drawn {
    min-height: 260px;
  }
}
</style>
