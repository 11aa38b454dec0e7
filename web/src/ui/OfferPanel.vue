<script setup lang="ts" generic="T extends { label: string; effect: string }">
/** What somebody else would have otherwise, each as one edit with its effect, to take or to leave. */
defineProps<{ offers: T[]; name: string; says: string; take: string; all?: string; leave: string }>()
defineEmits<{ take: [offer: T]; all: []; leave: [] }>()
</script>

<template>
  <section v-if="offers.length > 0" class="panel" :aria-label="name">
    <p>{{ says }}</p>
    <ul>
      <li v-for="offer in offers" :key="offer.label">
        <span
          ><b>{{ offer.label }}</b> <span class="quiet">{{ offer.effect }}</span></span
        >
        <button type="button" class="chip solid" @click="$emit('take', offer)">{{ take }}</button>
      </li>
    </ul>
    <button v-if="all && offers.length > 1" type="button" class="chip" @click="$emit('all')">
      {{ all }}
    </button>
    <button type="button" class="chip faint" @click="$emit('leave')">{{ leave }}</button>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 4px 0 8px;
}

li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 4px 16px;
  min-height: 44px;
}

b::first-letter {
  text-transform: uppercase;
}
</style>
