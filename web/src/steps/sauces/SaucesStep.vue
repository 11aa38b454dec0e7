<script setup lang="ts">
import { computed } from 'vue'
import KeepChip from '@/household/KeepChip.vue'
import { useOpenParty } from '@/party/useOpenParty'
import StepNotes from '@/ui/StepNotes.vue'
import { liquid } from '@/ui/units'
import SauceBar from './SauceBar.vue'
import SauceCard from './SauceCard.vue'
import SauceShopping from './SauceShopping.vue'

/** The house sauces on the table, the sauce bar, then what else could be stirred. */
const { brief, plan, catalogue } = useOpenParty()
const chosen = computed(() => new Set(brief.value.sauces.map((choice) => choice.sauce)))
const onTable = computed(() => catalogue.value.sauces.filter((sauce) => chosen.value.has(sauce.id)))
const others = computed(() => catalogue.value.sauces.filter((sauce) => !chosen.value.has(sauce.id)))
</script>

<template>
  <div class="head-line">
    <h1>Sauces</h1>
    <span class="quiet">
      {{ plan.sauces.needs.length }} house sauces on the table, about
      {{ liquid(brief.units, brief.sauceMlPerAdult) }} for a regular eater
    </span>
    <KeepChip class="push" part="BESIDE" what="these" />
  </div>
  <SauceCard v-for="sauce in onTable" :key="sauce.id" :sauce="sauce" />
  <SauceBar />
  <SauceShopping />
  <h2 v-if="others.length > 0" class="others">More house sauces</h2>
  <SauceCard v-for="sauce in others" :key="sauce.id" :sauce="sauce" />
  <StepNotes step="SAUCES" />
</template>

<style scoped>
.others {
  border-top: 2.5px solid var(--rim);
  padding: 12px 0 8px;
}
</style>
