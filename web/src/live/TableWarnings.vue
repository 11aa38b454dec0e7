<script setup lang="ts">
import { useOpenParty } from '@/party/useOpenParty'

/** What to heed before anything else at the running table; none of it is ever cut. */
const { plan } = useOpenParty()
</script>

<template>
  <ul v-if="plan.table.now.warnings.length > 0" class="warnings" role="status" aria-label="To heed">
    <li v-for="text in plan.table.now.warnings" :key="text">{{ text }}</li>
  </ul>
</template>

<style scoped>
.warnings {
  list-style: none;
  margin: 0;
  padding: 2px 0 2px 14px;
  border-left: 6px solid var(--warn);
  display: grid;
  gap: 4px;
  font-size: 17px;
  line-height: 1.3;
  font-weight: 600;
}
</style>
