<script setup lang="ts">
/** While a party is being opened, or where it could not be. */
defineProps<{ problem: string; says: string }>()
</script>

<template>
  <main class="waiting">
    <p v-if="problem" class="unmet" role="alert">{{ problem }}</p>
    <p v-else class="quiet">{{ says }}</p>
    <router-link to="/">All parties</router-link>
  </main>
</template>

<style scoped>
.waiting {
  padding: 40px;
  display: grid;
  gap: 12px;
}
</style>
