<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Drop, Moment } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { shortened, sideLabel } from '@/table/geometry'
import { inTurns, putIn } from '@/table/stays'
import { clockAfter } from '@/ui/time'
import BrothStrip from './BrothStrip.vue'
import SideLabel from './SideLabel.vue'
import { movedBy } from './trial'
import { useDrag } from './useDrag'
import type { Trial } from './useTrial'
import {
  labelOf,
  lanes,
  lensPath,
  piece,
  spellLabels,
  spellName,
  spells,
  ticks,
  toX,
  type Scale,
  type Spell,
} from './chart'

/**
 * Sides as bands, drops as lenses: a thin stem while it cooks, a solid body while it is good, a pointed end where it
 * declines. What eaters dip themselves is a row of beads at the foot of its side. A tap on its name shows how warm and how
 * full it is.
 */
const second = defineModel<number>('second', { required: true })
const props = defineProps<{
  chosen?: string
  /** Where a rehearsal found the evening weak. */
  weak: Moment[]
  /** What the drop that is held would come to. */
  trial?: Trial
}>()
const emit = defineEmits<{
  choose: [id: string]
  move: [drop: Drop, minute: number]
  hold: [drop: Drop, minute: number]
  letGo: []
}>()

const WIDTH = 780
const BAND_PADDING = 4
/** A band's label takes up to three lines. */
const LOWEST_BAND = 34
/** Few sides have room for higher lanes, which are easier to grip. */
const LANES = [22, 22, 17, 14]
const LEAST_LANE = 12
const STRIP = 40
const { brief, plan, from: began } = useOpenParty()
const svg = ref<SVGSVGElement>()
/** Sides of which one looks at the broth. */
const looked = ref<string[]>([])

const scale = computed<Scale>(() => ({
  from: Math.min(-60, ...plan.value.table.drops.map(putIn)) - 30,
  to: plan.value.table.mealSeconds + 60,
  left: 112,
  right: WIDTH - 10,
}))
const x = (s: number) => toX(scale.value, s)

const lane = computed(() => LANES[plan.value.broths.sides.length] ?? LEAST_LANE)
/** Half a lens is so high. */
const half = computed(() => lane.value * 0.42)

const bands = computed(() => {
  let y = 19
  return plan.value.broths.sides.map((side) => {
    const own = plan.value.table.drops.filter((drop) => drop.side === side.side)
    const laid = lanes(own.filter((drop) => !inTurns(drop)).map(piece), scale.value)
    const dips = spells(own)
    const dipLabels = spellLabels(dips, roomsBehind(dips, side.side))
    const count = laid.lenses.length > 0 ? laid.count : 0
    const rows = (count + (dips.length > 0 ? 1 : 0)) * lane.value
    const foot = looked.value.includes(side.side) ? STRIP : 0
    const drops = Math.max(LOWEST_BAND, rows + BAND_PADDING)
    const height = drops + foot
    const top = y + (drops - rows) / 2
    const band = {
      side,
      y,
      height,
      drops,
      evening: foot ? eveningOf(side.side) : undefined,
      lenses: laid.lenses.map((lens) => ({ ...lens, y: top + (lens.lane + 0.5) * lane.value })),
      dips: dips.map((spell, i) => ({
        ...spell,
        y: top + (count + 0.5) * lane.value,
        label: dipLabels[i],
      })),
      weak: props.weak.filter((moment) => moment.side === side.side),
      soups: plan.value.table.soupRounds.filter((soup) => soup.side === side.side),
      label: bandLabel(side.side, side.brothName),
    }
    y += height + 3
    return band
  })
})

const eveningOf = (side: string) =>
  plan.value.evening.pots.flatMap((pot) => pot.sides).find((one) => one.side === side)

function look(side: string): void {
  looked.value = looked.value.includes(side)
    ? looked.value.filter((one) => one !== side)
    : [...looked.value, side]
}

/** How much room there is behind each spell of a side, before the next and before the meal ends there. */
function roomsBehind(dips: Spell[], side: string): number[] {
  const { ending, mealSeconds } = plan.value.table
  const end = ending?.side === side ? ending.from : mealSeconds + 60
  return dips.map(
    (spell, i) => x(dips[i + 1]?.from ?? end) - Math.max(x(spell.to), x(spell.from) + 2 * half.value) - 10,
  )
}

