<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask, NoConnection } from '@/api/client'
import type { HouseholdOffer } from '@/api/types'
import { useParty } from '@/party/store'
import OfferPanel from '@/ui/OfferPanel.vue'

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
  <OfferPanel
    :offers="news"
    name="Your household changed"
    says="Your household has changed since this party was made."
    take="Take it over"
    leave="Leave this party as it is"
    @take="take"
    @leave="leave"
  />
</template>
