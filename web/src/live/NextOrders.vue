<script setup lang="ts">
import { sidesOf } from '@/party/sideNames'
import { useOpenParty } from '@/party/useOpenParty'
import { cueKey, minutes, type Order } from './running'

/** What else is to be done now, and what comes then. */
defineProps<{ now: Order[]; next: Order[]; second: number }>()
const { brief, plan } = useOpenParty()
const where = (cue: Order) => (cue.drop ? '' : sidesOf(brief.value, plan.value, [cue, ...cue.alike]))
</script>

<template>
  <ol class="next" aria-label="Next">
    <li v-for="cue in [...now, ...next]" :key="cueKey(cue)">
      <b>{{ now.includes(cue) ? 'now' : `in ${minutes(cue.at - second)}` }}</b>
      <span>{{ cue.text }}</span>
      <span class="where">{{ where(cue) }}</span>
    </li>
  </ol>
</template>

<style scoped>
.next {
  list-style: none;
  padding: 0;
  font-size: 19px;
}

li {
  display: grid;
  grid-template-columns: 5em 1fr auto;
  gap: 12px;
  padding: 5px 0;
  border-top: 1px solid var(--hair);
}

b {
  font-weight: 500;
  color: var(--soft);
}

.where {
  color: var(--soft);
}

@media (max-width: 1100px) {
  .next {
    font-size: 16px;
  }

  li {
    grid-template-columns: 4.4em 1fr auto;
  }
}
</style>
