<script setup lang="ts">
import { computed } from 'vue'
import type { SideEvening, SidePlan } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { area, line, xAt, yAt, type Panel } from '@/steps/pots/plots'
import { broth, degrees } from '@/ui/units'

/** How warm a side is over the evening, and how full; at the minute one looks at in figures. */
const props = defineProps<{
  planned: SidePlan
  evening: SideEvening
  /** Where sitting down is, and the last minute of the evening. */
  left: number
  right: number
  top: number
  height: number
  second: number
}>()
const { brief } = useOpenParty()

/** Room for the figures at the foot. */
const FIGURES = 12
const frame = (low: number, high: number): Panel => ({
  left: props.left,
  right: props.right,
  top: props.top + 3,
  bottom: props.top + props.height - FIGURES,
  minutes: Math.max(1, props.evening.minutes.length - 1),
  low,
  high,
})
const levels = computed(() => props.evening.minutes.map((minute) => minute.ml))
const level = computed(() => frame(0, Math.max(props.planned.fill.value, ...levels.value)))
const heat = computed(() => frame(70, 102))
const at = computed(() =>
  Math.min(props.evening.minutes.length - 1, Math.max(0, Math.round(props.second / 60))),
)
const now = computed(() => props.evening.minutes[at.value])
const said = computed(() =>
  now.value
    ? `${degrees(brief.value.units, now.value.celsius)}, ${broth(brief.value.units, now.value.ml)}` +
      ` · never under ${props.planned.floor.text}`
    : '',
)
</script>

<template>
  <g class="broth" role="img" :aria-label="`${planned.brothName}: ${said}`">
    <path :d="area(level, levels)" class="level" :fill="`var(--${planned.tint})`" />
    <path :d="`M${left} ${yAt(heat, planned.floor.value)}H${right}`" class="floor" />
    <path
      :d="
        line(
          heat,
          evening.minutes.map((minute) => minute.celsius),
        )
      "
      class="heat"
    />
    <circle v-if="now" :cx="xAt(heat, at)" :cy="yAt(heat, now.celsius)" r="3" class="now" />
    <text :x="left + 2" :y="top + height - 2">{{ said }}</text>
  </g>
</template>

<style scoped>
.level {
  opacity: 0.3;
}

.floor {
  stroke: var(--warn);
  stroke-dasharray: 3 3;
  opacity: 0.7;
}

.heat {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}

.now {
  fill: var(--ink);
}

text {
  font: 500 11px var(--text);
  fill: var(--ink);
}
</style>
