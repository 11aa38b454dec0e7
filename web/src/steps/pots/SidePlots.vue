<script setup lang="ts">
import { computed } from 'vue'
import type { PotEvening, SideEvening, SidePlan } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import FigureText from '@/ui/FigureText.vue'
import { broth, wholeDegrees } from '@/ui/units'
import { area, line, minuteTicks, roundUp, xAt, yAt, type Panel } from './plots'

/** A side from sitting down to the finish: temperature above, level and salt below, with every dose. */
const props = defineProps<{ planned: SidePlan; evening: SideEvening; pot: PotEvening }>()

const { brief } = useOpenParty()
const last = computed(() => Math.max(1, props.evening.minutes.length - 1))
const frame = (top: number, bottom: number, low: number, high: number): Panel => ({
  left: 46,
  right: 424,
  top,
  bottom,
  minutes: last.value,
  low,
  high,
})
const heat = computed(() => frame(14, 96, 75, 102))
const level = computed(() =>
  frame(122, 190, 0, roundUp(Math.max(props.planned.fill.value, ...props.evening.minutes.map((m) => m.ml)))),
)
const salt = computed(() =>
  frame(
    122,
    190,
    0,
    Math.max(1.4, Math.ceil(10 * Math.max(...props.evening.minutes.map((m) => m.saltPercent))) / 10),
  ),
)
const temperatures = computed(() => props.evening.minutes.map((m) => m.celsius))
const lowest = computed(() => temperatures.value.indexOf(Math.min(...temperatures.value)))
const DOSES = { WATER: 'water', RESERVE: 'reserve', SEASONED: 'seasoned' } as const
</script>

<template>
  <div class="plots">
    <svg viewBox="0 0 470 226" role="img" :aria-label="`${planned.brothName}: temperature, level and salt`">
      <text x="46" y="9" class="title">{{ planned.brothName }}, lowest of each minute</text>
      <g class="grid">
        <template v-for="c in [80, 90, 100]" :key="c">
          <path :d="`M46 ${yAt(heat, c)}H424`" />
          <text x="40" :y="yAt(heat, c) + 4" class="end">{{ wholeDegrees(brief.units, c) }}</text>
        </template>
        <template v-for="m in minuteTicks(last)" :key="m">
          <path :d="`M${xAt(level, m)} 190v5`" />
          <text :x="xAt(level, m)" y="221" class="middle">{{ m }}{{ m === 0 ? ' min' : '' }}</text>
        </template>
        <path d="M46 190H424" />
        <text x="40" y="128" class="end">{{ broth(brief.units, level.high) }}</text>
        <text x="40" y="192" class="end">0</text>
        <text x="430" y="128">{{ salt.high }} %</text>
        <text x="430" y="192">0</text>
      </g>
      <path :d="`M46 ${yAt(heat, planned.floor.value)}H424`" class="floor" />
      <text x="422" :y="yAt(heat, planned.floor.value) + 13" class="floor-word">
        never under {{ planned.floor.text }}
      </text>
      <path :d="line(heat, temperatures)" class="heat" :style="{ stroke: `var(--${planned.tint})` }" />
      <circle :cx="xAt(heat, lowest)" :cy="yAt(heat, temperatures[lowest] ?? 0)" r="3.5" class="dot" />
      <text x="46" y="109" class="title">broth and, dashed, its salt</text>
      <path
        :d="
          area(
            level,
            evening.minutes.map((m) => m.ml),
          )
        "
        class="level"
        :fill="`url(#broth-${planned.tint})`"
      />
      <path
        :d="
          line(
            salt,
            evening.minutes.map((m) => m.saltPercent),
          )
        "
        class="salt under"
      />
      <path
        :d="
          line(
            salt,
            evening.minutes.map((m) => m.saltPercent),
          )
        "
        class="salt"
      />
      <g v-for="(dose, i) in evening.doses" :key="i" :class="['dose', DOSES[dose.kind]]">
        <path :d="`M${xAt(level, dose.minute) - 6} 113h12l-6 9z`" />
        <title>{{ `minute ${dose.minute}: ${dose.text}` }}</title>
      </g>
      <rect
        v-for="(phase, i) in pot.phases"
        :key="i"
        :x="xAt(level, phase.fromMinute)"
        y="199"
        :width="xAt(level, phase.toMinute) - xAt(level, phase.fromMinute)"
        height="8"
        class="flame"
        :opacity="0.12 + (0.88 * phase.percent) / 100"
      >
        <title>{{ `minute ${phase.fromMinute} to ${phase.toMinute}: heat at ${phase.percent} %` }}</title>
      </rect>
      <text x="40" y="207" class="end small">heat</text>
    </svg>
    <dl class="facts">
      <div>
        <dt>coolest</dt>
        <dd><FigureText :figure="evening.lowest" /></dd>
      </div>
      <div>
        <dt>at the finish</dt>
        <dd><FigureText :figure="evening.endLevel" /></dd>
      </div>
      <div>
        <dt>salt then</dt>
        <dd><FigureText :figure="evening.endSalt" /></dd>
      </div>
      <div>
        <dt>reserve</dt>
        <dd><FigureText :figure="evening.reserve" /></dd>
      </div>
      <div>
        <dt>hot water</dt>
        <dd><FigureText :figure="evening.hotWater" /></dd>
      </div>
    </dl>
    <p v-if="evening.doses.length > 0" class="doses">
      <span v-for="(dose, i) in evening.doses" :key="i"
        ><b>{{ dose.minute === 0 ? 'start' : `minute ${dose.minute}` }}</b> {{ dose.text }}</span
      >
    </p>
    <p v-if="evening.lowSalt" class="quiet">Kept low in salt for a guest.</p>
  </div>
</template>

<style scoped>
svg {
  width: 100%;
  display: block;
}

.grid path {
  stroke: var(--hair);
  fill: none;
}

text {
  font: 400 11.5px var(--text);
  fill: var(--soft);
}

.title {
  font-weight: 600;
}

.end {
  text-anchor: end;
}

.middle {
  text-anchor: middle;
}

.floor {
  stroke: var(--warn);
  stroke-dasharray: 5 4;
  fill: none;
}

.floor-word {
  fill: var(--warn);
  text-anchor: end;
}

.heat {
  fill: none;
  stroke-width: 2.5;
  stroke-linejoin: round;
}

.dot {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}

.level {
  opacity: 0.55;
}

.salt {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
  stroke-dasharray: 6 4;
}

.salt.under {
  stroke: var(--sheet);
  stroke-width: 4.5;
  stroke-dasharray: none;
  opacity: 0.75;
}

.dose path {
  stroke: var(--rim);
  stroke-width: 1.5;
  fill: var(--sheet);
}

.dose.reserve path,
.dose.seasoned path {
  fill: var(--rim);
}

.flame {
  fill: var(--rim);
}

.doses {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  font-size: 13px;
  padding-top: 4px;
  color: var(--soft);
}

.doses b {
  font-weight: 600;
  color: var(--ink);
}

@media (max-width: 839px) {
  text {
    font-size: 14.5px;
  }
}
</style>
