<script setup lang="ts">
import { computed } from 'vue'
import type { PrepTask } from '@/api/types'
import { wordsIn } from './bands'

/** One task on a band: as wide as it takes, in its broth's colour, with as much of its name as fits. */
const props = defineProps<{
  task: PrepTask
  x: number
  y: number
  width: number
  height: number
  /** Of the broth it makes. */
  tint?: string
  /** On a place's band: shown, not moved. */
  still: boolean
  chosen: boolean
  spoken: string
}>()

const words = computed(() => wordsIn(props.task.what, props.width))
const middle = computed(() => props.y + props.height / 2)
</script>

<template>
  <g
    class="block"
    :class="[task.state.toLowerCase(), { chosen, critical: task.critical && !still, fixed: task.fixed }]"
  >
    <title>{{ spoken }}</title>
    <rect
      :x="x"
      :y="y"
      :width="width"
      :height="height"
      rx="5"
      class="body"
      :style="{ fill: tint ? `url(#broth-${tint})` : undefined }"
    />
    <rect
      v-if="tint && words"
      :x="x + 3"
      :y="middle - 9"
      :width="Math.min(width - 6, words.length * 6.6 + 6)"
      height="17"
      rx="4"
      class="ground"
    />
    <text :x="x + 5" :y="middle + 4" class="words">{{ words }}</text>
    <circle v-if="task.pinned && !still" :cx="x + width - 5" :cy="y + 6" r="3" class="pin" />
  </g>
</template>

<style scoped>
.body {
  fill: var(--hair);
  stroke: var(--soft);
  stroke-width: 0.8;
}

.block:hover .body,
:focus-visible > .block .body,
.chosen .body {
  stroke: var(--ink);
  stroke-width: 2.4;
}

.critical .body {
  stroke: var(--ink);
  stroke-width: 2;
}

.fixed .body {
  fill: var(--sheet);
  stroke-dasharray: 4 3;
}

.done {
  opacity: 0.35;
}

.running .body {
  stroke: var(--now);
  stroke-width: 2.6;
}

.paused .body {
  stroke-dasharray: 2 2;
  stroke-width: 1.6;
}

.ground {
  fill: var(--sheet);
  opacity: 0.88;
}

.words {
  font: 500 12px var(--text);
  fill: var(--ink);
  pointer-events: none;
}

.pin {
  fill: var(--ink);
}
</style>
