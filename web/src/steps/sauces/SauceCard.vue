<script setup lang="ts">
import { computed } from 'vue'
import type { Catalogue } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import FigureText from '@/ui/FigureText.vue'

/** One house sauce: on the table with its parts and whom it does not suit, or one to add. */
const props = defineProps<{ sauce: Catalogue['sauces'][number] }>()
const { party, brief, plan } = useOpenParty()
const nameOf = (guest: string) => brief.value.guests.find((g) => g.id === guest)?.name ?? guest
const need = computed(() => plan.value.sauces.needs.find((n) => n.sauce === props.sauce.id))
const clashes = computed(() => plan.value.sauces.clashes.filter((clash) => clash.sauce === props.sauce.id))

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
    <template v-if="need">
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
