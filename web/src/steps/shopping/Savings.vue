<script setup lang="ts">
import { computed } from 'vue'
import { useOpenParty } from '@/party/useOpenParty'
import FigureText from '@/ui/FigureText.vue'

/** Deals that are used, trades that are decided, and trades that would save money. */
const { party, plan } = useOpenParty()
const ideas = computed(() => plan.value.suggestions.filter((s) => s.remedy.edit?.edit === 'SERVE_AS'))
const deals = computed(() => plan.value.purchases.deals)
const trades = computed(() => plan.value.portions.trades)
const any = computed(() => ideas.value.length + deals.value.length + trades.value.length > 0)

function undo(shortOf: string, by: string): void {
  party.edit('take a trade back', (draft) => {
    draft.decisions.trades = draft.decisions.trades.filter((t) => t.shortOf !== shortOf || t.by !== by)
  })
}
</script>

<template>
  <section v-if="any" class="panel" aria-label="Savings">
    <p v-for="deal in deals" :key="deal.id" class="saving">
      <span>{{ deal.text }}</span>
      <span>saves <FigureText :figure="deal.saved" /></span>
    </p>
    <p v-for="trade in trades" :key="trade.shortOf + trade.by" class="saving">
      <span>{{ trade.text }}.</span>
      <button type="button" class="chip" @click="undo(trade.shortOf, trade.by)">Take it back</button>
    </p>
    <p v-for="idea in ideas" :key="idea.id" class="saving">
      <span>{{ idea.text }}</span>
      <button type="button" class="chip" @click="party.take(idea.remedy)">{{ idea.remedy.label }}</button>
    </p>
  </section>
</template>

<style scoped>
.saving {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  justify-content: space-between;
  gap: 4px 16px;
  padding: 4px 0;
}

.saving span:first-child {
  flex: 1 1 260px;
}

@media (max-width: 839px) {
  .chip {
    min-height: 44px;
  }
}
</style>
