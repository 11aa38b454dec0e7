<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { ref } from 'vue'
import { freshId, swapBroths } from '@/party/edits'
import { useOpenParty } from '@/party/useOpenParty'
import StepNotes from '@/ui/StepNotes.vue'
import FigureText from '@/ui/FigureText.vue'
import PotCard from './PotCard.vue'
import WindowBench from './WindowBench.vue'

const { party, brief, plan } = useOpenParty()
/** The side whose broth is picked up, to be put down on another one. */
const picked = ref<string>()
const bench = ref(false)

function pick(side: string): void {
  const from = picked.value
  picked.value = from === side || from ? undefined : side
  if (!from || from === side) return
  party.edit('swap broths', swapBroths(from, side))
}

function addPot(): void {
  party.edit('add a pot', (draft) => {
    const id = freshId('pot', draft.pots)
    draft.pots.push({
      id,
      name: 'Split pot',
      capacityMl: 5200,
      fillPercent: 50,
      basketsPerSide: 4,
      sides: [
        { id: `${id}a`, broth: 'ginger-chicken' },
        { id: `${id}b`, broth: 'kelp-shiitake' },
      ],
    })
  })
}
</script>

<template>
  <div class="head-line">
    <h1>Pots and broths</h1>
    <span v-for="need in plan.broths.needs" :key="need.broth" class="make">
      <span class="quiet">{{ need.name }}</span> <FigureText :figure="need.make" />
    </span>
    <button type="button" class="chip push" @click="bench = true">Window bench</button>
    <v-btn variant="outlined" :prepend-icon="mdiPlus" @click="addPot">Add a pot</v-btn>
  </div>
  <p v-if="picked" class="quiet hint" role="status">Now choose the side to swap it with.</p>
  <div class="pots">
    <PotCard v-for="pot in brief.pots" :key="pot.id" :pot="pot" :picked="picked" @pick="pick" />
  </div>
  <p v-if="brief.pots.length === 0" class="quiet">
    No pot yet: nobody can cook. Add one pot for four to six guests.
  </p>
  <StepNotes step="POTS" />
  <WindowBench v-if="bench" @close="bench = false" />
</template>

<style scoped>
.make {
  font-weight: 600;
  white-space: nowrap;
}

.hint {
  margin-bottom: 8px;
}

.pots {
  display: grid;
  gap: 14px;
}
</style>
