<script setup lang="ts">
import { computed } from 'vue'
import { useOpenParty } from '@/party/useOpenParty'
import FigureText from '@/ui/FigureText.vue'

/** What all sauces together take of each ingredient, in the bottles and packs it is bought in. */
const { plan } = useOpenParty()

const rows = computed(() => {
  const { sauces, purchases } = plan.value
  const used = new Set([
    ...sauces.needs.flatMap((need) => need.parts.map((part) => part.ingredient)),
    ...sauces.bar.needs.map((need) => need.ingredient),
  ])
  const lines = purchases.trips.flatMap((trip) => trip.lines)
  return purchases.needs
    .filter((need) => used.has(need.ingredient))
    .map((need) => ({
      need,
      packs: lines
        .filter((line) => line.ingredient === need.ingredient)
        .map((line) => `${line.name}, ${line.amount}`)
        .join(', '),
    }))
})
</script>

<template>
  <section v-if="rows.length > 0" class="bottles" aria-label="Bottles and packs">
    <h2>In bottles and packs</h2>
    <ul>
      <li v-for="{ need, packs } in rows" :key="need.ingredient">
        <span>{{ need.name }}</span>
        <b><FigureText :figure="need.need" /></b>
        <span class="quiet">{{ packs || (need.missing.value > 0.5 ? 'no offer' : 'at home') }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.bottles {
  border-top: 2.5px solid var(--rim);
  padding: 12px 0;
}

ul {
  list-style: none;
  margin: 0;
  padding: 4px 0;
}

li {
  display: grid;
  grid-template-columns: minmax(120px, 200px) 80px 1fr;
  gap: 12px;
  padding: 3px 0;
}

b {
  font-weight: 600;
  text-align: right;
}
</style>
