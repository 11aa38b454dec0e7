<script setup lang="ts">
import { mdiChevronDown } from '@mdi/js'
import { computed } from 'vue'
import type { Pot } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import FigureText from '@/ui/FigureText.vue'

/** One side: its broth, what it takes, what it is topped up with, and whom it is open and closed to. */
const props = defineProps<{ side: Pot['sides'][number]; pot: Pot; picked?: string }>()
defineEmits<{ pick: [side: string]; recipe: [broth: string]; choose: [side: string] }>()

const { party, brief, plan } = useOpenParty()
const planned = computed(() => plan.value.broths.sides.find((side) => side.side === props.side.id))
const TOP_UPS = [
  { title: 'as salt asks', value: 'AUTO' },
  { title: 'always water', value: 'WATER' },
  { title: 'always reserve', value: 'STOCK' },
] as const
const use = computed(() => plan.value.table.sides.find((side) => side.side === props.side.id))
const nameOf = (id: string) => brief.value.guests.find((guest) => guest.id === id)?.name ?? id
const names = (ids: string[]) => ids.map(nameOf).join(', ')
/** "Ada, Gul (what others cook in it); Finn (too hot)" */
const closedTo = computed(() => {
  const byReason = new Map<string, string[]>()
  for (const closed of use.value?.closedTo ?? []) {
    byReason.set(closed.reason, [...(byReason.get(closed.reason) ?? []), closed.guest])
  }
  return [...byReason].map(([reason, guests]) => `${names(guests)} (${reason})`).join('; ')
})
const splashes = computed(() => (use.value?.closedTo ?? []).filter((closed) => closed.barrier === 'SPLASH'))

function change(label: string, edit: (side: Pot['sides'][number]) => void): void {
  party.edit(label, (draft) => {
    const side = draft.pots.flatMap((pot) => pot.sides).find((s) => s.id === props.side.id)
    if (side) edit(side)
  })
}

function acceptSplash(guest: string): void {
  party.edit('accept splashes', (draft) => draft.decisions.splashes.push({ guest, pot: props.pot.id }))
}
</script>

<template>
  <div v-if="planned" class="side">
    <button
      type="button"
      class="row-button broth"
      :aria-label="`Broth: ${planned.brothName}. Choose another`"
      @click="$emit('choose', side.id)"
    >
      {{ planned.brothName }}
      <v-icon :icon="mdiChevronDown" size="22" />
    </button>
    <button
      v-if="brief.pots.some((other) => other.sides.some(({ id }) => id !== side.id))"
      type="button"
      class="chip"
      :aria-pressed="picked === side.id"
      :aria-label="`Swap ${planned.brothName}`"
      @click="$emit('pick', side.id)"
    >
      {{ picked && picked !== side.id ? 'Put here' : 'Swap' }}
    </button>
    <button
      type="button"
      class="chip"
      :aria-label="`Recipe of ${planned.brothName}`"
      @click="$emit('recipe', side.broth)"
    >
      Recipe
    </button>
    <v-select
      class="top-up"
      label="Topped up"
      :items="TOP_UPS"
      :model-value="side.topUp"
      @update:model-value="(topUp) => change('change the top-ups', (s) => (s.topUp = topUp))"
    />
    <button
      type="button"
      class="chip unsalted"
      :aria-pressed="side.unsalted"
      title="No salt goes in: the dips carry it"
      @click="change('salt or not', (s) => (s.unsalted = !s.unsalted))"
    >
      Unsalted
    </button>
    <p class="takes">
      <span class="quiet">largest drop</span> <FigureText :figure="planned.dropLimit" />
      <span class="quiet">back at a simmer in</span> <FigureText :figure="planned.recovery" />
      <span class="quiet">takes on and on</span> <FigureText :figure="planned.pace" />
    </p>
    <p v-if="use" class="open">
      <template v-if="use.cleanFor.length > 0">Kept clean for {{ names(use.cleanFor) }}. </template>
      <span v-if="closedTo" class="quiet">Not for {{ closedTo }}.</span>
      <button
        v-for="closed in splashes"
        :key="closed.guest"
        type="button"
        class="chip"
        @click="acceptSplash(closed.guest)"
      >
        {{ nameOf(closed.guest) }} accepts splashes
      </button>
    </p>
  </div>
</template>

<style scoped>
.side {
  display: grid;
  grid-template-columns: minmax(180px, 1fr) auto auto 170px auto;
  align-items: center;
  gap: 4px 10px;
  padding: 9px 0;
  border-top: 1px solid var(--hair);
  margin-top: 8px;
}

.broth {
  display: flex;
  align-items: center;
  justify-content: space-between;
  font: 650 18px var(--head);
  padding: 8px 2px;
  min-height: 44px;
  border-bottom: 1.5px solid var(--rim);
}

.broth:hover {
  background: var(--well);
}

.takes {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 0 7px;
  font-size: 13.5px;
  font-weight: 600;
}

.takes .quiet {
  font-weight: 400;
}

.takes .quiet:not(:first-child) {
  margin-left: 10px;
}

.open {
  grid-column: 1 / -1;
  font-size: 13.5px;
}

.unsalted {
  justify-self: start;
}

/* counted from the end: a single side has nothing to be swapped with */
@media (min-width: 840px) {
  .top-up {
    grid-column: -3;
  }

  .unsalted {
    grid-column: -2;
  }
}

@media (max-width: 839px) {
  .side {
    grid-template-columns: minmax(0, 1fr) auto auto;
    row-gap: 12px;
  }

  .top-up {
    grid-column: 1 / -1;
  }
}
</style>
