<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Pot } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { shortened } from '@/table/geometry'
import { compartments, fillAt, fillByKey, LEAST_FILL, MOST_FILL, yOf, type Section } from './section'

/** A pot cut through: broth, food at its fullest, brim. The waterline is dragged, the litres follow. */
const side = defineModel<string>('side', { required: true })
const props = defineProps<{ pot: Pot }>()

const { party, plan } = useOpenParty()
/** A letter under a compartment takes so much [px]. */
const LETTER = 6.2
const SECTION: Section = { left: 20, right: 300, top: 26, bottom: 150 }
const svg = ref<SVGSVGElement>()
const dragging = ref(false)

const cells = computed(() => {
  const boxes = compartments(SECTION, props.pot.sides.length)
  return props.pot.sides.flatMap((own, i) => {
    const planned = plan.value.broths.sides.find((s) => s.side === own.id)
    const box = boxes[i]
    if (!planned || !box) return []
    const minutes = plan.value.evening.pots.flatMap((p) => p.sides).find((s) => s.side === own.id)?.minutes
    const fullest = Math.max(0, ...(minutes ?? []).map((m) => m.ml + m.foodMl))
    return [{ ...box, planned, fullest: (fullest / planned.capacity.value) * 100 }]
  })
})
const waterline = computed(() => yOf(SECTION, props.pot.fillPercent))

const fill = (percent: number) => (draft: { pots: Pot[] }) => {
  const own = draft.pots.find((p) => p.id === props.pot.id)
  if (own) own.fillPercent = percent
}

function percentAt(event: PointerEvent): number {
  const box = svg.value?.getBoundingClientRect()
  if (!box) return props.pot.fillPercent
  return fillAt(SECTION, ((event.clientY - box.top) / box.height) * 186)
}

function press(event: PointerEvent): void {
  dragging.value = true
  ;(event.target as Element).setPointerCapture(event.pointerId)
}

function move(event: PointerEvent): void {
  if (dragging.value) party.preview(fill(percentAt(event)))
}

function lift(event: PointerEvent): void {
  if (!dragging.value) return
  dragging.value = false
  party.edit('change the fill', fill(percentAt(event)))
}

function step(event: KeyboardEvent): void {
  const percent = fillByKey(props.pot.fillPercent, event.key)
  if (percent === props.pot.fillPercent) return
  event.preventDefault()
  party.edit('change the fill', fill(percent))
}
</script>

