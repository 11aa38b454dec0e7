<script setup lang="ts">
import { computed } from 'vue'
import { range } from '@/api/parts'
import KeepChip from '@/household/KeepChip.vue'
import { useOpenParty } from '@/party/useOpenParty'
import { useKept } from '@/ui/useKept'
import { vSaid } from '@/ui/said'

/** What is at home already and taken off the list. */
defineEmits<{ import: [] }>()
const { party, brief, catalogue } = useOpenParty()
const wanted = useKept('pantry food', '')
const amount = useKept('pantry amount', '')
/** Several may be typed at once, with commas between. */
const names = computed(() =>
  wanted.value
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter(Boolean),
)
const found = computed(() =>
  names.value.flatMap((name) => catalogue.value.ingredients.filter((i) => i.name.toLowerCase() === name)),
)
const unknown = computed(() =>
  names.value.filter((name) => !found.value.some((i) => i.name.toLowerCase() === name)),
)
/** Nothing typed: there is always enough of it. */
const always = computed(() => amount.value.trim() === '')
const grams = computed(() => {
  const number = Number(amount.value.replace(',', '.'))
  return number > 0 && number <= 50000 ? number : undefined
})
const items = computed(() =>
  brief.value.pantry.map((item) => ({
    ...item,
    name: catalogue.value.ingredients.find((i) => i.id === item.ingredient)?.name ?? item.ingredient,
  })),
)

function setGrams(ingredient: string, event: Event): void {
  const grams = Number((event.target as HTMLInputElement).value)
  if (!Number.isFinite(grams) || grams < 0 || grams > 50000) return
  party.edit('change the pantry', (draft) => {
    const item = draft.pantry.find((i) => i.ingredient === ingredient)
    if (item) item.grams = grams
  })
}

function add(): void {
  const ids = found.value.map((i) => i.id)
  if (ids.length === 0 || unknown.value.length > 0 || (!always.value && grams.value === undefined)) return
  party.edit('add to the pantry', (draft) => {
    draft.pantry = [
      ...draft.pantry.filter((item) => !ids.includes(item.ingredient)),
      ...ids.map((ingredient) => ({ ingredient, grams: grams.value })),
    ]
  })
  wanted.value = amount.value = ''
}

function remove(ingredient: string): void {
  party.edit('change the pantry', (draft) => {
    draft.pantry = draft.pantry.filter((item) => item.ingredient !== ingredient)
  })
}
</script>

<template>
  <section class="pantry" aria-label="At home">
    <h2>At home</h2>
    <p v-if="items.length === 0" class="quiet">
      Nothing said yet. Write it here, or open a line with ··· to say that it is at home.
    </p>
    <ul>
      <li v-for="item in items" :key="item.ingredient">
        <label :for="`pantry-${item.ingredient}`">{{ item.name }}</label>
        <span v-if="item.grams === undefined" class="quiet">always there</span>
        <input
          v-else
          :id="`pantry-${item.ingredient}`"
          v-said="item.grams"
          type="number"
          v-bind="range('PantryItem', 'grams')"
          @change="setGrams(item.ingredient, $event)"
        />
        <template v-if="item.grams !== undefined">g</template>
        <button
          type="button"
          class="chip faint"
          :aria-label="`No ${item.name} at home`"
          @click="remove(item.ingredient)"
        >
          Remove
        </button>
      </li>
    </ul>
    <form class="choice-row add" @submit.prevent="add">
      <input
        v-model="wanted"
        class="line-input what"
        list="pantry-food"
        placeholder="Soy sauce, salt, sugar"
        aria-label="Also at home"
      />
      <datalist id="pantry-food">
        <option v-for="i in catalogue.ingredients" :key="i.id" :value="i.name"></option>
      </datalist>
      <input
        v-model="amount"
        class="line-input weight"
        inputmode="decimal"
        placeholder="always"
        aria-label="How many grams, or nothing for always enough"
      />
      g
      <button
        type="submit"
        class="chip"
        :disabled="found.length === 0 || unknown.length > 0 || (!always && grams === undefined)"
      >
        Add
      </button>
      <button type="button" class="chip faint" @click="$emit('import')">From a file</button>
      <KeepChip v-if="items.length > 0" part="PANTRY" what="this" />
      <span v-if="unknown.length > 0" class="quiet">Nothing is called “{{ unknown[0] }}”.</span>
    </form>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 2px 26px;
}

/* the two fields side by side, the hint below */
.add {
  padding-top: 10px;
}

.what {
  flex: 0 1 240px;
}

.weight {
  width: 74px;
  text-align: right;
}

li {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  border-bottom: 1px solid var(--hair);
}

label {
  flex: 1;
}

li input {
  font: 600 15px var(--text);
  color: inherit;
  width: 74px;
  text-align: right;
  border: 0;
  border-bottom: 1.5px solid var(--rim);
  background: transparent;
  padding: 4px 2px;
}
</style>
