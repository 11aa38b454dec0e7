<script setup lang="ts">
import type { JournalView } from '@/api/types'
import { KEEPING_WAYS, labelOf } from '@/party/words'
import { dayText } from '@/ui/time'

/** What to do with what is left, and until when; what is thrown away comes last. */
defineProps<{ party: string; keeping: JournalView['keeping'] }>()
</script>

<template>
  <section aria-label="What to do with it">
    <h2>What to do with it</h2>
    <ul>
      <li v-for="one in keeping" :key="one.subject" :class="{ gone: one.way === 'THROW_AWAY' }">
        <b>{{ one.name }}</b>
        <span class="amount">{{ one.amount }}</span>
        <span class="do">
          <span class="way">
            {{ labelOf(KEEPING_WAYS, one.way)
            }}<template v-if="one.until">, until {{ dayText(one.until) }}</template
            ><template v-if="one.frozenUntil"
              >; or frozen tonight, until {{ dayText(one.frozenUntil) }}</template
            >
          </span>
          <span class="quiet">{{ one.why }}.</span>
        </span>
      </li>
    </ul>
    <p class="quiet">
      Label it with its day: <a :href="`/api/parties/${party}/labels.pdf`" download>labels to print (A4)</a>.
      In doubt throw it away; local rules come first.
    </p>
  </section>
</template>

<style scoped>
section {
  padding-top: 22px;
}

ul {
  list-style: none;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: minmax(150px, 1.2fr) 72px minmax(0, 3fr);
  gap: 0 14px;
  padding: 8px 0;
  border-bottom: 1px solid var(--hair);
}

.amount {
  text-align: right;
  font-variant-numeric: tabular-nums;
}

.way {
  font-weight: 600;
}

.gone .way {
  color: var(--warn);
}

.do {
  display: grid;
}

@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }

  .do {
    grid-column: 1 / -1;
  }
}
</style>
