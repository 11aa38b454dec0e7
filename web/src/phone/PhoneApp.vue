<script setup lang="ts">
import { onMounted } from 'vue'
import BrothPatterns from '@/table/BrothPatterns.vue'
import GuestSeat from './GuestSeat.vue'
import HelperJobs from './HelperJobs.vue'
import { usePhone } from './usePhone'

/** What a phone at the table shows: a place to take, then the own evening. */
const phone = usePhone()
const { mine, problem, isAway } = phone
onMounted(() => {
  document.documentElement.dataset.mode = matchMedia('(prefers-color-scheme: dark)').matches ? 'night' : 'day'
  void phone.begin()
})
</script>

<template>
  <BrothPatterns />
  <main>
    <p v-if="isAway" class="away" role="status">
      No connection to the table. What you tap is kept, and sent as soon as there is one.
    </p>
    <p v-if="problem" class="trouble" role="alert">{{ problem }}</p>
    <template v-if="mine">
      <GuestSeat v-if="mine.seat" :mine="mine" :seat="mine.seat" :phone="phone" />
      <HelperJobs v-else-if="mine.helper" :mine="mine" :helper="mine.helper" :phone="phone" />
      <template v-else>
        <header class="top">
          <h1>Who are you?</h1>
          <span class="quiet">{{ mine.title }}</span>
        </header>
        <div class="picks">
          <button
            v-for="place in mine.places"
            :key="place.id"
            type="button"
            class="pick place"
            @click="phone.take(place.id)"
          >
            {{ place.name }}
          </button>
        </div>
        <p class="quiet hint">
          Not here? Somebody else may have taken your place, or the host seats you from their screen.
        </p>
      </template>
    </template>
    <header v-else-if="!problem && !isAway" class="top"><h1>Looking for your place …</h1></header>
  </main>
</template>

<style scoped>
.hint {
  padding-top: 14px;
}

.place {
  flex: 1 1 40%;
  min-height: 64px;
  font: 650 22px var(--head);
}
</style>