/** The broth's name, and the pot's where two sides hold the same broth. */
function bandLabel(side: string, broth: string): { words: string; strong: boolean }[] {
  const lines = sideLabel(broth).lines.map((words) => ({ words, strong: true }))
  const twice = plan.value.broths.sides.filter((s) => s.brothName === broth).length > 1
  const pot = brief.value.pots.find((p) => p.sides.some((s) => s.id === side))
  return twice && pot ? [...lines.slice(0, 2), { words: shortened(pot.name, 16), strong: false }] : lines
}
const height = computed(() => {
  const last = bands.value.at(-1)
  return last ? last.y + last.height + 2 : 40
})

const { press, slide, release, breakOff, isHeld, shift } = useDrag(svg, WIDTH, scale, {
  choose: (drop) => emit('choose', drop.id),
  hold: (drop, minute) => emit('hold', drop, minute),
  letGo: () => emit('letGo'),
  move: (drop, minute) => emit('move', drop, minute),
})

/** By id, where drops would go in that are moved by the one that is held [s]. */
const moved = computed(() => {
  const { drop, plan: after } = props.trial ?? {}
  return new Map(drop && after ? movedBy(drop, plan.value, after).map((one) => [one.id, one.to]) : [])
})

const step = (drop: Drop, minutes: number) => emit('move', drop, Math.round(putIn(drop) / 60) + minutes)
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${WIDTH} ${height}`"
    role="group"
    aria-label="Table sequence"
    @pointermove="slide"
    @pointerup="release"
    @pointercancel="breakOff"
  >
    <defs>
      <marker
        id="would-go"
        viewBox="0 0 8 8"
        refX="6"
        refY="4"
        markerWidth="6"
        markerHeight="6"
        orient="auto"
      >
        <path d="M0 0L8 4L0 8Z" class="would-head" />
      </marker>
    </defs>
    <g v-for="tick in ticks(plan.table.mealSeconds)" :key="tick">
      <line :x1="x(tick)" :x2="x(tick)" y1="16" :y2="height" class="tick" />
      <text v-if="tick % 1200 === 0" :x="x(tick)" y="12" class="time">
        {{ clockAfter(began, tick) }}
      </text>
    </g>
    <g v-for="band in bands" :key="band.side.side">
      <rect
        :x="scale.left"
        :y="band.y"
        :width="scale.right - scale.left"
        :height="band.height"
        rx="7"
        :fill="`var(--${band.side.tint})`"
        class="band"
      />
      <SideLabel
        :y="band.y"
        :height="band.height"
        :lines="band.label"
        :tint="band.side.tint"
        :pressed="looked.includes(band.side.side)"
        @look="look(band.side.side)"
      />
      <BrothStrip
        v-if="band.evening"
        :planned="band.side"
        :evening="band.evening"
        :left="x(0)"
        :right="x(plan.table.mealSeconds)"
        :top="band.y + band.drops"
        :height="STRIP"
        :second="second"
      />
      <g v-for="soup in band.soups" :key="soup.at" class="soup">
        <line
          :x1="x(soup.at)"
          :x2="x(soup.until)"
          :y1="band.y + band.drops - 1"
          :y2="band.y + band.drops - 1"
        />
        <path :d="`M${x(soup.at)} ${band.y + band.drops - 6}h10a5 5 0 0 1 -10 0Z`" />
        <title>Soup from {{ clockAfter(began, soup.at) }}: nothing raw is in it</title>
      </g>
      <g v-for="(moment, i) in band.weak" :key="i" class="weak">
        <path :d="`M${x(moment.fromMinute * 60)} ${band.y + 5}v-4H${x(moment.toMinute * 60)}v4`" />
        <rect
          :x="x(moment.fromMinute * 60)"
          :y="band.y"
          :width="x(moment.toMinute * 60) - x(moment.fromMinute * 60)"
          :height="band.drops"
        />
        <title>{{ moment.text }}</title>
      </g>
      <g v-if="plan.table.ending?.side === band.side.side" class="ending">
        <rect
          :x="x(plan.table.ending.from)"
          :y="band.y + 3"
          :width="x(plan.table.ending.until) - x(plan.table.ending.from)"
          :height="band.drops - 6"
          rx="5"
          :fill="`var(--${band.side.tint})`"
        />
        <title>The end</title>
      </g>
      <g
        v-for="lens in band.lenses"
        :key="lens.piece.key"
        class="lens"
        :class="{ chosen: lens.piece.drop.id === props.chosen, held: isHeld(lens.piece.drop) }"
        :transform="`translate(${shift(lens.piece.drop)} 0)`"
        tabindex="0"
        role="button"
        :data-drop="lens.piece.drop.id"
        :aria-label="`${lens.piece.drop.name}, ${lens.piece.drop.amount}, in at ${clockAfter(began, lens.piece.putIn)}, out at ${clockAfter(began, lens.piece.takeOut)}${lens.piece.drop.pinned ? ', pinned' : ''}`"
        @pointerdown="press($event, lens.piece.drop)"
        @keydown.enter.prevent="emit('choose', lens.piece.drop.id)"
        @keydown.left.prevent="step(lens.piece.drop, -1)"
        @keydown.right.prevent="step(lens.piece.drop, 1)"
      >
        <rect
          :x="x(lens.piece.putIn) - 2"
          :y="lens.y - lane / 2"
          :width="Math.max(26, x(lens.piece.takeOut) - x(lens.piece.putIn) + 10)"
          :height="lane"
          class="grip"
        />
        <text :x="lens.labelX" :y="lens.y + 4" class="name">{{ labelOf(lens.piece.drop) }}</text>
        <line
          :x1="x(lens.piece.putIn)"
          :x2="x(lens.piece.ready)"
          :y1="lens.y"
          :y2="lens.y"
          class="stem"
          :stroke="`var(--${band.side.tint})`"
        />
        <path
          :d="lensPath(scale, lens.piece, lens.y, half)"
          :fill="`var(--${band.side.tint})`"
          class="body"
        />
        <line
          :x1="x(lens.piece.takeOut)"
          :x2="x(lens.piece.takeOut)"
          :y1="lens.y - 5.5"
          :y2="lens.y + 5.5"
          class="out"
        />
        <line
          v-if="moved.has(lens.piece.drop.id)"
          :x1="x(lens.piece.putIn)"
          :x2="x(moved.get(lens.piece.drop.id) ?? 0)"
          :y1="lens.y"
          :y2="lens.y"
          class="would"
          marker-end="url(#would-go)"
        />
        <circle v-if="lens.piece.drop.pinned" :cx="x(lens.piece.putIn)" :cy="lens.y" r="4" class="pin" />
      </g>
      <g
        v-for="dip in band.dips"
        :key="dip.key"
        class="dip"
        :class="{ chosen: dip.drops.some((drop) => drop.id === props.chosen) }"
        tabindex="0"
        role="button"
        :data-drop="dip.drops[0]?.id"
        :aria-label="`Dipped from ${clockAfter(began, dip.from)}: ${spellName(dip)}`"
        @click="dip.drops[0] && emit('choose', dip.drops[0].id)"
        @keydown.enter.prevent="dip.drops[0] && emit('choose', dip.drops[0].id)"
      >
        <rect
          :x="x(dip.from) - 3"
          :y="dip.y - 7"
          :width="Math.max(20, x(dip.to) - x(dip.from) + 6)"
          height="14"
          class="grip"
        />
        <rect
          :x="x(dip.from)"
          :y="dip.y - half * 0.8"
          :width="Math.max(half * 1.6, x(dip.to) - x(dip.from))"
          :height="half * 1.6"
          :rx="half * 0.8"
          :fill="`var(--${band.side.tint})`"
          class="body"
        />
        <text :x="Math.max(x(dip.to), x(dip.from) + half * 1.6) + 4" :y="dip.y + 4" class="name dipped">
          {{ dip.label }}
        </text>
      </g>
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
.name {
  font: 500 12px var(--text);
  fill: var(--soft);
  text-anchor: middle;
}

.band {
  opacity: 0.11;
}

.name {
  text-anchor: start;
  font-size: 11px;
  fill: var(--ink);
}

.name.dipped {
  fill: var(--soft);
}

.ending {
  opacity: 0.45;
}

.dip {
  cursor: pointer;
  outline: none;
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
.lens.chosen .grip,
.dip:hover .grip,
.dip.chosen .grip {
  fill: var(--sheet);
  opacity: 0.7;
}

.lens:focus-visible .grip,
.dip:focus-visible .grip {
  stroke: var(--rim);
  stroke-width: 2.5;
}

.lens.held {
  cursor: grabbing;
}

/* from where it goes in to where it would */
.would {
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-dasharray: 4 3;
}

.would-head {
  fill: var(--ink);
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

.playhead {
  stroke: var(--ink);
  stroke-width: 1.5;
}

.playhead-top {
  fill: var(--ink);
}

.weak path {
  fill: none;
  stroke: var(--warn);
  stroke-width: 2;
}

.weak rect {
  fill: var(--warn);
  opacity: 0.12;
}

.soup line {
  stroke: var(--ink);
  stroke-width: 1.5;
  opacity: 0.35;
}

.soup path {
  fill: var(--ink);
}
</style>
