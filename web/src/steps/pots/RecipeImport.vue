<script setup lang="ts">
import { ref } from 'vue'
import { api, ask } from '@/api/client'
import type { RecipePreview } from '@/api/types'
import { useHousehold } from '@/household/store'
import { useOpenParty } from '@/party/useOpenParty'
import { takeRecipe } from './recipes'

/** Reads a broth out of a recipe file, shows line by line how it was read, and takes it in as one edit. */
const emit = defineEmits<{ close: [] }>()
const { party, brief } = useOpenParty()
const household = useHousehold()
const open = ref(true)
const preview = ref<RecipePreview>()
const problem = ref('')

async function look(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  preview.value = undefined
  problem.value = ''
  try {
    await party.save()
    preview.value = await ask(
      api.POST('/api/parties/{id}/import-recipe', {
        params: { path: { id: party.id } },
        body: (await file.text()) as never,
        bodySerializer: (text) => text as unknown as string,
        headers: { 'Content-Type': 'application/ld+json' },
      }),
    )
  } catch (e) {
    problem.value = e instanceof Error ? e.message : String(e)
  }
}

function take(): void {
  if (preview.value) {
    party.edit('take in a recipe', takeRecipe(preview.value))
    void household.keep(brief.value, 'BROTH', preview.value.broth.id)
  }
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="620" scrollable @after-leave="emit('close')">
    <v-card>
      <h2>A broth from a recipe file</h2>
      <p class="quiet">
        JSON-LD with a schema.org Recipe, as recipe pages carry it and as this page saves it.
      </p>
      <input
        class="file"
        type="file"
        accept=".jsonld,.json,application/ld+json,application/json"
        aria-label="A recipe file"
        @change="look"
      />
      <p v-if="problem" class="unmet" role="alert">{{ problem }}</p>
      <div v-if="preview" class="dialog-body" role="status">
        <div class="fields">
          <label class="field">
            <span class="quiet">Name</span>
            <input v-model="preview.broth.name" class="line-input" maxlength="60" />
          </label>
          <label class="field">
            <span class="quiet">Makes, ml</span>
            <input
              v-model.number="preview.broth.makesMl"
              class="line-input"
              type="number"
              min="200"
              max="50000"
            />
          </label>
          <label class="field">
            <span class="quiet">Salt, %</span>
            <input v-model.number="preview.broth.saltPercent" class="line-input" type="number" step="0.05" />
          </label>
        </div>
        <ul>
          <li v-for="row in preview.rows" :key="row.number" :class="{ unmet: !row.good }">{{ row.text }}</li>
        </ul>
        <p v-if="preview.ingredients.length > 0" class="caution">
          What nobody knows yet counts as holding every allergen. Say more about it under Ingredients, Own
          food.
        </p>
      </div>
      <div class="dialog-foot">
        <v-btn variant="outlined" @click="open = false">Leave it</v-btn>
        <v-btn color="primary" :disabled="!preview" @click="take">Take it in</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr;
  gap: 14px;
}

ul {
  padding: 10px 0 10px 18px;
}
</style>
