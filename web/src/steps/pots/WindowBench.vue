<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import { latest } from '@/party/latest'
import { useOpenParty } from '@/party/useOpenParty'
import ChipChoice from '@/ui/ChipChoice.vue'
import { length, wholeDegrees } from '@/ui/units'
import {
  bestPath,
  corePath,
  duration,
  problemOf,
  SHAPES,
  sizesFor,
  startOf,
  ticks,
  xAt,
  yAt,
  type BenchWindow,
} from './bench'

/** Any cut, any shape and size, from any start in any broth: its core, when it is safe and ready, how it declines. */
const emit = defineEmits<{ close: [] }>()
const { brief, plan, catalogue } = useOpenParty()
const open = ref(true)

const USUAL_SALT_PERCENT = 0.9
const COOLEST_C = 75
const STARTS = [
  { value: '5', label: 'from the fridge' },
  { value: '20', label: 'from the table' },
  { value: '-18', label: 'from the freezer' },
] as const
const BASES: Record<BenchWindow['basis'], string> = {
  HEAT: 'from heat reaching the core',
  SOFTENING: 'from softening: the catalogue’s time, by thickness and temperature',
  STATED: 'from what the catalogue states',
}

const onMenu = computed(() => new Set(plan.value.portions.cuts.map((c) => c.cut)))
const cuts = computed(() =>
  catalogue.value.cuts
    .filter((cut) => !cut.id.endsWith('.own'))
    .map((cut) => {
      const name = catalogue.value.ingredients.find((i) => i.id === cut.ingredient)?.name ?? cut.ingredient
      return { cut, name: cut.name ? `${name}, ${cut.name}` : name }
    }),
)
const groups = computed(() => [
  { label: 'On the menu', cuts: cuts.value.filter((c) => onMenu.value.has(c.cut.id)) },
  { label: 'All others', cuts: cuts.value.filter((c) => !onMenu.value.has(c.cut.id)) },
])
const chosen = ref(groups.value[0]?.cuts[0]?.cut.id ?? cuts.value[0]?.cut.id ?? '')
const cut = computed(() => cuts.value.find((c) => c.cut.id === chosen.value)?.cut)
const shape = ref(cut.value?.shape ?? 'SLAB')
const sizes = ref([...(cut.value?.dimensionsMm ?? [2])])
const start = ref<number>(cut.value ? startOf(cut.value) : 5)
const broth = ref(98)
const altitude = ref(brief.value.altitudeM)
const found = ref<BenchWindow>()
const problem = ref('')
const shapes = computed(() => (SHAPES.some((s) => s.value === cut.value?.shape) ? SHAPES : []))
const sizeNames = computed(() => SHAPES.find((s) => s.value === shape.value)?.sizes ?? ['thick'])

watch(chosen, () => {
  if (!cut.value) return
  shape.value = cut.value.shape
  sizes.value = [...cut.value.dimensionsMm]
  start.value = startOf(cut.value)
})

function reshape(next: typeof shape.value): void {
  sizes.value = sizesFor(next, sizes.value)
  shape.value = next
}

const frame = computed(() => ({
  left: 56,
  top: 14,
  width: 578,
  height: 232,
  seconds: Math.max(found.value?.points.at(-1)?.second ?? 1, 1),
  coldest: Math.min(0, start.value),
  hottest: 105,
}))

/** A simmer 2 K below the boil of lightly salted broth, so high up. */
const climb = latest<{ altitudeM: number; saltPercent: number }, { celsius: number }>(
  (place) => ask(api.POST('/api/heat/boiling-point', { body: place })),
  ({ celsius }) => (broth.value = Math.max(COOLEST_C, Math.floor(2 * celsius - 4) / 2)),
  (e) => (problem.value = e instanceof Error ? e.message : String(e)),
)

if (altitude.value !== 0) void climb({ altitudeM: altitude.value, saltPercent: USUAL_SALT_PERCENT })

type Request = Parameters<typeof problemOf>
const look = latest<Request, BenchWindow>(
  ([c, settings]) => ask(api.POST('/api/heat/window', { body: problemOf(c, settings) })),
  (window) => {
    found.value = window
    problem.value = ''
  },
  (e) => {
    found.value = undefined
    problem.value = e instanceof Error ? e.message : String(e)
  },
)

watch(
  [cut, shape, sizes, start, broth],
  () => {
    if (!cut.value) return
    void look([
      cut.value,
      { shape: shape.value, sizesMm: [...sizes.value], startC: start.value, brothC: broth.value },
    ])
  },
  { immediate: true, deep: true },
)
</script>

