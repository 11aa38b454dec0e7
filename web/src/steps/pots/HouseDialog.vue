<script setup lang="ts">
import { computed, ref } from 'vue'
import { range } from '@/api/parts'
import type { Kitchen } from '@/api/types'
import { freshId } from '@/party/edits'
import { useOpenParty } from '@/party/useOpenParty'
import { useKept } from '@/ui/useKept'

/** Where the party is: altitude, the kitchen's strongest ring, its fuses, and how salty broths are wanted. */
const emit = defineEmits<{ close: [] }>()
const { party, brief } = useOpenParty()
const open = ref(true)
const altitude = useKept('house altitude', brief.value.altitudeM)
const ring = useKept('house ring', brief.value.kitchen.ringWatts)
const low = useKept('house low', brief.value.saltBand.lowPercent)
const high = useKept('house high', brief.value.saltBand.highPercent)
const circuits = useKept(
  'house circuits',
  JSON.parse(JSON.stringify(brief.value.kitchen.circuits)) as Kitchen['circuits'],
)
const bad = computed(() => {
  if (!(altitude.value >= -400 && altitude.value <= 5000)) return 'Altitude: -400 to 5000 m.'
  if (!(ring.value >= 500 && ring.value <= 6000)) return 'Strongest ring: 500 to 6000 W.'
  if (!(low.value >= 0 && high.value <= 3 && low.value <= high.value))
    return 'Salt: 0 to 3 %, the lower first.'
  const fuse = circuits.value.find((c) => !(c.watts >= 500 && c.watts <= 20000) || !c.name.trim())
  return fuse ? 'A circuit wants a name and 500 to 20 000 W.' : ''
})

function add(): void {
  circuits.value.push({ id: freshId('circuit', circuits.value), name: 'Dining room', watts: 3680 })
}

function keep(): void {
  party.edit('describe the house', (draft) => {
    draft.altitudeM = Math.round(altitude.value)
    draft.saltBand = { lowPercent: low.value, highPercent: high.value }
    draft.kitchen = { ...draft.kitchen, ringWatts: Math.round(ring.value), circuits: circuits.value }
  })
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="520" scrollable @after-leave="emit('close')">
    <v-card>
      <h2>House and salt</h2>
      <div class="dialog-body">
        <div class="two">
          <label class="field">
            <span class="quiet">above sea level, m</span>
            <input
              v-model.number="altitude"
              class="line-input"
              type="number"
              v-bind="range('Brief', 'altitudeM')"
            />
          </label>
          <label class="field">
            <span class="quiet">strongest ring, W</span>
            <input
              v-model.number="ring"
              class="line-input"
              type="number"
              v-bind="range('Kitchen', 'ringWatts')"
              step="100"
            />
          </label>
          <label class="field">
            <span class="quiet">salt in broths from, %</span>
            <input
              v-model.number="low"
              class="line-input"
              type="number"
              v-bind="range('SaltBand', 'lowPercent')"
              step="0.05"
            />
          </label>
          <label class="field">
            <span class="quiet">to, %</span>
            <input
              v-model.number="high"
              class="line-input"
              type="number"
              v-bind="range('SaltBand', 'highPercent')"
              step="0.05"
            />
          </label>
        </div>
        <h3>Circuits for electric pots</h3>
        <div v-for="(circuit, i) in circuits" :key="circuit.id" class="circuit">
          <input v-model="circuit.name" class="line-input" maxlength="40" aria-label="Name of the circuit" />
          <input v-model.number="circuit.watts" class="line-input" type="number" aria-label="Fuse, watts" />
          <span class="quiet">W</span>
          <button
            type="button"
            class="chip faint"
            :aria-label="`Remove ${circuit.name}`"
            @click="circuits.splice(i, 1)"
          >
            Remove
          </button>
        </div>
        <button type="button" class="chip" @click="add">Add a circuit</button>
        <p class="caution">
          Amperes on the fuse times the volts of the socket, less what else hangs on it. An electrician and
          local rules decide.
        </p>
        <p v-if="bad" class="unmet">{{ bad }}</p>
      </div>
      <div class="dialog-foot">
        <v-btn variant="outlined" @click="open = false">Back</v-btn>
        <v-btn color="primary" :disabled="bad !== ''" @click="keep">Keep</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px 20px;
}

.circuit {
  display: grid;
  grid-template-columns: 1fr 90px auto auto;
  gap: 10px;
  align-items: center;
  padding-bottom: 8px;
}
</style>
