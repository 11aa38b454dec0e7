<script setup lang="ts">
import { ref } from 'vue'
import { api, ask, NoConnection, RequestRefused } from '@/api/client'

/** The host's further device: six figures from the first one's screen. */
const code = ref('')
const problem = ref('')

async function pair(): Promise<void> {
  try {
    await ask(api.POST('/api/pair', { body: { code: code.value.replace(/\D/g, '') } }))
    location.assign('/')
  } catch (e) {
    if (!(e instanceof NoConnection || e instanceof RequestRefused)) throw e
    problem.value = e.message
    code.value = ''
  }
}
</script>

<template>
  <main class="pair">
    <h1>Your further device</h1>
    <p class="quiet">
      On the machine where Lively Ladle runs, open “Phones” and show a code. This device may then do
      everything you may.
    </p>
    <form @submit.prevent="pair">
      <v-text-field
        v-model="code"
        label="Six figures"
        inputmode="numeric"
        autocomplete="one-time-code"
        maxlength="7"
        autofocus
        hide-details
      />
      <v-btn color="primary" type="submit" :disabled="code.replace(/\D/g, '').length !== 6">Pair</v-btn>
    </form>
    <p v-if="problem" class="unmet" role="alert">{{ problem }}</p>
  </main>
</template>

<style scoped>
.pair {
  max-width: 420px;
  margin: 0 auto;
  padding: 48px 20px;
  display: grid;
  gap: 16px;
}

form {
  display: grid;
  gap: 12px;
}
</style>
