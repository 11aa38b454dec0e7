<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useDisplay } from 'vuetify'
import type { PrepTask } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { clockText, localMs } from '@/ui/time'
import BandBlock from './BandBlock.vue'
import { bands, chartStart, snapped, ticks, toTime, toX, type Band, type Block, type Scale } from './bands'

/**
 * Cooks, rings, boards and what runs by itself as bands, counted back from sitting down. A task is dragged to another
 * time or cook, or moved by the arrow keys; either is a pin.
 */
const props = defineProps<{ now: number; chosen?: string }>()
const emit = defineEmits<{
  choose: [task: string]
  move: [task: PrepTask, minutesBefore: number, cook?: string]
  preview: [task: PrepTask, minutesBefore: number, cook?: string]
}>()

const COOK_ROW = 40
const PLACE_ROW = 22
const GAP = 6
const TOP = 40
const MINUTE = 60_000
const SLIP = 4
const { brief, plan } = useOpenParty()
const { mobile } = useDisplay()
const svg = ref<SVGSVGElement>()
const frame = ref<HTMLElement>()
const drag = ref<{ task: PrepTask; fromX: number; x: number; y: number }>()

const width = computed(() => (mobile.value ? 1000 : 780))
const sitDown = computed(() => localMs(brief.value.sitDown))
const scale = computed<Scale>(() => ({
  from: chartStart(plan.value.prep.tasks, sitDown.value),
  to: Math.max(sitDown.value, localMs(plan.value.prep.readyAt)) + 8 * MINUTE,
  left: 96,
  right: width.value - 26,
}))
const x = (at: number) => toX(scale.value, Math.max(at, scale.value.from))
const rowHeight = (band: Band) => (band.cook ? COOK_ROW : PLACE_ROW)
const laid = computed(() => {
  let y = TOP
  return bands(brief.value, plan.value.prep, scale.value.from).map((band) => {
    const height = band.rows * rowHeight(band) + 4
    const placed = { band, y, height }
    y += height + GAP
    return placed
  })
})
const height = computed(() => {
  const last = laid.value.at(-1)
  return last ? last.y + last.height + 4 : 80
})
const earlier = computed(() =>
  plan.value.prep.tasks.filter((task) => localMs(task.endsAt) <= scale.value.from),
)
const tints = computed(() => new Map(plan.value.broths.sides.map((side) => [side.broth, side.tint])))
const tintOf = (task: PrepTask) => (task.broth ? tints.value.get(task.broth) : undefined)
const blockWidth = (block: Block) => Math.max(4, x(block.to) - x(block.from) - 1)
const spoken = (task: PrepTask) =>
  `${task.what}, ${clockText(task.startsAt)} to ${clockText(task.endsAt)}${task.pinned ? ', pinned' : ''}${task.critical ? ', leaves no room' : ''}`

function point(event: PointerEvent): { x: number; y: number } {
  const box = svg.value?.getBoundingClientRect()
  if (!box) return { x: 0, y: 0 }
  return {
    x: ((event.clientX - box.left) / box.width) * width.value,
    y: ((event.clientY - box.top) / box.height) * height.value,
  }
}

function press(event: PointerEvent, task: PrepTask): void {
  svg.value?.setPointerCapture(event.pointerId)
  const at = point(event)
  drag.value = { task, fromX: at.x, x: at.x, y: at.y }
}

function slide(event: PointerEvent): void {
  if (!drag.value) return
  Object.assign(drag.value, point(event))
  const to = target()
  if (to && isMovable(drag.value.task)) emit('preview', drag.value.task, to.minutes, to.cook)
}

/** Where the chart is wider than the screen it opens at now. */
onMounted(() => {
  const box = frame.value
  if (box) box.scrollLeft = (x(props.now) / width.value) * box.scrollWidth - box.clientWidth / 3
})

const isMovable = (task: PrepTask) => !task.fixed && task.state === 'PLANNED'

/** Where the dragged task would go; undefined for a tap. */
function target(): { minutes: number; cook?: string } | undefined {
  const gesture = drag.value
  if (!gesture) return undefined
  const shift = gesture.x - gesture.fromX
  const under = laid.value.find(({ y, height }) => gesture.y >= y && gesture.y < y + height)?.band.cook
  const cook = under && under !== gesture.task.cook ? under : undefined
  if (Math.abs(shift) < SLIP && !cook) return undefined
  const start = localMs(gesture.task.startsAt)
  const at = Math.abs(shift) < SLIP ? start : toTime(scale.value, toX(scale.value, start) + shift)
  return { minutes: snapped(sitDown.value, at, Math.abs(shift) < SLIP ? 1 : 5), cook }
}

function release(): void {
  const gesture = drag.value
  const to = target()
  drag.value = undefined
  if (!gesture) return
  if (!to || !isMovable(gesture.task)) emit('choose', gesture.task.id)
  else emit('move', gesture.task, to.minutes, to.cook)
}

function step(task: PrepTask, minutes: number): void {
  if (isMovable(task)) emit('move', task, Math.max(0, Math.round(task.before.value) - minutes))
}

function otherCook(task: PrepTask, by: number): void {
  const cooks = plan.value.prep.cooks
  const at = cooks.findIndex((cook) => cook.cook === task.cook)
  const next = cooks[(at + by + cooks.length) % cooks.length]
  if (isMovable(task) && next && next.cook !== task.cook)
    emit('move', task, Math.round(task.before.value), next.cook)
}

