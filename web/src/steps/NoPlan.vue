<script setup lang="ts">
import { computed } from 'vue'
import type { Brief } from '@/api/types'
import { goAt, moveTo } from '@/party/edits'
import { useParty } from '@/party/store'
import WhenInput from '@/ui/WhenInput.vue'

/** A party for which no plan can be made, and none is known from before: what may be the reason can be changed here. */
const props = defineProps<{ brief: Brief }>()

const party = useParty()
/** Lists of the brief from which something can be taken away. */
const LISTS = [
  { title: 'Guests', key: 'guests', id: 'id' },
  { title: 'Food', key: 'menu', id: 'cut' },
  { title: 'Pots', key: 'pots', id: 'id' },
  { title: 'Own food', key: 'ownIngredients', id: 'id' },
  { title: 'Own broths', key: 'ownBroths', id: 'id' },
] as const

const lists = computed(() =>
  LISTS.map(({ title, key, id }) => ({
    title,
    key,
    entries: ((props.brief[key] ?? []) as unknown as Record<string, string>[]).map((entry) => ({
      id: entry[id] ?? '',
      name: entry.name ?? nameOf(entry[id] ?? ''),
    })),
  })).filter((list) => list.entries.length > 0),
)

function nameOf(cut: string): string {
  const found = party.catalogue?.cuts.find((c) => c.id === cut)
  const ingredient = party.catalogue?.ingredients.find((i) => i.id === found?.ingredient)
  return [ingredient?.name ?? cut, found?.name].filter(Boolean).join(', ')
}

function take(key: (typeof LISTS)[number]['key'], id: string, name: string): void {
  party.edit(`take away ${name}`, (draft) => {
    const list = draft[key] as { id?: string; cut?: unknown }[] | undefined
    const at = list?.findIndex((entry) => (key === 'menu' ? entry.cut : entry.id) === id) ?? -1
    if (at >= 0) list?.splice(at, 1)
  })
}

function moveTrip(shop: string, at: string): void {
  if (!at) return
  party.edit('move a trip', (draft) => {
    const found = draft.shops.find((s) => s.id === shop)
    if (found) goAt(found, `${at}:00`)
  })
}

function sit(at: string): void {
  if (at) party.edit('change the party', (draft) => moveTo(draft, `${at}:00`))
}
</script>

<template>
  <main class="no-plan">
    <h1>{{ brief.title }}</h1>
    <p class="unmet" role="alert">{{ party.message || 'No plan could be made of this party.' }}</p>
    <p>
      Nothing of what you said is lost. Change what stands in the way, or take something away; the plan is
      tried again at once.
      <button v-if="party.canUndo" type="button" class="chip" @click="party.undo">
        Undo: {{ party.canUndo }}
      </button>
    </p>
    <section class="times">
      <label class="field">
        <span class="quiet">Sitting down</span>
        <WhenInput type="datetime-local" :value="brief.sitDown.slice(0, 16)" @said="sit" />
      </label>
      <label v-for="shop in brief.shops" :key="shop.id" class="field">
        <span class="quiet">Going to {{ shop.name }}</span>
        <WhenInput
          type="datetime-local"
          :value="shop.tripAt.slice(0, 16)"
          @said="moveTrip(shop.id, $event)"
        />
      </label>
    </section>
    <section v-for="list in lists" :key="list.key">
      <h2>{{ list.title }}</h2>
      <ul>
        <li v-for="entry in list.entries" :key="entry.id">
          <button
            type="button"
            class="chip"
            :aria-label="`Take away ${entry.name}`"
            @click="take(list.key, entry.id, entry.name)"
          >
            {{ entry.name }} ×
          </button>
        </li>
      </ul>
    </section>
    <router-link to="/" class="back">All parties</router-link>
  </main>
</template>

<style scoped>
.no-plan {
  max-width: 880px;
  padding: 40px 24px;
  display: grid;
  gap: 16px;
}

.back {
  color: var(--ink);
}

.times,
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  list-style: none;
  padding: 0;
  margin: 6px 0 0;
}
</style>
