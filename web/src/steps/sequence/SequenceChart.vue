<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDisplay } from 'vuetify'
import type { Drop } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { sideLabel } from '@/table/geometry'
import { putIn } from '@/table/stays'
import { clockAfter } from '@/ui/time'
import { lanes, lensPath, pieces, shortName, ticks, toSecond, toX, waits, type Scale } from './chart'

/**
 * Sides as bands, drops as lenses: a thin stem while it cooks, a solid body while it is good, a pointed end where it
 * declines. Beneath, each guest's bites as beads; a bare thread longer than five minutes is drawn as a wait.
 */
const second = defineModel<number>('second', { required: true })
const props = defineProps<{ chosen?: string }>()
const emit = defineEmits<{ choose: [id: string]; move: [drop: Drop, minute: number] }>()

const BAND_PADDING = 8
/** A band's label takes up to three lines. */
const LOWEST_BAND = 46
const BEAD_ROW = 19
const LONG_WAIT = 300
const { brief, plan } = useOpenParty()
const { mobile } = useDisplay()
const svg = ref<SVGSVGElement>()
const drag = ref<{ drop: Drop; from: number; to: number }>()

const width = computed(() => (mobile.value ? 1000 : 780))
/** Fingers want more room than a pointer. */
const laneHeight = computed(() => (mobile.value ? 28 : 16))
const scale = computed<Scale>(() => ({
  from: Math.min(-60, ...plan.value.table.drops.map(putIn)) - 30,
  to: plan.value.table.mealSeconds + 60,
  left: 112,
  right: width.value - 10,
}))
const x = (s: number) => toX(scale.value, s)

const bands = computed(() => {
  let y = 26
  return plan.value.broths.sides.map((side) => {
    const laid = lanes(
      plan.value.table.drops.filter((drop) => drop.side === side.side).flatMap(pieces),
      scale.value,
    )
    const height = Math.max(LOWEST_BAND, laid.count * laneHeight.value + BAND_PADDING)
    const band = { side, y, height, lenses: laid.lenses, label: bandLabel(side.side, side.brothName) }
    y += band.height + 6
    return band
  })
})
/** The broth's name, and the pot's where two sides hold the same broth. */
function bandLabel(side: string, broth: string): { words: string; strong: boolean }[] {
  const lines = sideLabel(broth).lines.map((words) => ({ words, strong: true }))
  const twice = plan.value.broths.sides.filter((s) => s.brothName === broth).length > 1
  const pot = brief.value.pots.find((p) => p.sides.some((s) => s.id === side))
  return twice && pot ? [...lines, { words: pot.name.slice(0, 16), strong: false }] : lines
}
const beadsTop = computed(() => {
  const last = bands.value.at(-1)
  return last ? last.y + last.height + 22 : 40
})
const tintOf = computed(() => {
  const bySide = new Map(plan.value.broths.sides.map((side) => [side.side, side.tint]))
  return new Map(plan.value.table.drops.map((drop) => [drop.id, bySide.get(drop.side) ?? 'kelp']))
})
const guests = computed(() =>
  plan.value.table.guests.map((pace, i) => {
    const guest = brief.value.guests[i]
    const arrival = (guest?.arrivesAfterMinutes ?? 0) * 60
    return {
      name: guest?.name ?? pace.guest,
      y: beadsTop.value + i * BEAD_ROW,
      arrival,
      bites: pace.bites,
      waits: waits(arrival, pace.bites).filter((wait) => wait.to - wait.from > LONG_WAIT),
    }
  }),
)
const height = computed(() => beadsTop.value + guests.value.length * BEAD_ROW)
const laneY = (band: { y: number }, lane: number) =>
  band.y + BAND_PADDING / 2 + (lane + 0.5) * laneHeight.value

function pointX(event: PointerEvent): number {
  const box = svg.value?.getBoundingClientRect()
  return box ? ((event.clientX - box.left) / box.width) * width.value : 0
}

function press(event: PointerEvent, drop: Drop): void {
  svg.value?.setPointerCapture(event.pointerId)
  drag.value = { drop, from: pointX(event), to: pointX(event) }
}

function slide(event: PointerEvent): void {
  if (drag.value) drag.value.to = pointX(event)
}

function release(): void {
  const gesture = drag.value
  drag.value = undefined
  if (!gesture) return
  const seconds = toSecond(scale.value, gesture.to) - toSecond(scale.value, gesture.from)
  if (Math.abs(seconds) < 45) emit('choose', gesture.drop.id)
  else emit('move', gesture.drop, Math.round((putIn(gesture.drop) + seconds) / 30) / 2)
}

const shift = (drop: Drop) => (drag.value?.drop.id === drop.id ? drag.value.to - drag.value.from : 0)
const step = (drop: Drop, minutes: number) => emit('move', drop, Math.round(putIn(drop) / 60) + minutes)
</script>

