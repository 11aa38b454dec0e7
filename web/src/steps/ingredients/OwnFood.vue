<script setup lang="ts">
import { computed, ref } from 'vue'
import { usual } from '@/api/parts'
import type { OwnIngredient } from '@/api/types'
import { useHousehold } from '@/household/store'
import { freshId } from '@/party/edits'
import { useOpenParty } from '@/party/useOpenParty'
import { CATEGORIES, EXTRA_KINDS } from '@/party/words'
import ChipChoice from '@/ui/ChipChoice.vue'
import { useKept } from '@/ui/useKept'
import { foodLike, likable } from './like'
import OwnFoodForm from './OwnFoodForm.vue'

/** What the household cooks that the catalogue does not know, and what it knows better. */
/** The name a new one starts with. */
const props = defineProps<{ name?: string }>()
const emit = defineEmits<{ close: [] }>()
const { party, brief, catalogue } = useOpenParty()
const household = useHousehold()
/** What never goes into a pot. */
const BESIDE = [...EXTRA_KINDS, { value: 'LARDER', label: 'Larder' }] as const
const open = ref(true)
const editing = useKept<OwnIngredient | undefined>('own food item', undefined)
const known = ref('')
const like = ref('')
const cuts = computed(() => likable(catalogue.value))
const liked = computed(() =>
  cuts.value.find(({ name }) => name.toLowerCase() === like.value.trim().toLowerCase()),
)
const own = computed(() => brief.value.ownIngredients)
const remark = (id: string) => catalogue.value.ingredients.find((i) => i.id === id)?.remark

/** What it comes as and cooks like is taken; what it holds is shown, to be compared with its label. */
function addLike(): void {
  if (liked.value) editing.value = foodLike(liked.value, freshId('own', own.value), props.name ?? '')
}

function addNew(category: OwnIngredient['category']): void {
  editing.value = {
    ...{ id: freshId('own', own.value), name: props.name ?? '', category },
    cut: { ...usual('OwnIngredientOwnCut'), name: '', readySeconds: 180, bestUntilSeconds: 360 },
  }
}

/** Something that does not go into the pots: for sauces and broths, or set out beside. */
function addBeside(kind: (typeof BESIDE)[number]['value']): void {
  editing.value = {
    ...{ id: freshId('own', own.value), name: props.name ?? '', category: 'LARDER' },
    beside: kind === 'LARDER' ? undefined : kind,
    aisle: kind === 'DRINK' ? 'DRINKS' : undefined,
  }
}

/** Starts from the catalogue: only what is changed is stored. */
function correct(): void {
  const found = catalogue.value.ingredients.find((i) => i.name === known.value)
  if (!found) return
  editing.value = own.value.find((item) => item.id === found.id) ?? {
    id: found.id,
    name: found.name,
    category: found.category,
  }
  known.value = ''
}

/** What is new is on the menu, or beside the pots, at once. */
function keep(item: OwnIngredient): void {
  const isNew = !own.value.some(({ id }) => id === item.id)
  party.edit('change our own food', (draft) => {
    if (isNew && item.cut) draft.menu.push({ ...usual('MenuItem'), cut: `${item.id}.own`, fromFrozen: false })
    if (isNew && item.beside) draft.extras.push({ ingredient: item.id })
    draft.ownIngredients = [...draft.ownIngredients.filter((o) => o.id !== item.id), item]
  })
  void household.keep(brief.value, 'FOOD', item.id)
  editing.value = undefined
}

/** What is off the list is off the menu too, and out of all that refers to it. */
function remove(item: OwnIngredient): void {
  party.edit('take our own food away', (draft) => {
    draft.ownIngredients = draft.ownIngredients.filter((o) => o.id !== item.id)
  })
}
</script>

<template>
  <v-dialog v-model="open" max-width="720" scrollable @after-leave="emit('close')">
    <v-card>
      <div class="top">
        <h2>Our own food</h2>
        <v-btn color="primary" @click="open = false">Done</v-btn>
      </div>
      <div class="body">
        <OwnFoodForm v-if="editing" :item="editing" @keep="keep" @cancel="editing = undefined" />
        <template v-else>
          <ul>
            <li v-for="item in own" :key="item.id">
              <button type="button" class="row-button name" @click="editing = item">{{ item.name }}</button>
              <span class="quiet">{{ remark(item.id) }}</span>
              <button
                type="button"
                class="chip faint"
                :aria-label="`Remove ${item.name}`"
                @click="remove(item)"
              >
                Remove
              </button>
            </li>
          </ul>
          <p v-if="own.length === 0" class="quiet">
            Add what only you cook, or correct an entry, such as a soy sauce without wheat. It is kept for
            your next parties.
          </p>
          <h3>{{ name ? `“${name}” is like` : 'Something new that is like' }}</h3>
          <form class="choice-row" @submit.prevent="addLike">
            <input
              v-model="like"
              class="line-input find"
              list="like-cuts"
              placeholder="Fish balls, from frozen"
              aria-label="What it is like"
            />
            <datalist id="like-cuts">
              <option v-for="one in cuts" :key="one.cut.id" :value="one.name"></option>
            </datalist>
            <button type="submit" class="chip" :disabled="!liked">Add it</button>
          </form>
          <h3>{{ name ? `Add “${name}” to` : 'Add something new to' }}</h3>
          <div class="choice-row">
            <ChipChoice :options="CATEGORIES" :on="[]" of="of our own" @choose="addNew" />
            <ChipChoice :options="BESIDE" :on="[]" of="of our own" @choose="addBeside" />
          </div>
          <h3>Correct what the catalogue says</h3>
          <form class="choice-row" @submit.prevent="correct">
            <input
              v-model="known"
              class="line-input find"
              list="known-food"
              placeholder="Soy sauce"
              aria-label="Ingredient of the catalogue"
            />
            <datalist id="known-food">
              <option v-for="i in catalogue.ingredients" :key="i.id" :value="i.name"></option>
            </datalist>
            <button type="submit" class="chip">Correct it</button>
          </form>
        </template>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.top {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding-bottom: 8px;
}

.body {
  overflow: auto;
}

h3 {
  font-size: 15px;
  padding: 14px 0 6px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: minmax(120px, auto) 1fr auto;
  align-items: center;
  gap: 12px;
  min-height: 46px;
  border-bottom: 1px solid var(--hair);
}

li .quiet {
  font-size: 13.5px;
}

.name {
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 4px;
}

.find {
  flex: 1;
}
</style>
