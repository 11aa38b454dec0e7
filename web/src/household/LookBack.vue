<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask } from '@/api/client'
import type { LookedBack } from '@/api/types'
import { dayText } from '@/ui/time'

/** The last evenings side by side: what was eaten a head of what was planned, what it cost, what it asked of people. */
const evenings = ref<LookedBack[]>([])
void ask(api.GET('/api/household/evenings', {})).then(
  (answer) => (evenings.value = answer),
  () => undefined,
)

const most = computed(() => Math.max(1, ...evenings.value.map((evening) => plannedOf(evening))))
const plannedOf = ({ kinds }: LookedBack) => kinds.reduce((sum, kind) => sum + kind.plannedAHead, 0)
const money = (cents: number, currency: string) => `${(cents / 100).toFixed(2)} ${currency}`
const saidOf = (kind: LookedBack['kinds'][number]) =>
  kind.eatenAHead === undefined || kind.eatenAHead === null
    ? `${kind.name}: ${Math.round(kind.plannedAHead)} g a head planned, nobody has said what is left`
    : `${kind.name}: ${Math.round(kind.eatenAHead)} of ${Math.round(kind.plannedAHead)} g a head eaten`
const share = (kind: LookedBack['kinds'][number]) =>
  Math.max(0, Math.min(1, (kind.eatenAHead ?? 0) / Math.max(1, kind.plannedAHead)))
</script>

<template>
  <section v-if="evenings.length > 0" class="back" aria-label="Looking back">
    <div class="title">
      <h2>Looking back</h2>
      <a class="chip faint" href="/api/household/evenings.csv" download>CSV</a>
    </div>
    <ol>
      <li v-for="evening in evenings" :key="evening.party">
        <router-link :to="`/party/${evening.party}/afterwards`" class="name">{{ evening.title }}</router-link>
        <span class="quiet">{{ dayText(evening.on) }}</span>
        <span
          class="bar"
          role="img"
          :aria-label="evening.kinds.map(saidOf).join('; ')"
          :style="{ width: `${(100 * plannedOf(evening)) / most}%` }"
        >
          <span
            v-for="kind in evening.kinds"
            :key="kind.category"
            class="kind"
            :class="{ unsaid: kind.eatenAHead === undefined || kind.eatenAHead === null }"
            :title="saidOf(kind)"
            :style="{ flexGrow: kind.plannedAHead }"
          >
            <span class="eaten" :style="{ height: `${100 * share(kind)}%` }"></span>
          </span>
        </span>
        <span
          class="names quiet"
          aria-hidden="true"
          :style="{ width: `${(100 * plannedOf(evening)) / most}%` }"
        >
          <span v-for="kind in evening.kinds" :key="kind.category" :style="{ flexGrow: kind.plannedAHead }">{{
            kind.name
          }}</span>
        </span>
        <dl>
          <div>
            <dt>a head</dt>
            <dd>{{ money(evening.costAHeadCents, evening.currency) }}</dd>
          </div>
          <div>
            <dt>left</dt>
            <dd>{{ Math.round(evening.leftGrams) }} g</dd>
          </div>
          <div>
            <dt>hands</dt>
            <dd>{{ Math.round(evening.handsMinutes) }} min</dd>
          </div>
          <div>
            <dt>longest wait</dt>
            <dd>{{ Math.round(evening.longestWaitMinutes) }} min</dd>
          </div>
          <div v-if="evening.mark">
            <dt>mark</dt>
            <dd>{{ evening.mark }} of 5</dd>
          </div>
        </dl>
        <p v-if="evening.note" class="note">“{{ evening.note }}”</p>
      </li>
    </ol>
    <p class="quiet">
      Each box is a kind of food, as wide as it was planned a head, filled as far as it was eaten; dotted
      where nobody has said what is left.
    </p>
  </section>
</template>

<style scoped>
.back {
  padding-top: 26px;
}

.title {
  display: flex;
  align-items: baseline;
  gap: 14px;
}

ol {
  list-style: none;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 4px 16px;
  padding: 14px 0;
  border-bottom: 1px solid var(--hair);
}

.name {
  font-weight: 650;
  color: inherit;
}

.bar {
  grid-column: 1 / -1;
  display: flex;
  gap: 3px;
  height: 34px;
}

.kind {
  flex-basis: 0;
  min-width: 6px;
  display: flex;
  align-items: flex-end;
  border: 1px solid var(--rim);
  border-radius: 5px;
  overflow: hidden;
}

.names {
  grid-column: 1 / -1;
  display: flex;
  gap: 3px;
  font-size: 12px;
}

.names span {
  flex-basis: 0;
  min-width: 6px;
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}

.unsaid {
  border-style: dotted;
}

.eaten {
  width: 100%;
  background: var(--rim);
}

dl {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 28px;
  margin: 0;
}

dl div {
  display: flex;
  gap: 7px;
}

dt {
  color: var(--soft);
}

dd {
  margin: 0;
  font-weight: 600;
  font-variant-numeric: tabular-nums;
}

.note {
  grid-column: 1 / -1;
}
</style>
