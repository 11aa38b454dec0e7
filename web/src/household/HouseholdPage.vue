<script setup lang="ts">
import { computed, ref } from 'vue'
import { useMode } from '@/app/useMode'
import { labelOf, AISLES, APPETITES, HEATS, needLabel } from '@/party/words'
import { dayText } from '@/ui/time'
import { useHousehold } from './store'
import type { Household, HouseholdPart } from '@/api/types'

/** What is kept from party to party: looked through, forgotten, taken out as a file and put in from one. */
const household = useHousehold()
const { mode, toggle } = useMode()
const kept = computed(() => household.view?.household)
const replaced = ref(false)
void household.load()
document.title = 'Your household · Lively Ladle'

interface Row {
  part: HouseholdPart
  id?: string
  name: string
  says: string
}

const listed = (names: string[], none: string) => (names.length > 0 ? names.join(', ') : none)
const plural = (count: number, one: string, many = `${one}s`) => `${count} ${count === 1 ? one : many}`

const people = computed<Row[]>(() =>
  (kept.value?.people ?? []).map((person) => ({
    part: 'PERSON',
    id: person.id,
    name: person.name,
    says: [
      labelOf(APPETITES, person.appetite),
      `broths up to ${labelOf(HEATS, person.heat)}`,
      ...person.needs.map((need) => needLabel(need.kind)),
    ].join(' · '),
  })),
)

const things = computed<Row[]>(() => {
  const h = kept.value
  if (!h) return []
  return [
    {
      part: 'KITCHEN',
      name: 'Pots and kitchen',
      says: listed(
        h.pots.map((pot) => `${pot.name}, ${plural(pot.sides.length, 'side')}`),
        'pots by the number of guests',
      ),
    },
    {
      part: 'SHOPS',
      name: 'Shops',
      says: `${listed(
        h.shops.map((shop) => shop.name),
        'none',
      )} · ${plural(h.prices.offers.length, 'price')} of ${dayText(h.prices.asOf)}`,
    },
    {
      part: 'PANTRY',
      name: 'Always at home',
      says: h.pantry.length > 0 ? plural(h.pantry.length, 'thing') : 'nothing said',
    },
    {
      part: 'COOKS',
      name: 'Cooks',
      says: listed(
        h.cooks.map((cook) => cook.name),
        'you',
      ),
    },
    {
      part: 'AMOUNTS',
      name: 'Usual amounts',
      says: h.portionsPerAdult ? `${Math.round(total(h))} g a head, your own` : 'as the catalogue has them',
    },
    {
      part: 'ORDER',
      name: 'Way of eating',
      says: `${plural(h.mealMinutes, 'minute')} at the table`,
    },
    {
      part: 'BESIDE',
      name: 'Sauces and beside the pots',
      says: h.sauces
        ? `${plural(h.sauces.length, 'sauce')}, ${plural(h.extras?.length ?? 0, 'thing')} beside the pots`
        : 'two house sauces',
    },
  ]
})

const total = (h: Household) => Object.values(h.portionsPerAdult ?? {}).reduce((sum, grams) => sum + grams, 0)

const own = computed<Row[]>(() => [
  ...(kept.value?.ownBroths ?? []).map((broth) => ({
    part: 'BROTH' as const,
    id: broth.id,
    name: broth.name,
    says: `a broth of ${plural(broth.parts.length, 'part')}`,
  })),
  ...(kept.value?.ownIngredients ?? []).map((food) => ({
    part: 'FOOD' as const,
    id: food.id,
    name: food.name,
    says: food.aisle ? labelOf(AISLES, food.aisle) : 'your own food',
  })),
])

const groups = computed(() => [
  {
    title: 'People',
    rows: people.value,
    none: 'Nobody yet. Open a guest of a party and keep them for next time.',
  },
  { title: 'House', rows: things.value, none: '' },
  { title: 'Of your own', rows: own.value, none: 'No food or broth of your own yet.' },
])

const file = computed(() =>
  URL.createObjectURL(new Blob([JSON.stringify(kept.value, null, 2)], { type: 'application/json' })),
)

async function read(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const text = await input.files?.[0]?.text()
  input.value = ''
  if (text === undefined) return
  try {
    replaced.value = await household.replace(JSON.parse(text) as Household)
  } catch {
    household.problem = 'This is no household.json: it could not be read as JSON.'
  }
}
</script>

<template>
  <div class="page">
    <header>
      <router-link to="/" class="brand">Lively Ladle</router-link>
      <button type="button" class="chip push" @click="toggle">{{ mode === 'day' ? 'Night' : 'Day' }}</button>
    </header>
    <main>
      <div class="head-line">
        <h1>Your household</h1>
        <span class="quiet">What every new party begins with. A party stays as it was.</span>
      </div>
      <p v-if="household.problem" class="unmet" role="alert">{{ household.problem }}</p>
      <p v-if="replaced" role="status">The file is taken in.</p>
      <template v-if="kept">
        <section v-for="group in groups" :key="group.title" :aria-label="group.title">
          <h2>{{ group.title }}</h2>
          <p v-if="group.rows.length === 0" class="quiet">{{ group.none }}</p>
          <ul>
            <li v-for="row in group.rows" :key="row.part + row.id">
              <b>{{ row.name }}</b>
              <span class="quiet says">{{ row.says }}</span>
              <button
                type="button"
                class="chip faint"
                :aria-label="`Forget ${row.name}`"
                @click="household.forget(row.part, row.id)"
              >
                Forget
              </button>
            </li>
          </ul>
        </section>
        <div class="choice-row files">
          <a class="chip" :href="file" download="household.json">Take it along as a file</a>
          <label class="chip">
            Put in from a file
            <input type="file" accept=".json,application/json" @change="read" />
          </label>
        </div>
      </template>
    </main>
    <v-snackbar
      :model-value="household.before !== undefined"
      timeout="8000"
      color="primary"
      @update:model-value="household.before = undefined"
    >
      Forgotten.
      <template #actions>
        <v-btn variant="text" @click="household.bringBack()">Undo</v-btn>
      </template>
    </v-snackbar>
  </div>
</template>

<style scoped>
.page {
  width: 100%;
  max-width: 980px;
  margin: 0 auto;
  padding: 0 20px 60px;
}

header {
  display: flex;
  align-items: center;
  height: 60px;
}

.push {
  margin-left: auto;
}

.brand {
  font: 700 20px var(--head);
  color: var(--ink);
  text-decoration: none;
}

main {
  background: var(--sheet);
  border-radius: 22px;
  padding: 26px 28px;
  box-shadow: 0 1px 0 var(--hair);
}

section {
  padding-top: 14px;
}

h2 {
  border-bottom: 2.5px solid var(--rim);
  padding-bottom: 4px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 220px minmax(0, 1fr) auto;
  align-items: center;
  gap: 4px 16px;
  min-height: 48px;
  border-bottom: 1px solid var(--hair);
}

.files {
  padding-top: 20px;
}

.files .chip {
  text-decoration: none;
  cursor: pointer;
}

.files input {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}

.files label:focus-within {
  outline: 3px solid var(--rim);
}

@media (max-width: 839px) {
  .page {
    padding: 0 8px 40px;
  }

  main {
    padding: 18px 14px;
  }

  li {
    grid-template-columns: minmax(0, 1fr) auto;
    padding: 6px 0;
  }

  .says {
    grid-row: 2;
    grid-column: 1 / -1;
    font-size: 14px;
  }
}
</style>
