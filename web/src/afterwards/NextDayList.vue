<script setup lang="ts">
import type { Brief, JournalView } from '@/api/types'
import { ALLERGEN_NAMES, labelOf } from '@/party/words'
import { dayText } from '@/ui/time'

/** What may be cooked of what is left, for how many and for whom. */
const props = defineProps<{ meals: JournalView['nextDay']; brief: Brief }>()

type Meal = JournalView['nextDay'][number]
const guestName = (id: string) => props.brief.guests.find((guest) => guest.id === id)?.name ?? id
const forText = (meal: Meal) => (meal.people === 1 ? 'for one' : `for ${meal.people}`)
const holds = (meal: Meal) =>
  meal.allergens.length > 0
    ? `Holds ${meal.allergens.map((allergen) => labelOf(ALLERGEN_NAMES, allergen)).join(', ')}.`
    : 'No allergen that is to be named.'
</script>

<template>
  <section aria-label="The day after">
    <h2>The day after</h2>
    <article v-for="(meal, i) in meals" :key="i">
      <h3>{{ meal.name }}, {{ forText(meal) }}</h3>
      <p class="quiet">by {{ dayText(meal.until) }}</p>
      <ul>
        <li v-for="part in meal.parts" :key="part.name + part.amount">
          <span class="amount">{{ part.amount }}</span>
          <span>
            {{ part.name }}
            <span v-if="part.toGet" class="quiet">to add</span>
          </span>
        </li>
      </ul>
      <p>{{ meal.how.join(' ') }}</p>
      <p v-for="not in meal.notFor" :key="not.guest" class="not">
        Not for {{ guestName(not.guest) }}: {{ not.needs }}.
      </p>
      <p class="quiet">{{ holds(meal) }} Packets: read the label.</p>
    </article>
  </section>
</template>

<style scoped>
article {
  display: grid;
  gap: 4px;
  padding: 10px 0 14px;
  border-bottom: 1px solid var(--hair);
}

h3 {
  margin: 0;
  font: 600 17px var(--head);
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 2px 20px;
  list-style: none;
  padding: 4px 0;
  margin: 0;
}

p {
  margin: 0;
}

li {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
}

.amount {
  font-weight: 600;
  font-variant-numeric: tabular-nums;
}

.not {
  color: var(--warn);
  font-weight: 600;
}
</style>