<template>
  <svg ref="svg" viewBox="0 0 356 186" class="section" role="group" :aria-label="`${pot.name} cut through`">
    <g
      v-for="cell in cells"
      :key="cell.planned.side"
      class="cell"
      role="button"
      tabindex="0"
      :aria-label="`Show ${cell.planned.brothName}`"
      :aria-pressed="side === cell.planned.side"
      @click="side = cell.planned.side"
      @keydown.enter.prevent="side = cell.planned.side"
      @keydown.space.prevent="side = cell.planned.side"
    >
      <rect
        :x="cell.x"
        :y="SECTION.top"
        :width="cell.width"
        :height="SECTION.bottom - SECTION.top"
        class="air"
      />
      <rect
        :x="cell.x"
        :y="waterline"
        :width="cell.width"
        :height="SECTION.bottom - waterline"
        :fill="`url(#broth-${cell.planned.tint})`"
      />
      <path
        :d="`M${cell.x + 4} ${yOf(SECTION, cell.fullest)}h${cell.width - 8}`"
        class="fullest"
        :class="{ over: cell.fullest > 100 }"
      />
      <rect
        :x="cell.x + cell.width / 2 - 30"
        :y="(waterline + SECTION.bottom) / 2 - 13"
        width="60"
        height="26"
        rx="8"
        class="plate"
        :class="{ on: side === cell.planned.side }"
      />
      <text :x="cell.x + cell.width / 2" :y="(waterline + SECTION.bottom) / 2 + 5.5" class="litres">
        {{ cell.planned.fill.text }}
      </text>
      <text :x="cell.x + cell.width / 2" :y="SECTION.bottom + 19" class="name">
        {{ shortened(cell.planned.brothName, Math.floor(cell.width / LETTER)) }}
      </text>
    </g>
    <path
      v-for="cell in cells.slice(1)"
      :key="`w${cell.planned.side}`"
      :d="`M${cell.x} ${SECTION.top + 8}V${SECTION.bottom}`"
      class="wall thin"
    />
    <path
      :d="`M${SECTION.left - 9} ${SECTION.top}q9 0 9 9V${SECTION.bottom - 12}q0 12 12 12H${SECTION.right - 12}q12 0 12-12V${SECTION.top + 9}q0-9 9-9`"
      class="wall"
    />
    <text :x="SECTION.left" :y="SECTION.top - 10" class="small">brim</text>
    <text v-if="cells.length > 0" :x="SECTION.right" :y="SECTION.top - 10" class="small right">
      room for {{ cells[0]?.planned.room.text }}{{ cells.length > 1 ? ' a side' : '' }}
    </text>
    <g
      class="line"
      :class="{ dragging }"
      role="slider"
      tabindex="0"
      aria-orientation="vertical"
      :aria-label="`Waterline of ${pot.name}`"
      :aria-valuemin="LEAST_FILL"
      :aria-valuemax="MOST_FILL"
      :aria-valuenow="pot.fillPercent"
      :aria-valuetext="`${pot.fillPercent} % full`"
      @pointerdown="press"
      @pointermove="move"
      @pointerup="lift"
      @pointercancel="dragging = false"
      @keydown="step"
    >
      <rect
        :x="SECTION.left"
        :y="waterline - 12"
        :width="SECTION.right - SECTION.left + 40"
        height="24"
        class="grip"
      />
      <path :d="`M${SECTION.left + 2} ${waterline}H${SECTION.right + 8}`" />
      <circle :cx="SECTION.right + 8" :cy="waterline" r="9" />
      <path
        :d="`M${SECTION.right + 4.5} ${waterline - 1.8}l3.5-3.4 3.5 3.4m-7 3.6l3.5 3.4 3.5-3.4`"
        class="arrows"
      />
    </g>
    <text :x="SECTION.right + 20" :y="waterline + 4.5" class="small">{{ pot.fillPercent }} %</text>
  </svg>
</template>

<style scoped>
.section {
  display: block;
  width: 100%;
  touch-action: pan-y;
}

.air {
  fill: var(--well);
}

.cell {
  cursor: pointer;
}

.wall {
  fill: none;
  stroke: var(--rim);
  stroke-width: 4;
  stroke-linecap: round;
}

.wall.thin {
  stroke-width: 2.5;
}

.fullest {
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-dasharray: 2 4;
  fill: none;
}

.fullest.over {
  stroke: var(--warn);
  stroke-width: 3;
}

.plate {
  fill: var(--sheet);
  stroke: var(--hair);
}

.plate.on {
  stroke: var(--rim);
  stroke-width: 2.5;
}

.litres {
  font: 650 15px var(--head);
  fill: var(--ink);
  text-anchor: middle;
}

.name,
.small {
  font: 500 12px var(--text);
  fill: var(--soft);
}

.name {
  text-anchor: middle;
}

.right {
  text-anchor: end;
}

.line {
  cursor: ns-resize;
  touch-action: none;
}

.line path {
  stroke: var(--rim);
  stroke-width: 2.5;
  fill: none;
}

.line circle {
  fill: var(--sheet);
  stroke: var(--rim);
  stroke-width: 2.5;
}

.line .arrows {
  stroke-width: 1.6;
}

.line.dragging circle {
  fill: var(--rim);
}

.line.dragging .arrows {
  stroke: var(--sheet);
}

.grip {
  fill: transparent;
}
</style>
