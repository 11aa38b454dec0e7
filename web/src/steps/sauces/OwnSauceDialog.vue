<script setup lang="ts">
import { computed, ref } from 'vue'
import type { OwnIngredient } from '@/api/types'
import { useHousehold } from '@/household/store'
import { freshId } from '@/party/edits'
import { useOpenParty } from '@/party/useOpenParty'
import { SAUCE_USES } from '@/party/words'
import ChipChoice from '@/ui/ChipChoice.vue'
import { useKept } from '@/ui/useKept'
import { asSauce, hasEgg, problemOf, SPOONS, unknownParts, type TypedSauce } from './ownSauce'

/** A sauce of the household's own: what goes in by the spoon or by shares, thinned with broth, how it is taken. */
const props = defineProps<{ sauce: TypedSauce }>()
const emit = defineEmits<{ close: [] }>()
const { party, brief, catalogue } = useOpenParty()
const household = useHousehold()
const open = ref(true)
const typed = useKept('own sauce', JSON.parse(JSON.stringify(props.sauce)) as TypedSauce)
const isNew = computed(() => !brief.value.ownSauces.some(({ id }) => id === typed.value.id))
const unknown = computed(() => unknownParts(typed.value, catalogue.value))
const problem = computed(() => problemOf(typed.value))
const EGGS = [
  { value: 'raw', label: 'raw' },
  { value: 'cooked', label: 'cooked or pasteurised' },
] as const

/** What nobody knows yet becomes something of the larder, which counts as the strictest until somebody says more. */
function keep(): void {
  const own = [...brief.value.ownIngredients]
  const ids = new Map<string, string>()
  for (const name of unknown.value) {
    const item: OwnIngredient = { id: freshId('own', own), name, category: 'LARDER' }
    own.push(item)
    ids.set(name.toLowerCase(), item.id)
  }
  const idOf = (name: string) =>
    ids.get(name.trim().toLowerCase()) ??
    catalogue.value.ingredients.find((known) => known.name.toLowerCase() === name.trim().toLowerCase())?.id ??
    ''
  const sauce = asSauce(typed.value, idOf)
  const add = isNew.value
  party.edit(add ? 'stir a sauce of our own' : 'change a sauce of our own', (draft) => {
    draft.ownIngredients = own
    draft.ownSauces = [...draft.ownSauces.filter(({ id }) => id !== sauce.id), sauce]
    if (add) draft.sauces.push({ sauce: sauce.id })
  })
  void household.keep(brief.value, 'SAUCE', sauce.id)
  open.value = false
}

function remove(): void {
  party.edit('take a sauce of our own away', (draft) => {
    draft.ownSauces = draft.ownSauces.filter(({ id }) => id !== typed.value.id)
  })
  open.value = false
}

const addPart = () => typed.value.parts.push({ name: '', count: 1, spoon: 'tbsp' })
</script>

<template>
  <v-dialog v-model="open" max-width="640" scrollable @after-leave="emit('close')">
    <v-card>
      <h2>{{ isNew ? 'A sauce of our own' : sauce.name }}</h2>
      <div class="dialog-body">
        <label class="field">
          <span class="quiet">Name</span>
          <input v-model="typed.name" class="line-input" maxlength="60" placeholder="Aunt’s green sauce" />
        </label>
        <h3>What goes in</h3>
        <ul>
          <li v-for="(part, i) in typed.parts" :key="i">
            <input
              v-model="part.name"
              class="line-input"
              list="sauce-parts"
              maxlength="60"
              placeholder="Soy sauce"
              :aria-label="`Part ${i + 1}`"
            />
            <input
              v-model.number="part.count"
              class="line-input count"
              type="number"
              min="0"
              step="any"
              :aria-label="`How much of part ${i + 1}`"
            />
            <select v-model="part.spoon" class="line-input" :aria-label="`Measure of part ${i + 1}`">
              <option v-for="spoon in SPOONS" :key="spoon.value" :value="spoon.value">
                {{ spoon.label }}
              </option>
            </select>
            <button
              type="button"
              class="chip faint"
              :aria-label="`Without part ${i + 1}`"
              @click="typed.parts.splice(i, 1)"
            >
              Remove
            </button>
          </li>
          <li>
            <span>Broth from the pot, before any food goes in</span>
            <input
              v-model.number="typed.broth.count"
              class="line-input count"
              type="number"
              min="0"
              step="any"
              aria-label="How much broth"
            />
            <select v-model="typed.broth.spoon" class="line-input" aria-label="Measure of the broth">
              <option v-for="spoon in SPOONS" :key="spoon.value" :value="spoon.value">
                {{ spoon.label }}
              </option>
            </select>
            <span></span>
          </li>
        </ul>
        <datalist id="sauce-parts">
          <option v-for="known in catalogue.ingredients" :key="known.id" :value="known.name"></option>
        </datalist>
        <button type="button" class="chip" @click="addPart">Another part</button>
        <h3>A guest takes</h3>
        <div class="choice-row">
          <ChipChoice :options="SAUCE_USES" :on="typed.use" @choose="typed.use = $event" />
        </div>
        <template v-if="hasEgg(typed, catalogue)">
          <h3>The egg in it is</h3>
          <div class="choice-row">
            <ChipChoice
              :options="EGGS"
              :on="typed.rawEgg === false ? 'cooked' : 'raw'"
              @choose="typed.rawEgg = $event === 'cooked' ? false : undefined"
            />
          </div>
          <p v-if="typed.rawEgg !== false" class="caution">
            Raw egg: not for children, pregnant or immune-weak guests.
          </p>
        </template>
        <p v-if="unknown.length > 0" class="caution">
          Not in the catalogue: {{ unknown.join(', ') }}. It counts as holding every allergen until you say
          more under Ingredients, Own food.
        </p>
        <p v-if="problem && typed.name" class="unmet" role="alert">{{ problem }}</p>
      </div>
      <div class="dialog-foot">
        <button v-if="!isNew" type="button" class="chip faint" @click="remove">Take it away for good</button>
        <v-btn variant="outlined" @click="open = false">Leave it</v-btn>
        <v-btn color="primary" :disabled="problem !== ''" @click="keep">
          {{ isNew ? 'Put it on the table' : 'Keep it' }}
        </v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
h3 {
  font-size: 15px;
  padding: 14px 0 4px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0 0 8px;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 76px 88px 86px;
  align-items: center;
  gap: 10px;
  min-height: 48px;
  border-bottom: 1px solid var(--hair);
}

.count {
  text-align: right;
}

option {
  background: var(--sheet);
}

@media (max-width: 839px) {
  li {
    grid-template-columns: minmax(0, 1fr) 84px auto;
    padding: 6px 0;
  }

  li > :first-child {
    grid-column: 1 / -1;
  }
}
</style>
