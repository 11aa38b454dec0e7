<script setup lang="ts">
import { clockAfter } from '@/ui/time'
import type { Row } from './agenda'

/** Lines under one another by time; what is over is quiet. */
defineProps<{ rows: Row[]; sitDown: string; second: number; label: string }>()
</script>

<template>
  <ol class="agenda" :aria-label="label">
    <li v-for="row in rows" :key="row.key" :class="{ over: row.at < second, bare: row.bare }">
      <b>{{ clockAfter(sitDown, row.at) }}</b>
      <span v-for="(line, i) in row.lines" :key="i" class="line">
        <span
          class="swatch"
          :style="line.tint ? { background: `var(--${line.tint})` } : { visibility: 'hidden' }"
        />
        <span>{{ line.text }}</span>
        <span class="quiet beside">{{ line.beside }}</span>
      </span>
    </li>
  </ol>
</template>

<style scoped>
.agenda {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 46px 1fr;
  gap: 2px 10px;
  align-items: baseline;
  padding: 5px 0;
  border-top: 1px solid var(--hair);
}

.line {
  grid-column: 2;
  display: grid;
  grid-template-columns: 14px 1fr auto;
  gap: 10px;
  align-items: baseline;
}

.swatch {
  align-self: start;
  margin-top: 4px;
}

.beside {
  font-size: 13px;
}

.over {
  color: var(--soft);
}

.over .swatch {
  opacity: 0.4;
}

.bare {
  color: var(--warn);
}
</style>
