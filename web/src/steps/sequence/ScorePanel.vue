<script setup lang="ts">
import { computed } from 'vue'
import type { ScoreTerm } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'

/** What was aimed at and what it came to: bars against the aim, what missed it first. */
const FULL = 2
const NAMES: Record<ScoreTerm['term'], string> = {
  FIRST_BITE: 'First bite',
  LONGEST_WAIT: 'Longest wait',
  TEMPO: 'Tempo',
  BOWL: 'Fullest bowl',
  ORDER: 'Order',
  TIES: 'Eaten together',
  CUES: 'Cues',
  RUSH: 'Busiest minutes',
  FAIRNESS: 'Fairness',
  SLACK: 'Slack',
}

const { plan } = useOpenParty()
const terms = computed(() =>
  plan.value.table.score
    .map((term) => ({ ...term, name: NAMES[term.term], part: term.value / term.aim }))
    .sort((a, b) => b.part - a.part),
)
</script>

<template>
  <section class="score" aria-label="What was traded off">
    <h2>What was traded off</h2>
    <ul>
      <li v-for="term in terms" :key="term.term" :class="{ missed: term.part > 1 }">
        <b>{{ term.name }}</b>
        <span class="bar" aria-hidden="true">
          <span class="reached" :style="{ width: `${(Math.min(FULL, term.part) / FULL) * 100}%` }" />
        </span>
        <span>{{ term.text }}</span>
      </li>
    </ul>
    <p class="quiet">The line is what one is content with; whatever misses it was given up for the others.</p>
  </section>
</template>

<style scoped>
.score {
  margin-top: 16px;
}

ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 120px 120px 1fr;
  gap: 12px;
  align-items: center;
  padding: 5px 0;
  border-top: 1px solid var(--hair);
  font-size: 14px;
}

.bar {
  height: 10px;
  border-radius: 5px;
  background: linear-gradient(var(--ink), var(--ink)) 50% / 2px 100% no-repeat var(--well);
  position: relative;
}

.reached {
  display: block;
  height: 100%;
  border-radius: 5px;
  background: var(--rim);
  opacity: 0.55;
}

.missed .reached {
  background: var(--warn);
}

p {
  margin: 6px 0 0;
  font-size: 13px;
}

@media (max-width: 839px) {
  li {
    grid-template-columns: 110px 1fr;
  }

  li span:last-child {
    grid-column: 1 / -1;
  }
}
</style>
