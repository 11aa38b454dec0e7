<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask } from '@/api/client'
import type { ImportPreview } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { IMPORTS, takeIn, type ImportKind } from './imports'

/** Looks into a file, names each bad row, and takes the good ones in as one edit. */
const props = defineProps<{ kind: ImportKind }>()
const emit = defineEmits<{ close: [] }>()
const { party } = useOpenParty()
const open = ref(true)
const words = computed(() => IMPORTS[props.kind])
const preview = ref<ImportPreview>()
const problem = ref('')
const good = computed(() => preview.value?.rows.filter((row) => row.good) ?? [])
const bad = computed(() => preview.value?.rows.filter((row) => !row.good) ?? [])
const counted = (count: number) => `${count} ${count === 1 ? words.value.one : words.value.many}`

async function look(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  preview.value = undefined
  problem.value = ''
  try {
    await party.save()
    preview.value = await ask(
      api.POST('/api/parties/{id}/import/{kind}', {
        params: { path: { id: party.id, kind: props.kind } },
        body: await file.text(),
        bodySerializer: (text) => text,
        headers: { 'Content-Type': 'text/plain' },
      }),
    )
  } catch (e) {
    problem.value = e instanceof Error ? e.message : String(e)
  }
}

function take(): void {
  if (preview.value) party.edit(`take in ${counted(good.value.length)}`, takeIn(preview.value))
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="620" scrollable @after-leave="emit('close')">
    <v-card>
      <h2>{{ words.title }}</h2>
      <p class="quiet">{{ words.columns }}.</p>
      <input
        class="file"
        type="file"
        accept=".csv,.txt,.vcf,text/csv,text/vcard,text/plain"
        :aria-label="words.title"
        @change="look"
      />
      <p v-if="problem" class="unmet" role="alert">{{ problem }}</p>
      <div v-if="preview" class="rows" role="status">
        <p v-if="bad.length > 0" class="unmet">{{ bad.length }} left out:</p>
        <ul>
          <li v-for="row in bad" :key="row.number">
            <b>Row {{ row.number }}</b> {{ row.text }}
          </li>
        </ul>
        <p v-if="good.length > 0">{{ counted(good.length) }} to take in:</p>
        <ul>
          <li v-for="row in good" :key="row.number">{{ row.text }}</li>
        </ul>
        <p v-if="preview.rows.length === 0" class="quiet">The file has a header and no rows.</p>
      </div>
      <div class="dialog-foot">
        <v-btn variant="outlined" @click="open = false">Leave it</v-btn>
        <v-btn color="primary" :disabled="good.length === 0" @click="take">
          Take in {{ counted(good.length) }}
        </v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.rows {
  overflow: auto;
  display: grid;
  gap: 4px;
}

ul {
  margin: 0;
  padding-left: 18px;
  font-size: 14.5px;
}
</style>
