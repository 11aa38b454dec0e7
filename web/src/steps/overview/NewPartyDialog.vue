<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask } from '@/api/client'
import { useKept } from '@/ui/useKept'

const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ created: [id: string] }>()

const title = useKept('new title', '')
const sitDown = useKept('new day', nextSaturday())
const names = useKept('new names', '')
const problem = ref('')
const guests = computed(() =>
  names.value
    .split(/[\n,]/)
    .map((name) => name.trim())
    .filter(Boolean),
)

function nextSaturday(): string {
  const date = new Date()
  date.setDate(date.getDate() + ((6 - date.getDay() + 7) % 7 || 7))
  return `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}T19:00`
}

async function create(): Promise<void> {
  try {
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
    const party = await ask(
      api.POST('/api/parties', {
        body: { title: title.value, sitDown: `${sitDown.value}:00`, zone, guests: guests.value },
      }),
    )
    emit('created', party.id)
  } catch (e) {
    problem.value = e instanceof Error ? e.message : String(e)
  }
}
</script>

<template>
  <v-dialog v-model="open" max-width="480">
    <v-card>
      <form class="form" @submit.prevent="create">
        <h2>New party</h2>
        <v-text-field v-model="title" label="Title" maxlength="80" autofocus />
        <v-text-field v-model="sitDown" label="Sitting down" type="datetime-local" />
        <v-textarea v-model="names" label="Who comes? One name a line" rows="4" />
        <p v-if="problem" class="unmet" role="alert">{{ problem }}</p>
        <div class="actions">
          <span class="quiet">{{ guests.length }} {{ guests.length === 1 ? 'guest' : 'guests' }}</span>
          <v-btn variant="text" @click="open = false">Cancel</v-btn>
          <v-btn color="primary" type="submit">Set the table</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 14px;
}

.actions {
  display: flex;
  align-items: center;
  justify-content: flex-end;
  gap: 8px;
}

.actions .quiet {
  margin-right: auto;
}
</style>
