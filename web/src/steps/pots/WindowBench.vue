<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import { latest } from '@/party/latest'
import { useOpenParty } from '@/party/useOpenParty'
import ChipChoice from '@/ui/ChipChoice.vue'
import { canFreeze, curvePath, duration, isHeated, problemOf, ticks, xAt, yAt, type Curve } from './bench'

/** Any raw cut of the menu in any broth: when its centre is safe, while the sliders move. */
const emit = defineEmits<{ close: [] }>()
const { plan, catalogue } = useOpenParty()
const open = ref(true)

const STARTS = [
  { value: '5', label: 'from the fridge' },
  { value: '20', label: 'from the table' },
  { value: '-18', label: 'from the freezer' },
] as const
const STIRS = [
  { value: '800', label: 'left alone' },
  { value: '1500', label: 'simmering' },
  { value: '3000', label: 'rolling, or swished' },
] as const

const cuts = computed(() =>
  plan.value.portions.cuts.flatMap(({ cut, name }) => {
    const found = catalogue.value.cuts.find((c) => c.id === cut)
    return found && isHeated(found) ? [{ value: cut, label: name, cut: found }] : []
  }),
)
const chosen = ref(cuts.value[0]?.value ?? '')
const cut = computed(() => cuts.value.find((c) => c.value === chosen.value)?.cut)
const size = ref(100)
const start = ref<(typeof STARTS)[number]['value']>('5')
const stir = ref<(typeof STIRS)[number]['value']>('1500')
const broth = ref(98)
const curve = ref<Curve>()
const problem = ref('')

const starts = computed(() => STARTS.filter((s) => s.value !== '-18' || !cut.value || canFreeze(cut.value)))
const mm = computed(() => cut.value?.dimensionsMm.map((d) => Math.round(d * size.value) / 100).join(' × '))
const frame = computed(() => ({
  left: 56,
  top: 14,
  width: 578,
  height: 232,
  seconds: Math.max(curve.value?.points.at(-1)?.second ?? 1, 1),
  coldest: Math.min(0, Number(start.value)),
  hottest: 100,
}))

type Request = Parameters<typeof problemOf>
const fetchCurve = latest<Request, Curve>(
  ([c, settings]) => ask(api.POST('/api/heat/core-curve', { body: problemOf(c, settings) })),
  (found) => {
    curve.value = found
    problem.value = ''
  },
  (e) => {
    curve.value = undefined
    problem.value = e instanceof Error ? e.message : String(e)
  },
)

watch(
  [cut, size, start, stir, broth],
  () => {
    if (!cut.value) return
    const startC = start.value === '-18' && !canFreeze(cut.value) ? 5 : Number(start.value)
    const settings = {
      sizePercent: size.value,
      startC,
      brothC: broth.value,
      surfaceWPerM2K: Number(stir.value),
    }
    void fetchCurve([cut.value, settings])
  },
  { immediate: true },
)
</script>

<template>
  <v-dialog v-model="open" max-width="760" scrollable @after-leave="emit('close')">
    <v-card>
      <div class="top">
        <h2>Window bench</h2>
        <v-btn color="primary" @click="open = false">Done</v-btn>
      </div>
      <div class="body">
        <p v-if="cuts.length === 0" class="quiet">
          Nothing raw is on the menu. Leaves, roots and noodles soften by time; the catalogue says how long.
        </p>
        <template v-else-if="cut">
          <select v-model="chosen" class="line-input" aria-label="Cut">
            <option v-for="c in cuts" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
          <p class="key" role="status">
            <template v-if="curve">
              <b>{{ duration(curve.seconds) }}</b> to {{ cut.safeCoreC }} °C at the centre
              <span class="quiet"
                >· the catalogue says {{ duration(cut.times.safe) }} from its own start</span
              >
            </template>
            <span v-else class="unmet">{{ problem || 'Computing …' }}</span>
          </p>
          <svg
            v-if="curve"
            viewBox="0 0 650 274"
            role="img"
            :aria-label="`Centre temperature: ${cut.safeCoreC} °C after ${duration(curve.seconds)}`"
          >
            <g class="grid">
              <template v-for="c in [0, 20, 40, 60, 80, 100]" :key="c">
                <path :d="`M56 ${yAt(frame, c)}H634`" />
                <text x="48" :y="yAt(frame, c) + 4" class="right">{{ c === 100 ? `${c} °C` : c }}</text>
              </template>
              <template v-for="t in ticks(frame.seconds)" :key="t">
                <path :d="`M${xAt(frame, t)} 246v5`" />
                <text :x="xAt(frame, t)" y="266" class="middle">{{ duration(t) }}</text>
              </template>
            </g>
            <path class="safe" :d="`M56 ${yAt(frame, cut.safeCoreC ?? 70)}H634`" />
            <path class="ready" :d="`M${xAt(frame, curve.seconds)} 14V246`" />
            <path class="curve" :d="curvePath(frame, curve.points)" />
            <circle :cx="xAt(frame, curve.seconds)" :cy="yAt(frame, cut.safeCoreC ?? 70)" r="6" />
          </svg>
          <div class="sliders">
            <label>
              <span
                >Size <b>{{ mm }} mm</b></span
              >
              <input v-model.number="size" type="range" min="40" max="250" step="5" />
            </label>
            <label>
              <span
                >Broth <b>{{ broth }} °C</b></span
              >
              <input v-model.number="broth" type="range" min="75" max="102" step="1" />
            </label>
          </div>
          <div class="choice-row">
            <ChipChoice :options="starts" :on="start" @choose="(s) => (start = s)" />
            <span class="gap"></span>
            <ChipChoice :options="STIRS" :on="stir" @choose="(s) => (stir = s)" />
          </div>
          <p class="caution">
            Computed by conduction into one piece covered by broth, with figures of lean meat. It changes no
            plan: there the catalogue's times hold. Check a first piece with a thermometer; local rules and
            makers come first.
          </p>
        </template>
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

.grid text {
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
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 6px 24px;
}

.sliders label {
  display: grid;
}

input {
  accent-color: var(--rim);
  min-height: 40px;
  width: 100%;
}

.gap {
  width: 16px;
}

@media (max-width: 839px) {
  svg {
    overflow: visible;
  }

  .grid text {
    font-size: 19px;
  }

  .gap {
    width: 100%;
  }
}
</style>
