<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { NoConnection } from '@/api/client'
import type { Brief, TablePlan } from '@/api/types'
import { latest } from '@/party/latest'
import { planOf } from '@/party/planOf'
import { useOpenParty } from '@/party/useOpenParty'
import { EMPHASES } from './eating'

/** The evening as it is beside the same one calmer and quicker: what each asks of people, and what it gives them. */
type Emphasis = Brief['emphasis']

const { party, brief, plan } = useOpenParty()
const own = computed(() => brief.value.emphasis)
const open = ref(false)
const others = ref(new Map<Emphasis, TablePlan>())
const trouble = ref('')

const look = latest<Emphasis, Map<Emphasis, TablePlan>>(
  async (current, signal) => {
    const found = new Map<Emphasis, TablePlan>()
    for (const { value } of EMPHASES)
      if (value !== current)
        found.set(value, (await planOf(party.id, { ...brief.value, emphasis: value }, signal)).table)
    return found
  },
  (found) => {
    others.value = found
    trouble.value = ''
  },
  (e) => {
    if (!(e instanceof NoConnection)) throw e
    trouble.value = 'Without a connection there is nothing to compare with.'
  },
)

watch([open, brief], () => open.value && void look(own.value))

const columns = computed(() =>
  EMPHASES.map((emphasis) => ({
    ...emphasis,
    table: emphasis.value === own.value ? plan.value.table : others.value.get(emphasis.value),
  })),
)
const ROWS: { name: string; of: (table: TablePlan) => string }[] = [
  { name: 'Everybody eats by', of: (table) => table.everybodyEats.text },
  { name: 'Longest wait', of: (table) => table.longestWait.text },
  {
    name: 'Things to do for one',
    of: (table) => `${Math.round((table.cuesPerMinute.value * table.mealSeconds) / 60)}`,
  },
  { name: 'Most in two minutes', of: (table) => table.mostCues.text },
]

const take = (emphasis: Emphasis) =>
  party.edit('choose what the table is for', (draft) => (draft.emphasis = emphasis))
</script>

<template>
  <section class="compare" aria-label="Calmer or quicker">
    <button type="button" class="chip" :aria-expanded="open" @click="open = !open">
      Compare calmer and quicker
    </button>
    <p v-if="open && trouble" class="quiet" role="status">{{ trouble }}</p>
    <table v-else-if="open">
      <thead>
        <tr>
          <th scope="col"><span class="quiet">the same evening</span></th>
          <th v-for="one in columns" :key="one.value" scope="col" :class="{ own: one.value === own }">
            {{ one.label }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in ROWS" :key="row.name">
          <th scope="row">{{ row.name }}</th>
          <td v-for="one in columns" :key="one.value" :class="{ own: one.value === own }">
            {{ one.table ? row.of(one.table) : '…' }}
          </td>
        </tr>
        <tr class="does">
          <th scope="row"></th>
          <td v-for="one in columns" :key="one.value" :class="{ own: one.value === own }">
            <p class="quiet">{{ one.does }}</p>
            <b v-if="one.value === own">This is the plan</b>
            <button
              v-else
              type="button"
              class="chip"
              :disabled="!one.table"
              :aria-label="`Take the ${one.label} one`"
              @click="take(one.value)"
            >
              Take it
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.compare {
  margin-top: 14px;
}

table {
  border-collapse: collapse;
  margin-top: 8px;
  width: 100%;
  max-width: 820px;
  table-layout: fixed;
}

th,
td {
  padding: 5px 10px;
  text-align: left;
  vertical-align: top;
  border-top: 1px solid var(--hair);
  font-size: 15px;
  font-variant-numeric: tabular-nums;
}

thead th {
  border-top: 0;
  font: 650 17px var(--head);
}

tbody th {
  font-weight: 500;
  color: var(--soft);
}

.own {
  background: var(--well);
}

.does p {
  font-size: 13px;
  margin-bottom: 6px;
}

@media (max-width: 839px) {
  th,
  td {
    padding: 5px 4px;
    font-size: 13px;
  }
}
</style>
