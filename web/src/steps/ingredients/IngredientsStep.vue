<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { ref } from 'vue'
import { useOpenParty } from '@/party/useOpenParty'
import CautionList from '@/ui/CautionList.vue'
import FigureText from '@/ui/FigureText.vue'
import MenuPicker from './MenuPicker.vue'
import PerAdult from './PerAdult.vue'
import PortionGrid from './PortionGrid.vue'

const { plan } = useOpenParty()
const picking = ref(false)
const tuning = ref(false)
</script>

<template>
  <div class="head-line">
    <h1>Ingredients</h1>
    <span class="key"><FigureText :figure="plan.portions.food" /></span>
    <span class="quiet">for <FigureText :figure="plan.portions.eaters" /> eaters</span>
    <button type="button" class="chip push" :aria-pressed="tuning" @click="tuning = !tuning">
      Per adult
    </button>
    <v-btn color="primary" :prepend-icon="mdiPlus" @click="picking = true">Change the menu</v-btn>
  </div>
  <PerAdult v-if="tuning" />
  <PortionGrid />
  <CautionList step="INGREDIENTS" />
  <MenuPicker v-if="picking" @close="picking = false" />
</template>