<template>
  <div class="scroll">
    <svg
      ref="svg"
      :viewBox="`0 0 ${width} ${height}`"
      :style="{ minWidth: mobile ? `${width}px` : undefined }"
      role="group"
      aria-label="Table sequence"
      @pointermove="slide"
      @pointerup="release"
    >
      <g v-for="tick in ticks(plan.table.mealSeconds)" :key="tick">
        <line :x1="x(tick)" :x2="x(tick)" y1="20" :y2="height" class="tick" />
        <text v-if="tick % 1200 === 0" :x="x(tick)" y="13" class="time">
          {{ clockAfter(brief.sitDown, tick) }}
        </text>
      </g>
      <g v-for="band in bands" :key="band.side.side">
        <rect
          :x="scale.left"
          :y="band.y"
          :width="scale.right - scale.left"
          :height="band.height"
          rx="8"
          :fill="`var(--${band.side.tint})`"
          class="band"
        />
        <rect
          x="2"
          :y="band.y"
          width="104"
          :height="band.height"
          rx="8"
          :fill="`url(#broth-${band.side.tint})`"
        />
        <rect
          x="8"
          :y="band.y + band.height / 2 - 7 * band.label.length - 3"
          width="92"
          :height="14 * band.label.length + 6"
          rx="6"
          class="label-ground"
        />
        <text
          v-for="(line, i) in band.label"
          :key="i"
          x="54"
          :y="band.y + band.height / 2 + 14 * (i - band.label.length / 2) + 11"
          class="label"
          :class="{ strong: line.strong }"
        >
          {{ line.words }}
        </text>
        <g
          v-for="{ piece, lane, labelX } in band.lenses"
          :key="piece.key"
          class="lens"
          :class="{ chosen: piece.drop.id === props.chosen, held: drag?.drop.id === piece.drop.id }"
          :transform="`translate(${shift(piece.drop)} 0)`"
          tabindex="0"
          role="button"
          :data-drop="piece.drop.id"
          :aria-label="`${piece.drop.name}, ${piece.drop.amount}, in at ${clockAfter(brief.sitDown, piece.putIn)}, out at ${clockAfter(brief.sitDown, piece.takeOut)}${piece.drop.pinned ? ', pinned' : ''}`"
          @pointerdown="press($event, piece.drop)"
          @keydown.enter.prevent="emit('choose', piece.drop.id)"
          @keydown.left.prevent="step(piece.drop, -1)"
          @keydown.right.prevent="step(piece.drop, 1)"
        >
          <rect
            :x="x(piece.putIn) - 2"
            :y="laneY(band, lane) - laneHeight / 2"
            :width="Math.max(26, x(piece.takeOut) - x(piece.putIn) + 10)"
            :height="laneHeight"
            class="grip"
          />
          <text :x="labelX" :y="laneY(band, lane) + 4" class="name">
            {{ shortName(piece.drop) }}
          </text>
          <line
            :x1="x(piece.putIn)"
            :x2="x(piece.ready)"
            :y1="laneY(band, lane)"
            :y2="laneY(band, lane)"
            class="stem"
            :stroke="`var(--${band.side.tint})`"
          />
          <path
            :d="lensPath(scale, piece, laneY(band, lane), 5.5)"
            :fill="`var(--${band.side.tint})`"
            class="body"
          />
          <line
            :x1="x(piece.takeOut)"
            :x2="x(piece.takeOut)"
            :y1="laneY(band, lane) - 6"
            :y2="laneY(band, lane) + 6"
            class="out"
          />
          <circle v-if="piece.drop.pinned" :cx="x(piece.putIn)" :cy="laneY(band, lane)" r="4" class="pin" />
        </g>
      </g>
      <g v-for="guest in guests" :key="guest.name">
        <text x="104" :y="guest.y + 4" class="guest">{{ guest.name }}</text>
        <line
          :x1="x(guest.arrival)"
          :x2="x(plan.table.mealSeconds)"
          :y1="guest.y"
          :y2="guest.y"
          class="thread"
        />
        <g v-for="wait in guest.waits" :key="wait.from">
          <line :x1="x(wait.from)" :x2="x(wait.to)" :y1="guest.y" :y2="guest.y" class="wait" />
          <text :x="x((wait.from + wait.to) / 2)" :y="guest.y - 4" class="waited">
            {{ Math.round((wait.to - wait.from) / 60) }} min
          </text>
        </g>
        <circle
          v-for="(bite, i) in guest.bites"
          :key="i"
          :cx="x(bite.at)"
          :cy="guest.y"
          r="4"
          :fill="`var(--${tintOf.get(bite.drop)})`"
          class="bead"
        />
      </g>
      <line :x1="x(second)" :x2="x(second)" y1="18" :y2="height" class="playhead" />
      <path :d="`M${x(second) - 6} 16h12l-6 9z`" class="playhead-top" />
    </svg>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}

svg {
  width: 100%;
  display: block;
}

.tick {
  stroke: var(--hair);
}

.time,
.guest,
.label,
.name,
.waited {
  font: 500 12px var(--text);
  fill: var(--soft);
  text-anchor: middle;
}

.band {
  opacity: 0.11;
}

.label-ground {
  fill: var(--sheet);
}

.label {
  font-size: 11px;
  fill: var(--ink);
}

.label.strong {
  font-weight: 650;
  font-size: 11.5px;
}

.name {
  text-anchor: start;
  font-size: 11px;
  fill: var(--ink);
}

.lens {
  cursor: grab;
  outline: none;
  touch-action: pan-y;
}

.grip {
  fill: transparent;
}

.lens:hover .grip,
.lens.chosen .grip {
  fill: var(--sheet);
  opacity: 0.7;
}

.lens:focus-visible .grip {
  stroke: var(--rim);
  stroke-width: 2.5;
}

.lens.held {
  cursor: grabbing;
}

.stem {
  stroke-width: 3.5;
}

.body {
  stroke: var(--ink);
  stroke-width: 1;
}

.out {
  stroke: var(--ink);
  stroke-width: 1.6;
}

.pin {
  fill: var(--ink);
  stroke: var(--sheet);
  stroke-width: 1.5;
}

.guest {
  text-anchor: end;
  fill: var(--ink);
  font-size: 12.5px;
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
