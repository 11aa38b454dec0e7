<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Brief, Catalogue } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import ChipChoice from '@/ui/ChipChoice.vue'
import FigureText from '@/ui/FigureText.vue'
import MeasureInput from '@/ui/MeasureInput.vue'
import { liquid } from '@/ui/units'

/** One house sauce: on the table with its parts and whom it does not suit, or one to add. */
const props = defineProps<{ sauce: Catalogue['sauces'][number] }>()
defineEmits<{ change: [] }>()
const { party, brief, plan } = useOpenParty()
/** For whom it is and how much of it, opened by a tap. */
const telling = ref(false)
const choice = computed(() => brief.value.sauces.find(({ sauce }) => sauce === props.sauce.id))
const own = computed(() => brief.value.ownSauces.some(({ id }) => id === props.sauce.id))
const people = computed(() => brief.value.guests.map(({ id, name }) => ({ value: id, label: name })))
const meant = computed(() => choice.value?.guests ?? brief.value.guests.map(({ id }) => id))
const said = computed(() => {
  const forSome = choice.value?.guests && `for ${choice.value.guests.map(nameOf).join(', ') || 'nobody'}`
  const aHead = choice.value?.perAdultMl
  const amount = typeof aHead === 'number' && `${liquid(brief.value.units, aHead)} a head`
  return [forSome, amount].filter(Boolean).join(', ') || 'For everybody'
})
const nameOf = (guest: string) => brief.value.guests.find((g) => g.id === guest)?.name ?? guest
const need = computed(() => plan.value.sauces.needs.find((n) => n.sauce === props.sauce.id))
const clashes = computed(() => plan.value.sauces.clashes.filter((clash) => clash.sauce === props.sauce.id))

function say(label: string, edit: (choice: Brief['sauces'][number]) => void): void {
  party.edit(label, (draft) => {
    const found = draft.sauces.find(({ sauce }) => sauce === props.sauce.id)
    if (found) edit(found)
  })
}

/** For everybody again once nobody is left out. */
function toggleGuest(guest: string): void {
  const next = meant.value.includes(guest)
    ? meant.value.filter((id) => id !== guest)
    : [...meant.value, guest]
  say('change for whom a sauce is', (found) => {
    found.guests = next.length === brief.value.guests.length ? undefined : next
  })
}

const setAmount = (ml: number | undefined | null) =>
  say('change how much of a sauce', (found) => (found.perAdultMl = ml ?? undefined))

function toggle(): void {
  const on = need.value !== undefined
  party.edit(on ? 'take a sauce away' : 'add a sauce', (draft) => {
    if (on) draft.sauces = draft.sauces.filter((choice) => choice.sauce !== props.sauce.id)
    else draft.sauces.push({ sauce: props.sauce.id })
  })
}
</script>

<template>
  <section class="sauce" :class="{ off: !need }" :aria-label="sauce.name">
    <div class="top">
      <div>
        <h2>{{ sauce.name }}</h2>
        <p class="quiet">{{ sauce.remark }}</p>
      </div>
      <span class="choice-row told">
        <button
          v-if="need"
          type="button"
          class="chip faint"
          :aria-expanded="telling"
          :aria-label="`For whom and how much ${sauce.name.toLowerCase()}`"
          @click="telling = !telling"
        >
          {{ said }}
        </button>
        <button
          type="button"
          class="chip faint"
          :aria-label="`${own ? 'Change' : 'Copy and change'} ${sauce.name}`"
          @click="$emit('change')"
        >
          {{ own ? 'Change' : 'Copy' }}
        </button>
      </span>
      <span v-if="need" class="make"><FigureText :figure="need.make" /></span>
      <button
        type="button"
        class="chip"
        :aria-pressed="need !== undefined"
        :aria-label="`${sauce.name} on the table`"
        @click="toggle"
      >
        {{ need ? 'On the table' : 'Add' }}
      </button>
    </div>
    <div v-if="need && telling" class="telling">
      <div class="choice-row">
        <ChipChoice :options="people" :on="meant" @choose="toggleGuest" />
      </div>
      <MeasureInput
        :model-value="choice?.perAdultMl"
        measure="volume"
        label="Each regular eater"
        hint="empty: shared"
        :units="brief.units"
        @update:model-value="setAmount"
      />
    </div>
    <p v-if="need && need.make.value === 0" class="quiet">Nobody takes it: there is nothing to stir.</p>
    <template v-else-if="need">
      <ul class="parts">
        <li v-for="part in need.parts" :key="part.ingredient">
          <span>{{ part.name }}</span>
          <span class="amount"><FigureText :figure="part.volume" /></span>
        </li>
        <li v-if="need.broth">
          <span>{{ need.from || 'Hot water' }}</span>
          <span class="amount"><FigureText :figure="need.broth" /></span>
        </li>
      </ul>
      <p v-if="need.broth" class="caution">
        {{
          need.from
            ? `Ladle the ${need.from.toLowerCase()} before any food goes in.`
            : 'No broth suits all who get this sauce: thin it with hot water.'
        }}
      </p>
      <p v-if="clashes.length > 0" class="clash">
        <span v-for="clash in clashes" :key="clash.guest" class="chip">
          not for {{ nameOf(clash.guest) }}: {{ clash.reason
          }}{{ clash.instead ? `; ${clash.instead.toLowerCase()} instead` : '' }}
        </span>
      </p>
      <p v-if="need.caution" class="caution">{{ need.caution }}</p>
    </template>
  </section>
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
  grid-template-columns: 1fr auto auto auto;
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

.telling {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 240px;
  align-items: end;
  gap: 12px;
  padding: 8px 0;
}

@media (max-width: 839px) {
  .top {
    grid-template-columns: 1fr auto;
  }

  .told {
    order: 1;
  }

  .make,
  .top > .chip {
    justify-self: end;
  }

  .top > .chip {
    order: 2;
  }

  .telling {
    grid-template-columns: 1fr;
  }
}

.clash {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding-top: 8px;
}
</style>
