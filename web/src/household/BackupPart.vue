<script setup lang="ts">
import { ref } from 'vue'
import { api, ask } from '@/api/client'

/** All that is kept, parties too, as one file and back. */
const emit = defineEmits<{ restored: [] }>()
const file = ref<File>()
const said = ref('')
const problem = ref('')
const isBusy = ref(false)

function choose(event: Event): void {
  const input = event.target as HTMLInputElement
  file.value = input.files?.[0]
  input.value = ''
  said.value = problem.value = ''
}

async function restore(): Promise<void> {
  if (!file.value) return
  isBusy.value = true
  try {
    const brought = await ask(
      api.PUT('/api/backup', {
        headers: { 'Content-Type': 'application/zip' },
        body: file.value as unknown as never,
        bodySerializer: (body: unknown) => body as Blob,
      }),
    )
    said.value = `Put in: ${brought.parties} ${brought.parties === 1 ? 'party' : 'parties'} with all that happened.`
    problem.value = ''
    emit('restored')
  } catch (e) {
    problem.value = `Nothing was changed. ${e instanceof Error ? e.message : String(e)}`
  }
  file.value = undefined
  isBusy.value = false
}
</script>

<template>
  <section class="backup" aria-label="Backup">
    <h2>Everything in one file</h2>
    <p class="quiet">Your household and every party with its past, in open formats.</p>
    <div class="choice-row">
      <a class="chip" href="/api/backup" download>Take a backup</a>
      <label class="chip">
        Put a backup in
        <input type="file" accept=".zip,application/zip" @change="choose" />
      </label>
    </div>
    <p v-if="file" class="sure">
      <span>
        Put in {{ file.name }}? What you keep, and the parties that are in it, become as they were then; other
        parties stay.
      </span>
      <button type="button" class="chip" :disabled="isBusy" @click="restore">Put it in</button>
      <button type="button" class="chip faint" :disabled="isBusy" @click="file = undefined">Leave it</button>
    </p>
    <p v-if="said" role="status">{{ said }}</p>
    <p v-if="problem" class="unmet" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.backup {
  padding-top: 26px;
}

.sure {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  padding-top: 10px;
}

input[type='file'] {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}

label:focus-within {
  outline: 3px solid var(--rim);
}
</style>
