<script setup lang="ts">
import { computed } from 'vue'
import type { Pot } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import FigureText from '@/ui/FigureText.vue'

/** One side: its broth, its litres in a section, and whom it is open and closed to. */
const props = defineProps<{ side: Pot['sides'][number]; pot: Pot; picked?: string }>()
defineEmits<{ pick: [side: string] }>()

const { party, brief, plan, catalogue } = useOpenParty()
const planned = computed(() => plan.value.broths.sides.find((side) => side.side === props.side.id))
const evening = computed(() =>
  plan.value.evening.pots.flatMap((pot) => pot.sides).find((side) => side.side === props.side.id),
)
const use = computed(() => plan.value.table.sides.find((side) => side.side === props.side.id))
const broths = computed(() =>
  catalogue.value.broths.map((broth) => ({ title: broth.name, value: broth.id, subtitle: broth.remark })),
)
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
const splashes = computed(() =>
  (use.value?.closedTo ?? []).filter((closed) => closed.reason.startsWith('splashes')),
)

function setBroth(broth: string): void {
  party.edit('change a broth', (draft) => {
    const side = draft.pots.flatMap((pot) => pot.sides).find((s) => s.id === props.side.id)
    if (side) side.broth = broth
  })
}

function acceptSplash(guest: string): void {
  party.edit('accept splashes', (draft) => draft.decisions.splashes.push({ guest, pot: props.pot.id }))
}
</script>

<template>
  <div v-if="planned" class="side">
    <svg class="section" viewBox="0 0 46 40" aria-hidden="true">
      <path d="M3 2V34a4 4 0 0 0 4 4H39a4 4 0 0 0 4-4V2" class="wall" />
      <rect
        x="5"
        :y="36 - 34 * (planned.fill.value / planned.capacity.value)"
        width="36"
        :height="34 * (planned.fill.value / planned.capacity.value)"
        :fill="`url(#broth-${planned.tint})`"
      />
    </svg>
    <v-select
      class="broth"
      label="Broth"
      :items="broths"
      item-props
      :model-value="side.broth"
      @update:model-value="setBroth"
    />
    <button
      type="button"
      class="chip"
      :aria-pressed="picked === side.id"
      :aria-label="`Swap ${planned.brothName}`"
      @click="$emit('pick', side.id)"
    >
      {{ picked && picked !== side.id ? 'Put here' : 'Swap' }}
    </button>
    <dl>
      <div>
        <dt>broth</dt>
        <dd><FigureText :figure="planned.fill" /></dd>
      </div>
      <div>
        <dt>room</dt>
        <dd><FigureText :figure="planned.room" /></dd>
      </div>
      <div v-if="evening">
        <dt>reserve</dt>
        <dd><FigureText :figure="evening.reserve" /></dd>
      </div>
      <div>
        <dt>largest drop</dt>
        <dd><FigureText :figure="planned.dropLimit" /></dd>
      </div>
    </dl>
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
  grid-template-columns: 46px minmax(150px, 1fr) auto auto;
  align-items: center;
  gap: 4px 12px;
  padding: 9px 0;
  border-top: 1px solid var(--hair);
  margin-top: 8px;
}

.section {
  width: 46px;
  height: 40px;
}

.wall {
  fill: none;
  stroke: var(--rim);
  stroke-width: 3;
  stroke-linecap: round;
}

dl {
  display: flex;
  gap: 14px;
  margin: 0;
}

dt {
  font-size: 12px;
  color: var(--soft);
  white-space: nowrap;
}

dd {
  margin: 0;
  font-weight: 600;
}

.open {
  grid-column: 2 / -1;
  font-size: 13.5px;
}

@media (max-width: 839px) {
  .side {
    grid-template-columns: 46px minmax(0, 1fr) auto;
  }

  dl,
  .open {
    grid-column: 1 / -1;
  }
}
</style>
