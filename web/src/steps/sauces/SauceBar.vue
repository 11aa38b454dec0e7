<script setup lang="ts">
import { computed } from 'vue'
import { useOpenParty } from '@/party/useOpenParty'
import ChipChoice from '@/ui/ChipChoice.vue'
import FigureText from '@/ui/FigureText.vue'

/** What is set out for those who stir their own sauce, and who they are. */
const { party, brief, plan, catalogue } = useOpenParty()
const bar = computed(() => plan.value.sauces.bar)
const nameOf = (id: string) => catalogue.value.ingredients.find((i) => i.id === id)?.name ?? id
const guestName = (id: string) => brief.value.guests.find((g) => g.id === id)?.name ?? id
/** What usually stands there, then what else of the larder was set out. */
const parts = computed(() => {
  const usual = catalogue.value.sauceBar.map((part) => part.ingredient)
  const more = brief.value.sauceBar.filter((id) => !usual.includes(id))
  return [...usual, ...more].map((id) => ({ value: id, label: nameOf(id) }))
})
const larder = computed(() =>
  catalogue.value.ingredients.filter(
    ({ id, category }) => category === 'LARDER' && !parts.value.some(({ value }) => value === id),
  ),
)
const guests = computed(() => brief.value.guests.map((g) => ({ value: g.id, label: g.name })))
const stirring = computed(() => brief.value.guests.filter((g) => g.stirsOwnSauce).map((g) => g.id))
const without = computed(() => stirring.value.length === 0 || brief.value.sauceBar.length === 0)

function add(event: Event): void {
  const input = event.target as HTMLInputElement
  const found = larder.value.find(({ name }) => name.toLowerCase() === input.value.trim().toLowerCase())
  if (!found) return
  input.value = ''
  togglePart(found.id)
}

const everybody = computed(() => stirring.value.length === brief.value.guests.length)

function toggleEverybody(): void {
  const own = !everybody.value
  party.edit(own ? 'everybody stirs their own' : 'nobody stirs their own', (draft) => {
    for (const guest of draft.guests) guest.stirsOwnSauce = own
    if (own && !draft.sauceBar.length)
      draft.sauceBar = catalogue.value.sauceBar.map((part) => part.ingredient)
  })
}

function togglePart(ingredient: string): void {
  party.edit('change the sauce bar', (draft) => {
    const bar = draft.sauceBar
    draft.sauceBar = bar.includes(ingredient)
      ? bar.filter((part) => part !== ingredient)
      : [...bar, ingredient]
  })
}

function toggleGuest(id: string): void {
  party.edit('change who stirs their own', (draft) => {
    const guest = draft.guests.find((g) => g.id === id)
    if (guest) guest.stirsOwnSauce = !guest.stirsOwnSauce
  })
}
</script>

<template>
  <section class="bar" aria-label="Sauce bar">
    <h2>Sauce bar</h2>
    <div class="line">
      <h3>Set out</h3>
      <div class="choice-row">
        <ChipChoice :options="parts" :on="brief.sauceBar" @choose="togglePart" />
        <input
          class="line-input more"
          list="bar-larder"
          placeholder="Anything else"
          aria-label="Set out something else of the larder"
          @change="add"
        />
        <datalist id="bar-larder">
          <option v-for="known in larder" :key="known.id" :value="known.name"></option>
        </datalist>
      </div>
    </div>
    <div class="line">
      <h3>Stirs their own</h3>
      <div class="choice-row">
        <button type="button" class="chip" :aria-pressed="everybody" @click="toggleEverybody">
          Everybody
        </button>
        <ChipChoice :options="guests" :on="stirring" @choose="toggleGuest" />
      </div>
    </div>
    <p v-if="without" class="quiet">
      Choose what to set out and who stirs their own; everybody else gets the house sauces.
    </p>
    <ul v-else>
      <li v-for="need in bar.needs" :key="need.ingredient">
        <span
          >{{ need.name }} <span class="quiet">{{ need.role }}</span></span
        >
        <b><FigureText :figure="need.volume" /></b>
      </li>
    </ul>
    <p v-if="bar.clashes.length > 0" class="choice-row">
      <span v-for="clash in bar.clashes" :key="clash.guest + clash.ingredient" class="chip">
        no {{ nameOf(clash.ingredient).toLowerCase() }} for {{ guestName(clash.guest) }}: {{ clash.reason }}
      </span>
    </p>
  </section>
</template>

<style scoped>
.bar {
  border-top: 2.5px solid var(--rim);
  padding: 12px 0;
}

.line {
  display: grid;
  grid-template-columns: 116px minmax(0, 1fr);
  gap: 4px 12px;
  padding: 6px 0;
}

.more {
  width: 160px;
}

h3 {
  font-size: 14px;
  color: var(--soft);
  padding-top: 6px;
}

ul {
  list-style: none;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 2px 26px;
  padding: 6px 0;
  margin: 0;
}

li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 3px 0;
}

b {
  font-weight: 600;
}

@media (max-width: 839px) {
  .line {
    grid-template-columns: 1fr;
  }
}
</style>
