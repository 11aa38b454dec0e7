<script setup lang="ts">
import { computed, ref } from 'vue'
import { useOpenParty } from '@/party/useOpenParty'
import FigureText from '@/ui/FigureText.vue'

/** What is left at the finish: which way of cooling is fast enough, how it keeps, how it is heated again. */
const { plan } = useOpenParty()
const open = ref(false)
const left = computed(() => plan.value.evening.leftOvers)
</script>

<template>
  <section v-if="left.length > 0" class="left">
    <button type="button" class="row-button" :aria-expanded="open" @click="open = !open">
      <h2>Left over</h2>
      <span class="quiet">{{
        left.map((l) => `${l.name}${l.amount ? ' ' + l.amount : ''}`).join(' · ')
      }}</span>
      <span class="chip">{{ open ? 'Close' : 'How to keep it' }}</span>
    </button>
    <template v-if="open">
      <p class="quiet">Safe when it falls from 57 to 21 °C within 2 h and to 5 °C within 6 h in all.</p>
      <div v-for="item in left" :key="item.subject" class="item">
        <b>{{ item.name }}</b>
        <span v-for="way in item.ways" :key="way.name" class="way" :class="{ slow: !way.fastEnough }">
          <span class="mark">{{ way.fastEnough ? '✓' : '✕' }}</span>
          {{ way.name }}:
          <template v-if="way.to21"><FigureText :figure="way.to21" /> to 21 °C</template>
          <template v-if="way.to5">, <FigureText :figure="way.to5" /> to 5 °C</template>
          <template v-else>, never 5 °C</template>
        </span>
      </div>
      <p v-for="text in new Set(left.map((l) => l.keeping))" :key="text" class="caution">{{ text }}</p>
    </template>
  </section>
</template>

<style scoped>
.left {
  margin-top: 18px;
  border-top: 1px solid var(--hair);
  padding-top: 12px;
}

.row-button {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  width: 100%;
}

.row-button .quiet {
  flex: 1 1 240px;
}

.item {
  display: grid;
  grid-template-columns: 130px 1fr 1.25fr 1fr;
  gap: 2px 16px;
  padding: 6px 0;
  border-bottom: 1px solid var(--hair);
  font-size: 14px;
}

.slow {
  color: var(--soft);
}

.mark {
  font-weight: 700;
}

@media (max-width: 839px) {
  .item {
    grid-template-columns: 1fr;
  }
}
</style>
