<script setup lang="ts">
import { computed, ref } from 'vue'
import { sideName } from '@/party/sideNames'
import { useOpenParty } from '@/party/useOpenParty'
import type { StepName } from '@/app/router'
import { foodAt, isCarried, isDone, setPlates, shoppingShare } from './matter'
import {
  HEIGHT,
  placePots,
  platePlace,
  sideLabel,
  seats,
  sideMiddle,
  tableShape,
  thread,
  WIDTH,
  type Point,
} from './geometry'
import PlaceCard from './PlaceCard.vue'
import PotShape from './PotShape.vue'

/** The table from above. What it shows beside pots and places is the current step's own matter. */
const props = defineProps<{
  step: StepName
  /** Minute of the evening the sequence is looked at [s from sitting down]. */
  second: number
  /** The guest whose threads stand out. */
  guest?: string
}>()
const emit = defineEmits<{
  guest: [id: string | undefined]
  swap: [from: string, to: string]
}>()

const { brief, plan, catalogue } = useOpenParty()
const picked = ref<string>()
const dragged = ref<string>()
const svg = ref<SVGSVGElement>()

const seated = computed(() => seats(brief.value.guests.length))

const pots = computed(() => {
  const placed = placePots(
    brief.value.pots.map((pot) => pot.capacityMl),
    seated.value,
  )
  return brief.value.pots.map((pot, p) => {
    const place = placed[p] as ReturnType<typeof placePots>[number]
    const n = pot.sides.length
    return {
      pot,
      place,
      sides: pot.sides.map((side, i) => {
        const planned = plan.value.broths.sides.find((s) => s.side === side.id)
        return {
          id: side.id,
          name: `${planned?.brothName ?? side.broth} in ${pot.name}`,
          tint: planned?.tint ?? 'kelp',
          middle: sideMiddle(place, i, n),
          label: sideLabel(planned?.brothName ?? side.broth),
          opacity: isSet(side.broth) ? 1 : 0.2,
        }
      }),
    }
  })
})

const middles = computed(
  () =>
    new Map<string, { at: Point; tint: string }>(
      pots.value.flatMap((pot) =>
        pot.sides.map((side) => [side.id, { at: side.middle, tint: side.tint }] as const),
      ),
    ),
)

/** During prep a side stays pale until its broth has been carried to the table. */
const isSet = (broth: string) => props.step !== 'prep' || isCarried(plan.value, broth)

const plates = computed(() => setPlates(plan.value))
const laid = computed(() => isDone(plan.value, 'table:lay'))

const places = computed(() => {
  return brief.value.guests.map((guest, i) => {
    const at = seated.value.at[i] as Point
    const pace = plan.value.table.guests.find((g) => g.guest === guest.id)
    return {
      guest,
      at,
      sides: pace?.sides ?? [],
      bought: shoppingShare(plan.value, catalogue.value.cuts, guest.id),
    }
  })
})

const food = computed(() =>
  props.step === 'table' ? foodAt(plan.value.table.drops, props.second) : undefined,
)

const caption = computed(() => {
  const chosen = places.value.find((place) => place.guest.id === props.guest)
  if (props.step === 'guests' && chosen) {
    const names = chosen.sides.map((id) => sideName(brief.value, plan.value, id).toLowerCase())
    return names.length > 0
      ? `${chosen.guest.name} eats from ${names.join(', ')}.`
      : `No side is open to ${chosen.guest.name}.`
  }
  const sides = brief.value.pots.flatMap((pot) => pot.sides).length
  return props.step === 'pots' && sides < 2 ? '' : CAPTIONS[props.step]
})
const CAPTIONS: Record<StepName, string> = {
  guests: 'A thread leads to each side a guest can eat from.',
  pots: 'Drag a broth onto another to swap them, or tap one, then the other.',
  ingredients: 'Each ring is a full plate; a gap is hunger.',
  sauces: 'A dish with a stroke does not suit that guest.',
  shopping: 'Places light up as their food is bought.',
  prep: 'The table sets itself as tasks are done.',
  table: 'What lies in each side at the minute you look at.',
  afterwards: 'The table as it was planned; say beside it what came of it.',
}

/** Tapping, or Enter: one side, then the other. */
function tap(id: string): void {
  if (picked.value && picked.value !== id) {
    emit('swap', picked.value, id)
    picked.value = undefined
  } else {
    picked.value = picked.value === id ? undefined : id
  }
}

function press(event: PointerEvent, id: string): void {
  if (props.step !== 'pots') return
  svg.value?.setPointerCapture(event.pointerId)
  dragged.value = id
}

