<script setup lang="ts">
import { sidesOf } from '@/party/sideNames'
import { useOpenParty } from '@/party/useOpenParty'
import { cueKey, minutes, type Order } from './running'

/** What else is to be done now, and what comes then. */
defineProps<{ now: Order[]; next: Order[]; second: number }>()
const { brief, plan } = useOpenParty()
const where = (cue: Order) => sidesOf(brief.value, plan.value, [cue, ...cue.alike])
</script>

<template>
  <ol class="next" aria-label="Next">
    <li v-for="cue in [...now, ...next]" :key="cueKey(cue)">
      <b>{{ now.includes(cue) ? 'now' : `in ${minutes(cue.at - second)}` }}</b>
      <span class="what">
        <span>{{ cue.text }}</span>
        <span class="where">{{ where(cue) }}</span>
      </span>
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
  grid-template-columns: 5em minmax(0, 1fr);
  gap: 12px;
  padding: 5px 0;
  border-top: 1px solid var(--hair);
}

/* the side comes under what is to be done where both do not fit on a line */
.what {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  column-gap: 12px;
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
    grid-template-columns: 4.4em minmax(0, 1fr);
  }
}
</style>
