<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, NoConnection } from '@/api/client'
import type { AnswerOffer } from '@/api/types'
import { useParty } from '@/party/store'
import OfferPanel from '@/ui/OfferPanel.vue'
import { useNow } from '@/ui/useNow'

/** What guests said of themselves from their phones, each as one edit with its effect. */
const party = useParty()
const offers = ref<AnswerOffer[]>([])
/** Asked for again now and then, while somebody looks. */
const now = useNow()

async function look(): Promise<void> {
  try {
    offers.value = await ask(api.GET('/api/parties/{id}/answers', { params: { path: { id: party.id } } }))
  } catch (e) {
    if (!(e instanceof NoConnection)) throw e
  }
}
watch([() => party.id, now], look, { immediate: true })

const guests = computed(() => new Set(offers.value.map((offer) => offer.guest)))

async function take(offer: AnswerOffer): Promise<void> {
  await party.take(offer)
  offers.value = offers.value.filter((other) => other !== offer)
}

/** One after the other: each is a step of its own that can be undone. */
async function takeAll(): Promise<void> {
  for (const offer of offers.value) await take(offer)
}

async function leave(): Promise<void> {
  for (const guest of guests.value)
    await ask(api.DELETE('/api/parties/{id}/answers/{guest}', { params: { path: { id: party.id, guest } } }))
  offers.value = []
}
</script>

<template>
  <OfferPanel
    :offers="offers"
    name="Said by guests"
    says="Guests said from their phones:"
    take="Take it"
    all="Take all of it"
    leave="Leave the rest as it is"
    @take="take"
    @all="takeAll"
    @leave="leave"
  />
</template>
