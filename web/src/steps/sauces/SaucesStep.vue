<script setup lang="ts">
import { computed } from 'vue'
import { useOpenParty } from '@/party/useOpenParty'
import StepNotes from '@/ui/StepNotes.vue'
import FigureText from '@/ui/FigureText.vue'
import SauceBar from './SauceBar.vue'

const { party, brief, plan, catalogue } = useOpenParty()
const nameOf = (guest: string) => brief.value.guests.find((g) => g.id === guest)?.name ?? guest
const total = computed(() => plan.value.sauces.needs.length)
const sauces = computed(() =>
  catalogue.value.sauces
    .map((sauce) => ({
      ...sauce,
      need: plan.value.sauces.needs.find((need) => need.sauce === sauce.id),
      clashes: plan.value.sauces.clashes.filter((clash) => clash.sauce === sauce.id),
    }))
    .sort((a, b) => Number(b.need !== undefined) - Number(a.need !== undefined)),
)

function toggle(sauce: string, on: boolean): void {
  party.edit(on ? 'take a sauce away' : 'add a sauce', (draft) => {
    if (on) draft.sauces = draft.sauces.filter((choice) => choice.sauce !== sauce)
    else draft.sauces.push({ sauce })
  })
}
</script>

<template>
  <div class="head-line">
    <h1>House sauces</h1>
    <span class="quiet"
      >{{ total }} on the table, about {{ brief.sauceMlPerAdult }} ml for a regular eater</span
    >
  </div>
  <section
    v-for="sauce in sauces"
    :key="sauce.id"
    class="sauce"
    :class="{ off: !sauce.need }"
    :aria-label="sauce.name"
  >
    <div class="top">
      <div>
        <h2>{{ sauce.name }}</h2>
        <p class="quiet">{{ sauce.remark }}</p>
      </div>
      <span v-if="sauce.need" class="make"><FigureText :figure="sauce.need.make" /></span>
      <button
        type="button"
        class="chip"
        :aria-pressed="sauce.need !== undefined"
        :aria-label="`${sauce.name} on the table`"
        @click="toggle(sauce.id, sauce.need !== undefined)"
      >
        {{ sauce.need ? 'On the table' : 'Add' }}
      </button>
    </div>
    <template v-if="sauce.need">
      <ul class="parts">
        <li v-for="part in sauce.need.parts" :key="part.ingredient">
          <span>{{ part.name }}</span>
          <span class="amount"><FigureText :figure="part.volume" /></span>
        </li>
        <li v-if="sauce.need.broth">
          <span>{{ sauce.need.from || 'Hot water' }}</span>
          <span class="amount"><FigureText :figure="sauce.need.broth" /></span>
        </li>
      </ul>
      <p v-if="sauce.need.broth" class="caution">
        {{
          sauce.need.from
            ? `Ladle the ${sauce.need.from.toLowerCase()} before any food goes in.`
            : 'No broth suits all who get this sauce: thin it with hot water.'
        }}
      </p>
      <p v-if="sauce.clashes.length > 0" class="clash">
        <span v-for="clash in sauce.clashes" :key="clash.guest" class="chip">
          not for {{ nameOf(clash.guest) }}: {{ clash.reason
          }}{{ clash.instead ? `; ${clash.instead.toLowerCase()} instead` : '' }}
        </span>
      </p>
      <p v-if="sauce.need.caution" class="caution">{{ sauce.need.caution }}</p>
    </template>
  </section>
  <SauceBar />
  <StepNotes step="SAUCES" />
</template>

<style scoped>
.sauce {
  border-top: 1px solid var(--hair);
  padding: 14px 0;
}

.sauce.off {
  opacity: 0.85;
}

.top {
  display: grid;
  grid-template-columns: 1fr auto auto;
  align-items: center;
  gap: 16px;
}

.make {
  font: 600 22px var(--head);
}

.parts {
  list-style: none;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 2px 26px;
  padding: 8px 0 0;
  margin: 0;
}

.parts li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 3px 0;
}

.amount {
  font-weight: 600;
}

.clash {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding-top: 8px;
}
</style>
