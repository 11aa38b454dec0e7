<script setup lang="ts">
import { computed } from 'vue'
import type { Guest } from '@/api/types'
import { APPETITES } from '@/party/words'

/** Appetite as bowls: one full bowl is a regular eater. */
const props = defineProps<{ appetite: Guest['appetite'] }>()

const WIDTH = 28
const DEPTH = 14
const appetite = computed(() => APPETITES.find((a) => a.value === props.appetite))
const bowls = computed(() => {
  const amount = appetite.value?.bowls ?? 1
  return Array.from({ length: Math.ceil(amount) }, (_, i) => Math.min(1, amount - i))
})
</script>

<template>
  <svg
    :width="bowls.length * 32"
    height="18"
    :viewBox="`0 0 ${bowls.length * 32} 18`"
    role="img"
    :aria-label="`${appetite?.label} eater`"
  >
    <g v-for="(full, i) in bowls" :key="i" :transform="`translate(${1 + i * 32} 2)`">
      <clipPath :id="`bowl-${appetite?.value}-${i}`">
        <rect x="0" :y="DEPTH * (1 - full)" :width="WIDTH" :height="DEPTH" />
      </clipPath>
      <path d="M0 0H28A14 14 0 0 1 0 0Z" class="full" :clip-path="`url(#bowl-${appetite?.value}-${i})`" />
      <path d="M0 0H28A14 14 0 0 1 0 0Z" class="rim" />
    </g>
  </svg>
</template>

<style scoped>
.full {
  fill: var(--rim);
}

.rim {
  fill: none;
  stroke: var(--rim);
  stroke-width: 1.6;
}
</style>
