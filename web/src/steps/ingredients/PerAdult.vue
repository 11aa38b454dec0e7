<script setup lang="ts">
import type { Brief, Category } from '@/api/types'
import KeepChip from '@/household/KeepChip.vue'
import { useOpenParty } from '@/party/useOpenParty'
import { CATEGORIES } from '@/party/words'
import { vSaid } from '@/ui/said'
import { weight } from '@/ui/units'

/** Portion per adult by category; the plan follows while the slider moves. */
const { party, brief } = useOpenParty()

const portion = (category: Category, grams: number) => (draft: Brief) => {
  draft.portionsPerAdult[category] = grams
}
const gramsOf = (event: Event) => Number((event.target as HTMLInputElement).value)
</script>

<template>
  <div class="sliders">
    <label v-for="category in CATEGORIES" :key="category.value">
      <span>{{ category.label }}</span>
      <b>{{ weight(brief.units, brief.portionsPerAdult[category.value] ?? 0) }}</b>
      <input
        v-said="brief.portionsPerAdult[category.value]"
        type="range"
        min="0"
        :max="category.value === 'MEAT' ? 300 : 200"
        :aria-label="`${category.label} per adult`"
        @input="party.preview(portion(category.value, gramsOf($event)))"
        @change="party.edit('change portions', portion(category.value, gramsOf($event)))"
      />
    </label>
    <KeepChip class="keep" part="AMOUNTS" what="these amounts" />
  </div>
</template>

<style scoped>
.sliders {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(165px, 1fr));
  gap: 6px 18px;
  background: var(--well);
  border-radius: 14px;
  padding: 12px 16px;
  margin-bottom: 14px;
}

label {
  display: grid;
  grid-template-columns: 1fr auto;
  font-size: 14px;
}

.keep {
  align-self: end;
  justify-self: start;
}

input {
  grid-column: 1 / -1;
  accent-color: var(--rim);
  min-height: 32px;
}
</style>
