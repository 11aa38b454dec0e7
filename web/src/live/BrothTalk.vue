<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Said } from '@/api/types'
import { sideNames } from '@/party/sideNames'
import { useOpenParty } from '@/party/useOpenParty'
import { broth, CUP_ML, degrees, weight } from '@/ui/units'
import { useScale } from '@/ui/useScale'
import ChipChoice from '@/ui/ChipChoice.vue'
import TickBox from '@/ui/TickBox.vue'
import type { Probe } from './useProbe'

/** What is done to a broth, or measured in it, that the plan cannot know. */
const props = defineProps<{ probe: Probe }>()
const emit = defineEmits<{ say: [event: Said, text: string] }>()
const { brief, plan } = useOpenParty()

const sides = computed(() => sideNames(brief.value, plan.value))
const side = ref(sides.value[0]?.value ?? '')
const label = computed(() => sides.value.find((one) => one.value === side.value)?.label ?? '')
const pot = computed(() => brief.value.pots.find((one) => one.sides.some((own) => own.id === side.value)))
const isMetric = computed(() => brief.value.units === 'METRIC')
const foreseen = computed(() => plan.value.table.now.sides.find((one) => one.side === side.value))

const amounts = computed(() =>
  isMetric.value
    ? [100, 250, 500].map((ml) => ({ value: String(ml), label: `${ml} ml` }))
    : [0.5, 1, 2].map((cups) => ({
        value: String(Math.round(cups * CUP_ML)),
        label: cups === 0.5 ? '½ cup' : cups === 1 ? '1 cup' : `${cups} cups`,
      })),
)
const ml = ref('250')
const HEATS = [
  { value: '0', label: 'Off' },
  { value: '0.25', label: 'A quarter' },
  { value: '0.5', label: 'Half' },
  { value: '0.75', label: 'Three quarters' },
  { value: '1', label: 'Full' },
] as const
const shown = ref<string | number | null>(null)

function read(): void {
  const figure = Number(shown.value)
  const celsius = isMetric.value ? figure : (figure - 32) / 1.8
  emit(
    'say',
    { type: 'READ', side: side.value, celsius },
    `${label.value} is at ${degrees(brief.value.units, celsius)}`,
  )
}

async function askProbe(): Promise<void> {
  const celsius = await props.probe.read(side.value)
  if (celsius !== undefined) shown.value = isMetric.value ? celsius : Math.round(celsius * 1.8 + 32)
}

const amount = computed(() => amounts.value.find((one) => one.value === ml.value)?.label ?? `${ml.value} ml`)
const pour = (what: 'WATER' | 'RESERVE') =>
  emit(
    'say',
    { type: 'POURED', side: side.value, ml: Number(ml.value), what },
    `${amount.value} of ${what === 'WATER' ? 'water' : 'reserve'} into ${label.value}`,
  )

const before = ref<number>()
const scale = useScale()
/** The jug before and after: what is missing was poured. */
async function weigh(): Promise<void> {
  const grams = await scale.grams()
  if (grams === undefined) return
  if (before.value === undefined) {
    before.value = grams
    return
  }
  const poured = Math.round(before.value - grams)
  before.value = undefined
  if (poured > 0) ml.value = String(poured)
  else scale.says.value = 'The jug is no lighter than before.'
}

const setHeat = (share: string, text: string) =>
  pot.value &&
  emit(
    'say',
    { type: 'HEAT_SET', pot: pot.value.id, share: Number(share) },
    `${pot.value.name}: ${text.toLowerCase()}`,
  )
</script>

<template>
  <div class="broth">
    <p class="ask">Which broth?</p>
    <div class="chips" role="group" aria-label="Which broth">
      <ChipChoice :options="sides" :on="side" @choose="side = $event" />
    </div>
    <p v-if="foreseen" class="quiet">
      Foreseen now: {{ degrees(brief.units, foreseen.celsius) }}, {{ broth(brief.units, foreseen.ml) }}.
    </p>

    <p class="ask">A thermometer shows</p>
    <form class="line" @submit.prevent="read">
      <v-text-field
        v-model="shown"
        type="number"
        step="0.1"
        inputmode="decimal"
        :label="`Temperature of ${label}`"
        :suffix="isMetric ? '°C' : '°F'"
        hide-details
      />
      <button type="submit" class="chip" :disabled="shown === null || shown === ''">Record</button>
      <button type="button" class="chip" @click="askProbe">Ask the probe</button>
    </form>
    <p class="tick">
      <TickBox
        :ticked="probe.follows.value"
        label="Ask the probes of all sides every half minute"
        @tick="probe.toggle"
      />
      Ask the probes of all sides every half minute, from this screen
    </p>
    <p v-if="probe.said.value" class="quiet" role="status">{{ probe.said.value }}</p>

    <p class="ask">Poured in</p>
    <div class="chips" role="group" aria-label="How much">
      <ChipChoice :options="amounts" :on="ml" @choose="ml = $event" />
      <button type="button" class="chip" @click="weigh">
        {{ before === undefined ? 'Weigh the jug before' : `${weight(brief.units, before)}; weigh it after` }}
      </button>
    </div>
    <p v-if="scale.says.value" class="quiet" role="status">{{ scale.says.value }}</p>
    <div class="chips">
      <button type="button" class="chip" @click="pour('WATER')">{{ amount }} of water is in</button>
      <button type="button" class="chip" @click="pour('RESERVE')">{{ amount }} of reserve is in</button>
    </div>

    <template v-if="pot">
      <p class="ask">Heat of {{ pot.name }} is now</p>
      <div class="chips" role="group" aria-label="Heat">
        <button
          v-for="heat in HEATS"
          :key="heat.value"
          type="button"
          class="chip"
          @click="setHeat(heat.value, heat.label)"
        >
          {{ heat.label }}
        </button>
      </div>
    </template>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin: 4px 0 8px;
}

.line .v-input {
  flex: 1 1 200px;
}

.tick {
  display: flex;
  gap: 10px;
  align-items: center;
}
</style>
