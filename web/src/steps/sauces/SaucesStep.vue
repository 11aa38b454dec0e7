<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Sauce } from '@/api/types'
import KeepChip from '@/household/KeepChip.vue'
import { freshId } from '@/party/edits'
import { useOpenParty } from '@/party/useOpenParty'
import StepNotes from '@/ui/StepNotes.vue'
import { liquid } from '@/ui/units'
import { copyOf, emptySauce, typedOf, type TypedSauce } from './ownSauce'
import OwnSauceDialog from './OwnSauceDialog.vue'
import SauceBar from './SauceBar.vue'
import SauceCard from './SauceCard.vue'
import SauceShopping from './SauceShopping.vue'

/** The house sauces on the table, the sauce bar, then what else could be stirred. */
const { brief, plan, catalogue } = useOpenParty()
const chosen = computed(() => new Set(brief.value.sauces.map((choice) => choice.sauce)))
const onTable = computed(() => catalogue.value.sauces.filter((sauce) => chosen.value.has(sauce.id)))
/** The sauce of our own that is being written. */
const writing = ref<TypedSauce>()
const nextId = () => freshId('own-sauce', brief.value.ownSauces)

/** One of our own is changed as it is; one of the catalogue is copied first. */
function change(sauce: Sauce): void {
  const own = brief.value.ownSauces.find(({ id }) => id === sauce.id)
  writing.value = own ? typedOf(own, catalogue.value) : copyOf(sauce, nextId(), catalogue.value)
}
const others = computed(() => catalogue.value.sauces.filter((sauce) => !chosen.value.has(sauce.id)))
</script>

<template>
  <div class="head-line">
    <h1>Sauces</h1>
    <span class="quiet">
      {{ plan.sauces.needs.length }}
      {{ plan.sauces.needs.length === 1 ? 'house sauce' : 'house sauces' }} on the table, about
      {{ liquid(brief.units, brief.sauceMlPerAdult) }} for a regular eater
    </span>
    <span class="push tools">
      <KeepChip part="BESIDE" what="these" />
      <button type="button" class="chip solid" @click="writing = emptySauce(nextId())">
        Stir our own sauce
      </button>
    </span>
  </div>
  <SauceCard v-for="sauce in onTable" :key="sauce.id" :sauce="sauce" @change="change(sauce)" />
  <SauceBar />
  <SauceShopping />
  <h2 v-if="others.length > 0" class="others">More house sauces</h2>
  <SauceCard v-for="sauce in others" :key="sauce.id" :sauce="sauce" @change="change(sauce)" />
  <OwnSauceDialog v-if="writing" :sauce="writing" @close="writing = undefined" />
  <StepNotes step="SAUCES" />
</template>

<style scoped>
.others {
  border-top: 2.5px solid var(--rim);
  padding: 12px 0 8px;
}
</style>
