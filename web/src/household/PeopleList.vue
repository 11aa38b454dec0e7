<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask } from '@/api/client'
import type { GuestBook, Household } from '@/api/types'
import { peopleOf, type KeptRow } from './rows'
import { useHousehold } from './store'

/** Who came before, as evenings knew them; forgotten here, or in past evenings too. */
const props = defineProps<{ kept: Household }>()
const household = useHousehold()
const book = ref<GuestBook['people']>([])
const leaving = ref<string>()
const erased = ref('')
void ask(api.GET('/api/household/people'))
  .then((answer) => (book.value = answer.people))
  // the book says what there is without it
  .catch(() => undefined)
const rows = computed(() => peopleOf(props.kept, book.value))

/** Whoever was at evenings that are over may be forgotten there as well; it is asked as long as nobody knows of none. */
function forget(row: KeptRow): void {
  if (row.evenings === 0) void household.forget(row.part, row.id)
  else leaving.value = row.id
}

async function onlyHere(row: KeptRow): Promise<void> {
  leaving.value = undefined
  await household.forget(row.part, row.id)
}

async function everywhere(row: KeptRow): Promise<void> {
  leaving.value = undefined
  const parties = await household.erase(row.id ?? '')
  if (parties !== undefined)
    erased.value = `${row.name} is erased, here and in ${parties === 1 ? 'one party' : `${parties} parties`}.`
}
</script>

<template>
  <section class="kept-group" aria-label="People">
    <h2>People</h2>
    <p v-if="erased" role="status">{{ erased }}</p>
    <p v-if="rows.length === 0" class="quiet">
      Nobody yet. Open a guest of a party and keep them for next time.
    </p>
    <ul class="kept">
      <li v-for="row in rows" :key="row.id">
        <b>{{ row.name }}</b>
        <span class="quiet says">{{ row.says }}</span>
        <button type="button" class="chip faint" :aria-label="`Forget ${row.name}`" @click="forget(row)">
          Forget
        </button>
        <span v-if="leaving === row.id" class="choice-row leaving" role="group" aria-label="Forget where">
          <button type="button" class="chip" @click="onlyHere(row)">Only from this book</button>
          <button type="button" class="chip" @click="everywhere(row)">
            From past evenings too, for good
          </button>
          <button type="button" class="chip faint" @click="leaving = undefined">Keep</button>
          <span class="quiet">
            Somebody without name, needs and wishes stays in their place. Files you took along and words you
            wrote yourself are not changed.
          </span>
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.leaving {
  grid-column: 1 / -1;
  padding-bottom: 10px;
}
</style>
