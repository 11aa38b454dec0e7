<script setup lang="ts">
import { useOpenParty } from '@/party/useOpenParty'

/** What would make a better menu, each with its reason and one tap that does it. */
const { party, plan } = useOpenParty()
</script>

<template>
  <section class="ideas" aria-label="Ideas for the menu">
    <p v-if="plan.suggestions.length === 0" class="quiet">
      Nothing is missing and nothing is too much. Ideas come as guests, menu and pantry change.
    </p>
    <ul>
      <li v-for="suggestion in plan.suggestions" :key="suggestion.id">
        <span>{{ suggestion.text }}</span>
        <button type="button" class="chip" @click="party.take(suggestion.remedy)">
          {{ suggestion.remedy.label }}
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.ideas {
  background: var(--well);
  border-radius: 14px;
  padding: 6px 14px;
  margin-bottom: 12px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 4px 16px;
  padding: 6px 0;
}

li + li {
  border-top: 1px solid var(--hair);
}

li span {
  flex: 1 1 260px;
}
</style>
