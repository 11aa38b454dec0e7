<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { ref } from 'vue'
import { useOpenParty } from '@/party/useOpenParty'
import StepNotes from '@/ui/StepNotes.vue'
import FigureText from '@/ui/FigureText.vue'
import { useKept } from '@/ui/useKept'
import BesidePots from './BesidePots.vue'
import MenuIdeas from './MenuIdeas.vue'
import MenuPicker from './MenuPicker.vue'
import OwnFood from './OwnFood.vue'
import PerAdult from './PerAdult.vue'
import PortionGrid from './PortionGrid.vue'

const { brief, plan } = useOpenParty()
const picking = ref(false)
const owning = useKept('own food', false)
/** What the host looked for and the catalogue does not know. */
const ownName = ref('')
function addOwn(name: string): void {
  ownName.value = name
  owning.value = true
}
function closeOwn(): void {
  owning.value = false
  ownName.value = ''
}
/** What is unfolded above the grid: ideas by themselves as long as there is no grid. */
const unfolded = ref<'ideas' | 'adult' | undefined>(brief.value.menu.length === 0 ? 'ideas' : undefined)
const toggle = (what: 'ideas' | 'adult') => (unfolded.value = unfolded.value === what ? undefined : what)
</script>

<template>
  <div class="head-line">
    <h1>Ingredients</h1>
    <span class="key"><FigureText :figure="plan.portions.food" /></span>
    <span class="quiet">for <FigureText :figure="plan.portions.eaters" /> eaters</span>
    <span class="push tools">
      <button type="button" class="chip" :aria-pressed="unfolded === 'ideas'" @click="toggle('ideas')">
        Ideas<b v-if="plan.suggestions.length > 0">{{ plan.suggestions.length }}</b>
      </button>
      <button type="button" class="chip" @click="owning = true">Our own</button>
      <button type="button" class="chip" :aria-pressed="unfolded === 'adult'" @click="toggle('adult')">
        Per adult
      </button>
    </span>
    <v-btn color="primary" :prepend-icon="mdiPlus" @click="picking = true">Menu</v-btn>
  </div>
  <MenuIdeas v-if="unfolded === 'ideas'" />
  <PerAdult v-if="unfolded === 'adult'" />
  <PortionGrid v-if="brief.menu.length > 0" />
  <BesidePots />
  <StepNotes step="INGREDIENTS" />
  <OwnFood v-if="owning" :name="ownName" @close="closeOwn" />
  <MenuPicker v-if="picking" @close="picking = false" @own="addOwn" />
</template>

<style scoped>
.tools b {
  margin-left: 5px;
}
</style>
