<script setup lang="ts">
import { computed } from 'vue'
import { useOpenParty } from '@/party/useOpenParty'
import { EXTRA_KINDS } from '@/party/words'
import ChipChoice from '@/ui/ChipChoice.vue'
import FigureText from '@/ui/FigureText.vue'

/** Drinks, starters, pickles, herbs and wraps: chosen by a tap, shared by kind among whom they suit. */
const { party, brief, plan, catalogue } = useOpenParty()
const chosen = computed(() => brief.value.extras.map((extra) => extra.ingredient))
const nameOf = (id: string) => catalogue.value.ingredients.find((i) => i.id === id)?.name ?? id
const guestName = (id: string) => brief.value.guests.find((g) => g.id === id)?.name ?? id
const kinds = computed(() =>
  EXTRA_KINDS.map((kind) => ({
    ...kind,
    options: catalogue.value.extras
      .filter((extra) => extra.kind === kind.value)
      .map((extra) => ({ value: extra.ingredient, label: nameOf(extra.ingredient) })),
    needs: plan.value.extras.needs.filter((need) => need.kind === kind.value),
  })),
)
const keptFrom = (ingredient: string) =>
  plan.value.extras.keptFrom.filter((kept) => kept.ingredient === ingredient)

function toggle(ingredient: string): void {
  const on = chosen.value.includes(ingredient)
  party.edit(on ? 'take something away' : 'put something beside the pots', (draft) => {
    const extras = draft.extras
    draft.extras = on
      ? extras.filter((extra) => extra.ingredient !== ingredient)
      : [...extras, { ingredient }]
  })
}
</script>

<template>
  <section class="beside" aria-label="Beside the pots">
    <h2>Beside the pots</h2>
    <div v-for="kind in kinds" :key="kind.value" class="kind">
      <h3>{{ kind.label }}</h3>
      <div class="choice-row">
        <ChipChoice :options="kind.options" :on="chosen" @choose="toggle" />
      </div>
      <p v-for="need in kind.needs" :key="need.ingredient" class="need">
        <span>{{ need.name }}</span>
        <b><FigureText :figure="need.amount" /></b>
        <span class="quiet">
          for {{ need.guests }} {{ need.guests === 1 ? 'guest' : 'guests'
          }}<template v-for="kept in keptFrom(need.ingredient)" :key="kept.guest"
            >; not {{ guestName(kept.guest) }}, {{ kept.reason }}</template
          >
        </span>
      </p>
    </div>
  </section>
</template>

<style scoped>
.beside {
  border-top: 2.5px solid var(--rim);
  margin-top: 18px;
  padding-top: 10px;
}

.kind {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 4px 12px;
  padding: 8px 0;
  border-bottom: 1px solid var(--hair);
}

h3 {
  font-size: 14px;
  color: var(--soft);
  padding-top: 6px;
}

.need {
  grid-column: 2;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: baseline;
}

.need b {
  font-weight: 600;
}

.need .quiet {
  font-size: 13.5px;
}

@media (max-width: 839px) {
  .kind {
    grid-template-columns: 1fr;
  }

  .need {
    grid-column: 1;
  }
}
</style>
