<script setup lang="ts">
import { computed } from 'vue'
import { floating, sideMiddle, sidePath, wall, type PlacedPot } from './geometry'
import type { Floating } from './matter'

/** A pot from above: its rim, the sides in broth, the walls between them and what floats in each. */
const props = defineProps<{
  place: PlacedPot
  sides: { id: string; tint: string; name: string; opacity: number }[]
  /** What lies in each side, by its id. */
  food?: Map<string, Floating[]>
  /** Sides can be taken up: by pointer, or one after the other by keys. */
  pickable?: boolean
  picked?: string[]
}>()
defineEmits<{ press: [event: PointerEvent, side: string]; tap: [side: string] }>()

const count = computed(() => props.sides.length)
const walls = computed(() =>
  count.value > 1 ? props.sides.map((_, i) => wall(props.place, i, count.value)) : [],
)
const shapes = computed(() =>
  props.sides.map((side, i) => ({
    ...side,
    path: sidePath(props.place, i, count.value),
    food: (props.food?.get(side.id) ?? []).map((item, k) => ({
      ...item,
      at: floating(sideMiddle(props.place, i, count.value), props.place.r, k),
    })),
  })),
)
</script>

<template>
  <circle :cx="place.x" :cy="place.y" :r="place.r + 6" class="vessel" />
  <path
    v-for="side in shapes"
    :key="side.id"
    :d="side.path"
    :data-side="side.id"
    :fill="`url(#broth-${side.tint})`"
    :opacity="side.opacity"
    :class="{ pickable, picked: picked?.includes(side.id) }"
    :tabindex="pickable ? 0 : undefined"
    :role="pickable ? 'button' : undefined"
    :aria-label="pickable ? side.name : undefined"
    :aria-pressed="pickable ? picked?.includes(side.id) : undefined"
    @pointerdown="$emit('press', $event, side.id)"
    @keydown.enter.prevent="$emit('tap', side.id)"
    @keydown.space.prevent="$emit('tap', side.id)"
  >
    <title>{{ side.name }}</title>
  </path>
  <line
    v-for="(w, i) in walls"
    :key="i"
    :x1="w.from.x"
    :y1="w.from.y"
    :x2="w.to.x"
    :y2="w.to.y"
    class="wall"
  />
  <g v-for="side in shapes" :key="side.id">
    <circle
      v-for="item in side.food"
      :key="item.id"
      :cx="item.at.x"
      :cy="item.at.y"
      :r="place.r / 14"
      class="food"
      :class="{ ready: item.ready }"
    >
      <title>{{ item.name }}</title>
    </circle>
  </g>
</template>

<style scoped>
.vessel {
  fill: var(--sheet);
  stroke: var(--rim);
  stroke-width: 4.5;
}

.wall {
  stroke: var(--rim);
  stroke-width: 4.5;
  stroke-linecap: round;
}

.pickable {
  cursor: grab;
  touch-action: none;
}

.pickable:hover,
.pickable:focus-visible,
.picked {
  stroke: var(--ink);
  stroke-width: 3;
  outline: none;
}

.picked {
  stroke-dasharray: 6 4;
}

.food {
  fill: #13161bcc;
  stroke: #ffffff;
  stroke-width: 1.6;
}

.food.ready {
  fill: #ffffff;
  stroke: #13161b;
}
</style>
