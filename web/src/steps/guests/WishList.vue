<script setup lang="ts">
import { computed, ref } from 'vue'
import { usual } from '@/api/parts'
import type { Guest } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { DONENESSES, LIKINGS, labelOf } from '@/party/words'
import ChipChoice from '@/ui/ChipChoice.vue'

type Wish = Guest['wishes'][number]

/** What a guest loves and hates, how far done, and what is kept apart for them; one edit a tap. */
const props = defineProps<{ guest: Guest }>()
const { party, plan, catalogue } = useOpenParty()
const opened = ref<string>()

const cuts = computed(() =>
  plan.value.portions.cuts.map((cut) => ({
    ...cut,
    wish: props.guest.wishes.find((wish) => wish.cut === cut.cut),
    raw: catalogue.value.cuts.find((c) => c.id === cut.cut)?.rawRisk !== 'NONE',
    done: plan.value.table.doneness.find((d) => d.guest === props.guest.id && d.cut === cut.cut),
    barred: plan.value.portions.barred.find(
      (b) => b.guest === props.guest.id && b.cut === cut.cut && !b.byWish,
    ),
  })),
)

const newWish = (cut: string): Wish => ({ ...usual('Wish'), cut, liking: 'LIKE' })

/** A wish that says nothing is none. */
function change(cut: string, edit: (wish: Wish) => void): void {
  party.edit('change a wish', (draft) => {
    const guest = draft.guests.find((g) => g.id === props.guest.id)
    if (!guest) return
    const wish = guest.wishes.find((w) => w.cut === cut) ?? newWish(cut)
    edit(wish)
    const says = wish.liking !== 'LIKE' || wish.doneness || wish.reserved
    guest.wishes = [...guest.wishes.filter((w) => w.cut !== cut), ...(says ? [wish] : [])]
  })
}

function setDoneness(cut: string, doneness: NonNullable<Wish['doneness']>): void {
  change(cut, (wish) => (wish.doneness = wish.doneness === doneness ? undefined : doneness))
}
</script>

<template>
  <div v-for="cut in cuts" :key="cut.cut" class="wish">
    <button
      v-if="!cut.barred"
      type="button"
      class="row-button name"
      :aria-expanded="opened === cut.cut"
      @click="opened = opened === cut.cut ? undefined : cut.cut"
    >
      {{ cut.name }}
      <span v-if="cut.wish?.doneness" class="chip faint">{{ labelOf(DONENESSES, cut.wish.doneness) }}</span>
      <span v-if="cut.wish?.reserved" class="chip faint">kept apart</span>
    </button>
    <span v-else>{{ cut.name }}</span>
    <span v-if="cut.barred" class="quiet"
      >not for {{ guest.name }}: {{ cut.barred.reason
      }}{{ cut.barred.instead ? `; ${cut.barred.instead.toLowerCase()} instead` : '' }}</span
    >
    <span v-else class="likings">
      <ChipChoice
        :options="LIKINGS"
        :on="cut.wish?.liking ?? 'LIKE'"
        :of="cut.name"
        @choose="(liking) => change(cut.cut, (wish) => (wish.liking = liking))"
      />
    </span>
    <div v-if="opened === cut.cut" class="more choice-row">
      <template v-if="cut.raw">
        <span class="quiet">done</span>
        <ChipChoice
          :options="DONENESSES"
          :on="cut.wish?.doneness ? [cut.wish.doneness] : []"
          :of="cut.name"
          @choose="(doneness) => setDoneness(cut.cut, doneness)"
        />
      </template>
      <button
        type="button"
        class="chip"
        :aria-pressed="cut.wish?.reserved ?? false"
        @click="change(cut.cut, (wish) => (wish.reserved = !wish.reserved))"
      >
        keep the share apart
      </button>
      <p v-if="cut.done" class="quiet">
        {{ cut.done.time }} in simmering broth{{
          cut.done.against
            ? `: ${cut.done.against}`
            : cut.done.served === 'PINK'
              ? ', below the safe mark, by choice'
              : ''
        }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.wish {
  flex-basis: 100%;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 6px;
  padding-top: 4px;
  border-top: 1px solid var(--hair);
}

.name {
  min-height: 34px;
  display: inline-flex;
  align-items: center;
  gap: 6px;
  border-bottom: 1.5px dotted var(--hair);
}

.likings {
  display: flex;
  gap: 4px;
}

.more {
  flex-basis: 100%;
  padding-bottom: 6px;
}

@media (max-width: 839px) {
  .name {
    min-height: 44px;
  }
}
</style>