const shiftOf = (block: Block, band: Band) =>
  band.cook && drag.value?.task.id === block.task.id
    ? `translate(${drag.value.x - drag.value.fromX} 0)`
    : undefined
</script>

<template>
  <div class="chart">
    <ul v-if="earlier.length > 0" class="earlier" aria-label="Before that">
      <li v-for="task in earlier" :key="task.id">
        <button type="button" class="chip faint" @click="emit('choose', task.id)">
          {{
            task.startsAt.slice(0, 10) === brief.sitDown.slice(0, 10)
              ? ''
              : `${new Date(localMs(task.startsAt)).toUTCString().slice(0, 3)} `
          }}{{ clockText(task.startsAt) }} {{ task.what }}<template v-if="task.state === 'DONE'"> ✓</template>
        </button>
      </li>
    </ul>
    <div ref="frame" class="scroll">
      <svg
        ref="svg"
        :viewBox="`0 0 ${width} ${height}`"
        :style="{ minWidth: mobile ? `${width}px` : undefined }"
        role="group"
        aria-label="Prep on the clock"
        @pointermove="slide"
        @pointerup="release"
        @pointercancel="drag = undefined"
      >
        <g v-for="tick in ticks(scale, sitDown)" :key="tick.at">
          <line
            :x1="x(tick.at)"
            :x2="x(tick.at)"
            :y1="TOP - 6"
            :y2="height"
            class="tick"
            :class="{ hour: tick.name }"
          />
          <text v-if="tick.name" :x="x(tick.at)" y="13" class="back">{{ tick.name }}</text>
          <text v-if="tick.name" :x="x(tick.at)" y="28" class="clock">
            {{ new Date(tick.at).toISOString().slice(11, 16) }}
          </text>
        </g>
        <g v-for="{ band, y, height: tall } in laid" :key="band.key">
          <rect
            :x="scale.left"
            :y="y"
            :width="scale.right - scale.left"
            :height="tall"
            rx="7"
            class="band"
            :class="{ under: drag && band.cook && drag.y >= y && drag.y < y + tall }"
          />
          <text v-if="band.idle" :x="scale.left + 10" :y="y + 26" class="words">{{ band.idle }}</text>
          <text x="2" :y="y + (band.cook ? 25 : 17)" class="label" :class="{ cook: band.cook }">
            {{ band.label }}
          </text>
          <g
            v-for="block in band.blocks"
            :key="block.task.id"
            class="block"
            :class="{ still: !band.cook || !isMovable(block.task) }"
            :transform="shiftOf(block, band)"
            :tabindex="band.cook ? 0 : undefined"
            :role="band.cook ? 'button' : undefined"
            :data-task="band.cook ? block.task.id : undefined"
            :aria-label="band.cook ? spoken(block.task) : undefined"
            @pointerdown="press($event, block.task)"
            @keydown.enter.prevent="emit('choose', block.task.id)"
            @keydown.left.prevent="step(block.task, -5)"
            @keydown.right.prevent="step(block.task, 5)"
            @keydown.up.prevent="otherCook(block.task, -1)"
            @keydown.down.prevent="otherCook(block.task, 1)"
          >
            <BandBlock
              :task="block.task"
              :x="x(block.from)"
              :y="y + 2 + block.row * rowHeight(band)"
              :width="blockWidth(block)"
              :height="rowHeight(band) - (band.cook ? 0 : 3)"
              :tint="tintOf(block.task)"
              :still="!band.cook"
              :chosen="block.task.id === chosen"
              :spoken="spoken(block.task)"
            />
          </g>
        </g>
        <line
          v-if="props.now > scale.from && props.now < scale.to"
          :x1="x(props.now)"
          :x2="x(props.now)"
          :y1="TOP - 10"
          :y2="height"
          class="now"
        />
        <line :x1="x(sitDown)" :x2="x(sitDown)" :y1="TOP - 6" :y2="height" class="sit" />
      </svg>
    </div>
    <p class="quiet key">
      <span class="swatch critical-key" /> leaves no room · drag a task to another time or cook, or use the
      arrow keys
    </p>
  </div>
</template>

<style scoped>
.earlier {
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.scroll {
  overflow-x: auto;
}

svg {
  display: block;
  width: 100%;
  touch-action: pan-x pan-y;
  user-select: none;
}

.tick {
  stroke: var(--hair);
  stroke-width: 0.7;
}

.tick.hour {
  stroke-width: 1.4;
}

.back {
  font: 650 13px var(--head);
  text-anchor: middle;
  fill: var(--ink);
}

.clock {
  font: 400 12px var(--text);
  text-anchor: middle;
  fill: var(--soft);
}

.band {
  fill: var(--well);
}

.band.under {
  stroke: var(--rim);
  stroke-width: 2;
  stroke-dasharray: 5 4;
}

.label {
  font: 500 13px var(--text);
  fill: var(--soft);
}

.label.cook {
  font: 650 16px var(--head);
  fill: var(--ink);
}

.block {
  cursor: grab;
  outline: none;
}

.block.still {
  cursor: pointer;
}

.words {
  font: 500 12px var(--text);
  fill: var(--ink);
}

.now {
  stroke: var(--now);
  stroke-width: 2.5;
}

.sit {
  stroke: var(--rim);
  stroke-width: 2.5;
}

.key {
  font-size: 13px;
  padding: 4px 0 12px;
}

.critical-key {
  border: 2px solid var(--ink);
  border-radius: 4px;
  vertical-align: -2px;
}

@media print {
  .chart {
    display: none;
  }
}
</style>
