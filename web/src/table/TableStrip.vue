<script setup lang="ts">
import { computed } from 'vue'
import type { StepName } from '@/app/router'
import { useOpenParty } from '@/party/useOpenParty'
import { sideMiddle, sidePath, wall, type PlacedPot } from './geometry'
import { foodAt } from './matter'

/** The drawn table folded to a strip for a phone: the pots in a row, with what lies in them at the table. */
const props = defineProps<{ step: StepName; second: number; guest?: string }>()

const HEIGHT = 104
const RADIUS = 40
const { brief, plan } = useOpenParty()
const food = computed(() => foodAt(plan.value.table.drops, props.second))
const open = computed(() => plan.value.table.guests.find((pace) => pace.guest === props.guest)?.sides)
const width = computed(() => Math.max(360, brief.value.pots.length * 112 + 20))
const pots = computed(() => {
  const count = brief.value.pots.length
  return brief.value.pots.map((pot, i) => {
    const place: PlacedPot = {
      x: width.value / 2 + (i - (count - 1) / 2) * 112,
      y: HEIGHT / 2,
      r: RADIUS,
      turn: -Math.PI / 2,
    }
    const n = pot.sides.length
    return {
      id: pot.id,
      place,
      walls: n > 1 ? pot.sides.map((_, k) => wall(place, k, n)) : [],
      sides: pot.sides.map((side, k) => ({
        id: side.id,
        tint: plan.value.broths.sides.find((s) => s.side === side.id)?.tint ?? 'kelp',
        path: sidePath(place, k, n),
        middle: sideMiddle(place, k, n),
      })),
    }
  })
})
</script>

<template>
  <svg class="strip" :viewBox="`0 0 ${width} ${HEIGHT}`" role="img" aria-label="The pots on the table">
    <g v-for="{ id, place, sides, walls } in pots" :key="id">
      <circle :cx="place.x" :cy="place.y" :r="place.r + 5" class="vessel" />
      <path
        v-for="side in sides"
        :key="side.id"
        :d="side.path"
        :fill="`url(#broth-${side.tint})`"
        :opacity="open && !open.includes(side.id) ? 0.25 : 1"
      />
      <line
        v-for="(w, i) in walls"
        :key="i"
        :x1="w.from.x"
        :y1="w.from.y"
        :x2="w.to.x"
        :y2="w.to.y"
        class="wall"
      />
      <template v-if="step === 'table'">
        <g v-for="side in sides" :key="side.id">
          <circle
            v-for="(item, k) in food.get(side.id) ?? []"
            :key="item.id"
            :cx="side.middle.x + ((k % 3) - 1) * 9"
            :cy="side.middle.y + Math.floor(k / 3) * 9"
            r="4"
            class="food"
            :class="{ ready: item.ready }"
          />
        </g>
      </template>
    </g>
  </svg>
</template>

<style scoped>
.strip {
  width: 100%;
  height: 104px;
  margin-top: 4px;
}

.vessel {
  fill: var(--sheet);
  stroke: var(--rim);
  stroke-width: 4;
}

.wall {
  stroke: var(--rim);
  stroke-width: 4;
}

.food {
  fill: #13161bcc;
  stroke: #ffffff;
}

.food.ready {
  fill: #ffffff;
  stroke: #13161b;
}
</style>
