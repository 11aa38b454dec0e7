<script setup lang="ts">
import { computed } from 'vue'
import type { SidePlan } from '@/api/types'

/** The name of a side before its band, in its pattern; a tap shows its broth. */
const props = defineProps<{
  y: number
  height: number
  lines: { words: string; strong: boolean }[]
  tint: SidePlan['tint']
  pressed: boolean
}>()
const emit = defineEmits<{ look: [] }>()

const middle = computed(() => props.y + props.height / 2)
const name = computed(() => props.lines.map((line) => line.words).join(' '))
</script>

<template>
  <g
    class="side"
    role="button"
    tabindex="0"
    :aria-pressed="pressed"
    :aria-label="`How warm and how full ${name} is`"
    @click="emit('look')"
    @keydown.enter.prevent="emit('look')"
    @keydown.space.prevent="emit('look')"
  >
    <title>Tap: how warm and how full it is</title>
    <rect x="2" :y="y" width="104" :height="height" rx="7" :fill="`url(#broth-${tint})`" />
    <rect
      x="8"
      :y="middle - 6 * lines.length - 1"
      width="92"
      :height="12 * lines.length + 2"
      rx="5"
      class="ground"
    />
    <text
      v-for="(line, i) in lines"
      :key="i"
      x="54"
      :y="middle + 12 * (i - lines.length / 2) + 9"
      :class="{ strong: line.strong }"
    >
      {{ line.words }}
    </text>
  </g>
</template>

<style scoped>
.side {
  cursor: pointer;
  outline: none;
}

.ground {
  fill: var(--sheet);
}

.side:hover .ground,
.side:focus-visible .ground,
.side[aria-pressed='true'] .ground {
  stroke: var(--rim);
  stroke-width: 2.5;
}

text {
  font: 500 11px var(--text);
  fill: var(--ink);
  text-anchor: middle;
}

.strong {
  font-weight: 650;
}
</style>
