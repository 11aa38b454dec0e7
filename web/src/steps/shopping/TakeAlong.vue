<script setup lang="ts">
import { useOpenParty } from '@/party/useOpenParty'

/** The list to take along: as files, or printed. */
const { party } = useOpenParty()
const FILES = [
  { label: 'CSV', file: 'shopping.csv' },
  { label: 'Markdown', file: 'shopping.md' },
  { label: 'PDF', file: 'shopping.pdf' },
]
const print = () => window.print()
</script>

<template>
  <span class="choice-row">
    <a
      v-for="{ label, file } in FILES"
      :key="file"
      class="chip"
      :href="`/api/parties/${party.id}/${file}`"
      download
    >
      {{ label }}
    </a>
    <button type="button" class="chip" @click="print">Print</button>
  </span>
</template>

<style scoped>
.chip {
  min-height: 30px;
  padding: 3px 11px;
  text-decoration: none;
}
</style>
