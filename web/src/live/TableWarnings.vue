<script setup lang="ts">
import { useOpenParty } from '@/party/useOpenParty'

/** What to heed before anything else at the running table; none of it is ever cut. */
const { plan } = useOpenParty()
</script>

<template>
  <div v-if="plan.table.now.warnings.length > 0" class="warnings" role="status" aria-label="To heed">
    <p v-for="text in plan.table.now.warnings" :key="text">{{ text }}</p>
  </div>
</template>

<style scoped>
.warnings {
  padding: 2px 0 2px 14px;
  border-left: 6px solid var(--warn);
  display: grid;
  gap: 4px;
  font-size: 17px;
  line-height: 1.3;
  font-weight: 600;
}

/* the order below stays whole on a phone */
@media (max-width: 839px) {
  .warnings {
    font-size: 15px;
    line-height: 1.25;
    gap: 2px;
  }
}
</style>
