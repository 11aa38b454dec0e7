<script setup lang="ts">
import { computed } from 'vue'
import { sideName } from '@/party/sideNames'
import { useOpenParty } from '@/party/useOpenParty'
import { asLiked, minutes, turns, waiting, type Run, type Turn } from './running'

/** What dippers may do now, who waits, and what moved and why. */
const props = defineProps<{ run: Run; second: number }>()
const { party, brief, plan } = useOpenParty()

/** Nobody is sent to a side that something fell into before it is clear who may eat from it. */
const unclear = computed(() =>
  party.pending.filter((event) => event.type === 'FELL_IN').map((event) => event.side),
)
const dips = computed(() =>
  props.run.paused
    ? []
    : turns(plan.value.table, props.second).filter((turn) => !unclear.value.includes(turn.side)),
)
const waits = computed(() => waiting(plan.value.table, props.second))
const nameOf = (id: string) => brief.value.guests.find((guest) => guest.id === id)?.name ?? id
/** Those who have it otherwise, with their own time; a plate browns it for all alike. */
function eater(turn: Turn, guest: string): string {
  const liked = turn.browned ? '' : asLiked(plan.value.table, guest, turn.cut)
  return liked ? `${nameOf(guest)} (${liked})` : nameOf(guest)
}
const nameOfSide = (id: string) => sideName(brief.value, plan.value, id)
</script>

<template>
  <section class="said-below">
    <ul class="dips" aria-label="Dip now">
      <li v-for="turn in dips.slice(0, 4)" :key="turn.key">
        <b>{{ turn.name }}</b>
        <template v-if="turn.browned">
          <span>{{ turn.browned }} s on the plate, then {{ turn.seconds }} s in the broth</span>
          <span class="who">{{ nameOfSide(turn.side) }}: {{ turn.guests.map(nameOf).join(', ') }}</span>
        </template>
        <template v-else>
          <span>{{ nameOfSide(turn.side) }}, {{ turn.seconds }} s</span>
          <span class="who">{{ turn.guests.map((guest) => eater(turn, guest)).join(', ') }}</span>
        </template>
      </li>
      <li v-if="dips.length === 0" class="quiet">Nobody dips just now.</li>
    </ul>
    <p v-for="wait in waits.slice(0, 2)" :key="wait.guest" class="wait">
      <b>{{ nameOf(wait.guest) }}</b> has waited {{ minutes(wait.since) }} · eats in
      {{ minutes(wait.next - second) }}
    </p>
    <p v-for="text in plan.table.now.moved.slice(0, 2)" :key="text" class="said">{{ text }}</p>
  </section>
</template>

<style scoped>
.said-below {
  border-top: 2px solid var(--hair);
  padding-top: 10px;
  display: grid;
  gap: 4px;
}

.dips {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 6px 22px;
  font-size: 16px;
}

.dips li {
  display: flex;
  flex-direction: column;
}

.dips .who {
  color: var(--soft);
}

.wait,
.said {
  font-size: 17px;
}

.wait b {
  color: var(--now-ink);
}

.said {
  color: var(--soft);
}

@media (max-width: 839px) {
  .dips {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
