<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask } from '@/api/client'
import type { OwnBroth, RecipePreview } from '@/api/types'
import { useHousehold } from '@/household/store'
import { useOpenParty } from '@/party/useOpenParty'
import { useKept } from '@/ui/useKept'
import BrothForm from './BrothForm.vue'
import { asRecipe, nameFrom, takeRecipe, type Typed } from './recipes'

/** A broth of the household's own: typed as in a family recipe, read from a file, or one there is, changed. */
const props = defineProps<{ broth?: OwnBroth }>()
const emit = defineEmits<{ close: []; taken: [broth: string] }>()
const { party, brief } = useOpenParty()
const household = useHousehold()
const open = ref(true)
const preview = useKept<RecipePreview | undefined>(
  'own broth',
  props.broth && { rows: [], broth: props.broth, ingredients: [] },
)
const typed = useKept<Typed>('own broth typed', { name: '', makes: '2 l', parts: '', steps: '' })
const problem = ref('')
const mayTake = computed(() => {
  const broth = preview.value?.broth
  return broth && broth.name.trim() && (broth.parts.length > 0 || broth.base)
})

async function read(recipe: string): Promise<void> {
  preview.value = undefined
  problem.value = ''
  try {
    await party.save()
    preview.value = await ask(
      api.POST('/api/parties/{id}/import-recipe', {
        params: { path: { id: party.id } },
        body: recipe as never,
        bodySerializer: (text) => text as unknown as string,
        headers: { 'Content-Type': 'application/ld+json' },
      }),
    )
  } catch (e) {
    problem.value = e instanceof Error ? e.message : String(e)
  }
}

async function look(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) await read(await file.text())
}

/** It stays in the household for the next parties too. */
function take(): void {
  if (!preview.value) return
  const { id } = preview.value.broth
  party.edit(props.broth ? 'change a broth of our own' : 'take in a recipe', takeRecipe(preview.value))
  void household.keep(brief.value, 'BROTH', id)
  emit('taken', id)
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="680" scrollable @after-leave="emit('close')">
    <v-card>
      <h2>{{ broth ? broth.name : 'A broth of our own' }}</h2>
      <div class="dialog-body">
        <form v-if="!preview" class="typed" @submit.prevent="read(JSON.stringify(asRecipe(typed)))">
          <div class="fields">
            <label class="field">
              <span class="quiet">Name</span>
              <input
                v-model="typed.name"
                class="line-input"
                maxlength="60"
                :placeholder="nameFrom(typed.parts) || 'Grandmother’s bones'"
              />
            </label>
            <label class="field">
              <span class="quiet">Makes</span>
              <input v-model="typed.makes" class="line-input" placeholder="2 l" />
            </label>
          </div>
          <label class="field">
            <span class="quiet">What goes in, one a line</span>
            <textarea
              v-model="typed.parts"
              class="line-input"
              rows="6"
              placeholder="1 kg chicken carcasses&#10;2 tbsp soy sauce&#10;16 g salt"
            ></textarea>
          </label>
          <label class="field">
            <span class="quiet">How it is made, one step a line</span>
            <textarea
              v-model="typed.steps"
              class="line-input"
              rows="4"
              placeholder="Simmer for 2 h 30 min&#10;Strain, 5 min"
            ></textarea>
          </label>
          <div class="choice-row">
            <v-btn color="primary" type="submit" :disabled="!typed.parts.trim()"> Read it </v-btn>
            <label class="chip">
              Or from a recipe file
              <input
                class="file"
                type="file"
                accept=".jsonld,.json,application/ld+json,application/json"
                aria-label="A recipe file"
                @change="look"
              />
            </label>
          </div>
        </form>
        <p v-if="problem" class="unmet" role="alert">{{ problem }}</p>
        <div v-if="preview" role="status">
          <ul v-if="preview.rows.length > 0">
            <li v-for="row in preview.rows" :key="row.number" :class="{ unmet: !row.good }">
              {{ row.text }}
            </li>
          </ul>
          <BrothForm v-model="preview.broth" />
          <p v-if="preview.ingredients.length > 0" class="caution">
            What nobody knows yet counts as holding every allergen. Say more about it under Ingredients, Own
            food.
          </p>
        </div>
      </div>
      <div class="dialog-foot">
        <v-btn variant="outlined" @click="open = false">Leave it</v-btn>
        <v-btn v-if="preview" color="primary" :disabled="!mayTake" @click="take">Take it in</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.typed {
  display: grid;
  gap: 14px;
}

.fields {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 14px;
}

textarea {
  width: 100%;
  resize: vertical;
}

.file {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}

ul {
  padding: 0 0 10px 18px;
}
</style>