function release(event: PointerEvent): void {
  const from = dragged.value
  dragged.value = undefined
  if (!from) return
  const under = document.elementFromPoint(event.clientX, event.clientY)?.closest<SVGElement>('[data-side]')
  const to = under?.dataset.side
  if (to === from) tap(from)
  else if (to) {
    emit('swap', from, to)
    picked.value = undefined
  }
}
</script>

<template>
  <figure class="drawn">
    <svg
      ref="svg"
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="group"
      aria-label="The table from above"
      @pointerup="release"
    >
      <rect
        :x="tableShape.x"
        :y="tableShape.y"
        :width="tableShape.width"
        :height="tableShape.height"
        :rx="tableShape.corner"
        class="wood"
      />
      <g v-if="step === 'guests'" class="threads">
        <template v-for="place in places" :key="place.guest.id">
          <path
            v-for="side in place.sides"
            :key="side"
            :d="thread(place.at, middles.get(side)?.at ?? place.at)"
            :stroke="`var(--${middles.get(side)?.tint})`"
            :class="{ bold: place.guest.id === guest, dim: guest && place.guest.id !== guest }"
          />
        </template>
      </g>
      <g v-if="step === 'prep'">
        <circle
          v-for="(plate, k) in plates"
          :key="plate.id"
          :cx="platePlace(k, plates.length).x"
          :cy="platePlace(k, plates.length).y"
          r="9"
          class="plate"
          :class="{ set: plate.isSet }"
          :style="{ '--food': `var(--plate-${plate.category.toLowerCase()})` }"
        />
      </g>
      <g v-for="{ pot, place, sides } in pots" :key="pot.id">
        <PotShape
          :place="place"
          :sides="sides"
          :food="food"
          :pickable="step === 'pots'"
          :picked="[picked, dragged].filter((id) => id !== undefined)"
          @press="press"
          @tap="tap"
        />
        <g v-if="step === 'pots'" class="names">
          <g v-for="side in sides" :key="side.id" :transform="`translate(${side.middle.x} ${side.middle.y})`">
            <rect
              :x="-side.label.width / 2"
              :y="-8 * side.label.lines.length"
              :width="side.label.width"
              :height="16 * side.label.lines.length"
              rx="6"
            />
            <text
              v-for="(words, k) in side.label.lines"
              :key="k"
              :y="16 * (k - side.label.lines.length / 2) + 12"
            >
              {{ words }}
            </text>
          </g>
        </g>
      </g>
      <g
        v-for="place in places"
        :key="place.guest.id"
        :style="step === 'shopping' ? { opacity: 0.35 + 0.65 * place.bought } : undefined"
        :transform="`translate(${place.at.x} ${place.at.y}) scale(${seated.scale})`"
        @pointerenter="emit('guest', place.guest.id)"
        @pointerleave="emit('guest', undefined)"
      >
        <PlaceCard
          :step="step"
          :guest="place.guest"
          :chosen="place.guest.id === guest"
          :bare="step === 'prep' && !laid"
          :closed="place.sides.length === 0"
        />
      </g>
    </svg>
    <figcaption>{{ caption }}</figcaption>
  </figure>
</template>

<style scoped>
.drawn {
  margin: 0;
  display: flex;
  flex-direction: column;
  align-items: center;
  min-height: 0;
  height: 100%;
  --plate-meat: #b4544a;
  --plate-seafood: #d98f6f;
  --plate-balls: #b98a3e;
  --plate-tofu: #cfb87c;
  --plate-mushrooms: #8d7763;
  --plate-leaves: #5d9460;
  --plate-roots: #c9832f;
  --plate-starch: #8b93a8;
}

svg {
  flex: 1;
  min-height: 0;
  width: 100%;
  touch-action: manipulation;
}

figcaption {
  font-size: 13.5px;
  color: var(--soft);
  padding: 4px 12px 8px;
  text-align: center;
}

.wood {
  fill: var(--sheet);
  stroke: var(--hair);
  stroke-width: 2;
}

.plate {
  fill: none;
  stroke: var(--hair);
  stroke-width: 1.6;
  stroke-dasharray: 3 3;
}

.plate.set {
  fill: var(--food);
  stroke: var(--sheet);
  stroke-width: 3;
  stroke-dasharray: none;
}

.threads path {
  fill: none;
  stroke-width: 1.8;
  opacity: 0.6;
}

.threads path.bold {
  stroke-width: 4;
  opacity: 1;
}

.threads path.dim {
  opacity: 0.14;
}

.names {
  pointer-events: none;
}

.names rect {
  fill: var(--sheet);
  stroke: var(--rim);
}

.names text {
  font: 600 12px var(--text);
  text-anchor: middle;
  fill: var(--ink);
}

@media (max-width: 839px) {
  figcaption {
    display: none;
  }
}
</style>
