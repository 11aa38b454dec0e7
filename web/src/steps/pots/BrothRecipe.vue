<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BrothNeed } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { ALLERGEN_NAMES } from '@/party/words'
import FigureText from '@/ui/FigureText.vue'

/** A broth as this party makes it: amounts, steps with their times, and what to know. */
const props = defineProps<{ need: BrothNeed }>()
const emit = defineEmits<{ close: []; open: [broth: string] }>()

const { party } = useOpenParty()
const open = ref(true)
const SOURCES: Record<BrothNeed['source'], string> = {
  SCRATCH: 'from scratch',
  PACKET: 'packet or paste and water',
  STOCK: 'ready-made stock and aromatics',
  WATER: 'water that becomes broth',
}
const holds = computed(() => {
  const names = ALLERGEN_NAMES.filter((a) => props.need.allergens.includes(a.value)).map((a) => a.label)
  return names.length === 0 ? 'None of the fourteen allergens.' : `Holds ${names.join(', ')}.`
})
</script>

<template>
  <v-dialog v-model="open" max-width="640" scrollable @after-leave="emit('close')">
    <v-card>
      <div class="top">
        <h2>{{ need.name }}</h2>
        <b class="make"><FigureText :figure="need.make" /></b>
      </div>
      <p class="quiet">
        {{ SOURCES[need.source] }} · {{ need.saltPercent }} % salt
        <template v-if="need.boil"> · to the boil in <FigureText :figure="need.boil" /></template>
      </p>
      <div class="body">
        <ul class="parts">
          <li v-if="need.water.value > 0">
            <FigureText :figure="need.water" /> <span>water to start with</span>
          </li>
          <li v-if="need.base">
            <FigureText :figure="need.base.ml" />
            <button type="button" class="chip" @click="emit('open', need.base.broth)">
              {{ need.base.name }}
            </button>
          </li>
          <li v-for="part in need.parts" :key="part.ingredient">
            <FigureText :figure="part.grams" :text="part.measure" />
            <span>{{ part.name }}</span>
            <span v-if="part.keepBack" class="quiet">{{ part.keepBack }}</span>
          </li>
        </ul>
        <ol>
          <li v-for="(step, i) in need.steps" :key="i">
            <span class="time">{{ step.time }}{{ step.passive ? ', by itself' : '' }}</span>
            <span>{{ step.text }}</span>
            <p v-if="step.caution" class="caution">{{ step.caution }}</p>
          </li>
        </ol>
        <p class="quiet">{{ holds }}</p>
        <p v-if="need.alcohol" class="caution">Holds alcohol; some of it stays however long it boils.</p>
        <p v-if="need.medicinalHerbs" class="caution">
          Holds medicinal herbs: ask a doctor or pharmacist who may have them.
        </p>
      </div>
      <div class="actions">
        <a
          class="chip"
          :href="`/api/parties/${party.id}/broths/${need.broth}/recipe.jsonld`"
          download="recipe.jsonld"
          >Save as a recipe file</a
        >
        <v-btn color="primary" @click="open = false">Done</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.top,
.actions {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}

.make {
  font: 650 24px var(--head);
}

.body {
  overflow: auto;
}

.parts {
  list-style: none;
  padding: 10px 0;
  margin: 0;
}

.parts li {
  display: grid;
  justify-items: start;
  grid-template-columns: 150px auto 1fr;
  gap: 12px;
  padding: 4px 0;
  border-bottom: 1px solid var(--hair);
}

ol {
  padding: 4px 0 8px 22px;
}

ol li {
  padding: 5px 0;
}

.time {
  font-weight: 600;
  margin-right: 10px;
}

.actions {
  padding-top: 12px;
}

@media (max-width: 839px) {
  .parts li {
    grid-template-columns: 110px 1fr;
  }

  .parts li .quiet {
    grid-column: 2;
  }
}
</style>
