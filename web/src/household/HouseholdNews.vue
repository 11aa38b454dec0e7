<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask, NoConnection } from '@/api/client'
import type { HouseholdOffer } from '@/api/types'
import { useParty } from '@/party/store'

/** What the household has otherwise now than when this party took it over, each as one edit with its effect. */
const party = useParty()
const news = ref<HouseholdOffer[]>([])
const path = () => ({ params: { path: { id: party.id } } })

watch(
  () => party.id,
  async () => {
    news.value = []
    try {
      news.value = await ask(api.GET('/api/parties/{id}/household-news', path()))
    } catch (e) {
      if (!(e instanceof NoConnection)) throw e
    }
  },
  { immediate: true },
)

function take(offer: HouseholdOffer): void {
  party.edit(`take over ${offer.label}`, (draft) => Object.assign(draft, offer.brief))
  news.value = news.value.filter((other) => other !== offer)
}

async function leave(): Promise<void> {
  await ask(api.DELETE('/api/parties/{id}/household-news', path()))
  news.value = []
}
</script>

<template>
  <section v-if="news.length > 0" class="panel" aria-label="Your household changed">
    <p>Your household has changed since this party was made.</p>
    <ul>
      <li v-for="offer in news" :key="offer.part + offer.id">
        <span
          ><b>{{ offer.label }}</b> <span class="quiet">{{ offer.effect }}</span></span
        >
        <button type="button" class="chip solid" @click="take(offer)">Take it over</button>
      </li>
    </ul>
    <button type="button" class="chip faint" @click="leave">Leave this party as it is</button>
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
