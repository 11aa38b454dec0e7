<script setup lang="ts">
import { ref, watch } from 'vue'
import { useParty } from '@/party/store'
import LiveView from './LiveView.vue'

/** The running table and nothing else: for the laptop or tablet at the table, and the host's phone. */
const props = defineProps<{ id: string; minder: string }>()
const party = useParty()
const problem = ref('')

watch(
  () => props.id,
  async (id) => {
    party.follows = true
    if (party.id === id && party.plan) return
    await party.open(id).catch((e: unknown) => {
      problem.value = e instanceof Error ? e.message : String(e)
    })
  },
  { immediate: true },
)
</script>

<template>
  <LiveView v-if="party.brief && party.plan" :minder="minder || undefined" />
  <main v-else class="waiting">
    <p v-if="problem" class="unmet" role="alert">{{ problem }}</p>
    <p v-else class="quiet">Looking what is next …</p>
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