<template>
  <v-dialog v-model="open" max-width="760" scrollable @after-leave="emit('close')">
    <v-card>
      <div class="top">
        <h2>Window bench</h2>
        <v-btn color="primary" @click="open = false">Done</v-btn>
      </div>
      <div v-if="cut" class="body">
        <select v-model="chosen" class="line-input" aria-label="Cut">
          <optgroup v-for="group in groups" :key="group.label" :label="group.label">
            <option v-for="c in group.cuts" :key="c.cut.id" :value="c.cut.id">{{ c.name }}</option>
          </optgroup>
        </select>
        <p class="key" role="status">
          <template v-if="found">
            <b>{{ duration(found.ready) }}</b> ready, best until {{ duration(found.bestUntil) }}, overcooked
            from
            {{ duration(found.overcooked) }}
            <span class="quiet">
              · {{ duration(found.early) }} to {{ duration(found.late) }} by thickness and stir ·
              {{ found.cue }}
            </span>
          </template>
          <span v-else class="unmet">{{ problem || 'Computing …' }}</span>
        </p>
        <svg
          v-if="found"
          viewBox="0 0 650 274"
          role="img"
          :aria-label="`Ready after ${duration(found.ready)}, best until ${duration(found.bestUntil)}`"
        >
          <rect
            class="band"
            :x="xAt(frame, found.early)"
            y="14"
            :width="Math.max(1, xAt(frame, found.late) - xAt(frame, found.early))"
            height="232"
          />
          <g class="grid">
            <template v-for="c in [0, 20, 40, 60, 80, 100]" :key="c">
              <path :d="`M56 ${yAt(frame, c)}H634`" />
              <text x="48" :y="yAt(frame, c) + 4" class="right">
                {{ wholeDegrees(brief.units, c).split(' ')[0] }}
              </text>
            </template>
            <template v-for="t in ticks(frame.seconds)" :key="t">
              <path :d="`M${xAt(frame, t)} 246v5`" />
              <text :x="xAt(frame, t)" y="266" class="middle">{{ duration(t) }}</text>
            </template>
          </g>
          <text x="60" y="11" class="axis">core, {{ brief.units === 'METRIC' ? '°C' : '°F' }}</text>
          <template v-if="found.safeCoreC">
            <path class="safe" :d="`M56 ${yAt(frame, found.safeCoreC)}H634`" />
            <text class="mark right" x="632" :y="yAt(frame, found.safeCoreC) - 5">
              safe at {{ wholeDegrees(brief.units, found.safeCoreC) }}
            </text>
          </template>
          <path
            v-if="found.pleasantCoreC && found.pleasantCoreC !== found.safeCoreC"
            class="wanted"
            :d="`M56 ${yAt(frame, found.pleasantCoreC)}H634`"
          />
          <path class="best" :d="bestPath(frame, found.points, found.ready)" />
          <path class="ready" :d="`M${xAt(frame, found.ready)} 14V246`" />
          <text class="mark" :x="xAt(frame, found.ready) + 5" y="26">ready</text>
          <path class="ready" :d="`M${xAt(frame, found.overcooked)} 40V246`" />
          <text class="mark right" :x="xAt(frame, found.overcooked) - 5" y="212">overcooked</text>
          <path class="curve" :d="corePath(frame, found.points)" />
        </svg>
        <div v-if="shapes.length > 0" class="choice-row">
          <ChipChoice :options="shapes" :on="shape" @choose="reshape" />
        </div>
        <div class="sliders">
          <label v-for="(name, i) in sizeNames" :key="name">
            <span
              >{{ name }} <b>{{ length(brief.units, sizes[i] ?? 0) }}</b></span
            >
            <input v-model.number="sizes[i]" type="range" min="0.5" max="60" step="0.5" />
          </label>
          <label>
            <span
              >broth <b>{{ wholeDegrees(brief.units, broth) }}</b></span
            >
            <input v-model.number="broth" type="range" :min="COOLEST_C" max="102" step="0.5" />
          </label>
          <label>
            <span
              >that simmers at <b>{{ altitude }} m</b></span
            >
            <input
              v-model.number="altitude"
              type="range"
              min="0"
              max="4000"
              step="100"
              @input="climb({ altitudeM: altitude, saltPercent: USUAL_SALT_PERCENT })"
            />
          </label>
          <label>
            <span
              >starts at <b>{{ wholeDegrees(brief.units, start) }}</b></span
            >
            <input v-model.number="start" type="range" min="-18" max="25" step="1" />
          </label>
        </div>
        <div class="choice-row">
          <ChipChoice :options="STARTS" :on="String(start)" @choose="(s) => (start = Number(s))" />
          <button
            type="button"
            class="chip faint"
            @click="(reshape(cut.shape), (sizes = [...cut.dimensionsMm]))"
          >
            As in the catalogue
          </button>
        </div>
        <p v-if="found" class="caution">
          Computed {{ BASES[found.basis] }}.
          {{ cut.byHand ? 'A slice counts folded in the chopsticks. ' : '' }}One piece covered by broth of one
          temperature; it changes no plan. Thicker or thinner for this party is set beside the cut. Check a
          first piece with a thermometer; local rules and makers come first.
        </p>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.top {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding-bottom: 8px;
}

.body {
  overflow: auto;
  display: grid;
  grid-auto-rows: max-content;
  gap: 10px;
}

select option {
  color: initial;
}

.key b {
  font: 650 26px var(--head);
}

svg {
  width: 100%;
  aspect-ratio: 650 / 274;
  display: block;
}

.grid path {
  stroke: var(--hair);
  fill: none;
}

.grid text,
.axis {
  font: 400 12.5px var(--text);
  fill: var(--soft);
}

.right {
  text-anchor: end;
}

.middle {
  text-anchor: middle;
}

.curve {
  fill: none;
  stroke: var(--rim);
  stroke-width: 3;
}

.best {
  fill: var(--rim);
  opacity: 0.75;
}

.band {
  fill: var(--hair);
  opacity: 0.7;
}

.mark {
  font: 600 12.5px var(--text);
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 4px;
}

.wanted {
  fill: none;
  stroke: var(--soft);
  stroke-width: 1.5;
  stroke-dasharray: 1 4;
}

.safe,
.ready {
  fill: none;
  stroke: var(--soft);
  stroke-width: 1.5;
  stroke-dasharray: 5 4;
}

circle {
  fill: var(--sheet);
  stroke: var(--rim);
  stroke-width: 3;
}

.sliders {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 6px 24px;
}

.sliders label {
  display: grid;
}

input {
  accent-color: var(--rim);
  min-height: 40px;
  width: 100%;
  margin: 0;
}

.gap {
  width: 16px;
}

@media (max-width: 839px) {
  svg {
    overflow: visible;
  }

  .grid text,
  .axis,
  .mark {
    font-size: 21px;
  }

  .gap {
    width: 100%;
  }
}
</style>
