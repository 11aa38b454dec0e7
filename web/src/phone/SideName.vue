<script setup lang="ts">
/** A side by its broth's colour, pattern and name. */
defineProps<{ name: string; tint: string }>()
</script>

<template>
  <span class="side-name">
    <svg width="26" height="26" aria-hidden="true">
      <rect width="26" height="26" :fill="`url(#broth-${tint})`" />
    </svg>
    <span>{{ name }}</span>
  </span>
</template>
