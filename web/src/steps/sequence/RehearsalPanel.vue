<script setup lang="ts">
import { computed } from 'vue'
import type { Moment, Rehearsal } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import ChipChoice from '@/ui/ChipChoice.vue'
import { clockAfter } from '@/ui/time'
import { useKept } from '@/ui/useKept'
import type { Attention, OfRehearsal } from './useRehearsal'

/** How the evening bears mistakes: its chances in words, its weakest moments, and what would help, before and after. */
const props = defineProps<{ of: OfRehearsal }>()
const emit = defineEmits<{ show: [moment: Moment] }>()

const ATTENTIONS = [
  { value: 'ATTENTIVE', label: 'With the pots' },
  { value: 'USUAL', label: 'Talking and eating' },
  { value: 'DISTRACTED', label: 'Elsewhere in thought' },
] as const
const SHORT: Record<Rehearsal['chances'][number]['trouble'], string> = {
  UNSAFE: 'not safe at its core',
  UNDER_FLOOR: 'broth too cool',
  DRY: 'a side dry',
  OVER_BRIM: 'over the brim',
  UNSERVED: 'half a food missed',
  WAITS: 'ten minutes without a bite',
  OVERCOOKED: 'half overcooked',
  LATE_FINISH: 'ten minutes late',
}

const { party, from: began } = useOpenParty()
const attention = useKept<Attention>('attention', 'USUAL', true)
const view = computed(() => props.of.view.value)
const result = computed(() => view.value?.result ?? undefined)
const percent = (share: number) => (share > 0 && share < 0.01 ? '<1 %' : `${Math.round(share * 100)} %`)
const between = ({ least, most }: { least: number; most: number }) =>
  `${Math.round(least * 100)} to ${Math.max(1, Math.round(most * 100))} %`

type Change = Rehearsal['changes'][number]
const best = computed<Change | undefined>(() => result.value?.changes.find((change) => change.sure))
const others = computed(() => result.value?.changes.filter((change) => change !== best.value) ?? [])

/** Every trouble of the plan or of the best change, with both shares. */
const rows = computed(() => {
  const before = result.value?.chances ?? []
  const after = best.value?.chances ?? []
  const more = after.filter((one) => !before.some((own) => own.trouble === one.trouble))
  return [...before, ...more].map(({ trouble }) => ({
    trouble,
    before: before.find((one) => one.trouble === trouble)?.share.share ?? 0,
    after: after.find((one) => one.trouble === trouble)?.share.share ?? 0,
  }))
})
const part = computed(() => (view.value && view.value.of > 0 ? view.value.played / view.value.of : 0))
</script>

<template>
  <section class="rehearsal" aria-label="Rehearsal">
    <h2>Rehearsal</h2>
    <p v-if="!result" class="quiet">
      The evening played a thousand times over with the slips people make: late hands, forgotten baskets, too
      much at once, a weak flame, a late guest. It goes on while you do other things.
    </p>
    <div class="begin">
      <div class="chips" role="group" aria-label="How people are at this table">
        <ChipChoice :options="ATTENTIONS" :on="attention" @choose="attention = $event" />
      </div>
      <button
        v-if="of.isUnderWay.value"
        type="button"
        class="chip"
        aria-label="Stop the rehearsal"
        @click="of.stop()"
      >
        Stop
      </button>
      <button v-else type="button" class="chip solid" @click="of.begin(attention)">
        {{ result ? 'Rehearse again' : 'Rehearse 1,000 evenings' }}
      </button>
    </div>
    <p v-if="of.trouble.value" class="quiet" role="status">{{ of.trouble.value }}</p>
    <template v-if="view">
      <p v-if="of.isOld.value" class="quiet" role="status">
        This was rehearsed before the last change of the plan.
      </p>
      <p v-if="view.failure" role="status">{{ view.failure }}</p>
      <p v-if="view.state === 'WAITING'" class="quiet" role="status">Two others are rehearsed just now.</p>
      <div v-else-if="of.isUnderWay.value" class="progress">
        <progress :value="part" max="1" aria-label="How far the rehearsal is" />
        <span class="quiet"
          >{{ view.played.toLocaleString('en') }} of {{ view.of.toLocaleString('en') }} evenings</span
        >
      </div>
      <p v-else-if="view.state === 'STOPPED'" class="quiet" role="status">
        Stopped; this is what was known by then.
      </p>
    </template>
    <template v-if="result">
      <p class="head">
        <span class="key">{{ percent(result.any.share) }}</span>
        <span>
          of {{ result.evenings.toLocaleString('en') }} evenings have some trouble
          <span class="quiet">({{ between(result.any) }})</span>
        </span>
      </p>
      <p v-if="result.chances.length === 0">Nothing went wrong in any of them.</p>
      <ul v-else class="chances">
        <li v-for="chance in result.chances" :key="chance.trouble">
          <span class="share">{{ percent(chance.share.share) }}</span>
          <span class="bar" aria-hidden="true">
            <span
              class="range"
              :style="{ left: `${chance.share.least * 100}%`, right: `${100 - chance.share.most * 100}%` }"
            />
            <span class="reached" :style="{ width: `${chance.share.share * 100}%` }" />
          </span>
          <span
            >{{ chance.text
            }}<span v-if="chance.minute !== undefined" class="quiet when">
              · about {{ clockAfter(began, chance.minute * 60) }}</span
            ></span
          >
        </li>
      </ul>
      <template v-if="result.moments.length > 0">
        <h3>Where it is weakest</h3>
        <ol class="moments">
          <li v-for="(moment, i) in result.moments" :key="i">
            <button type="button" class="row-button" @click="emit('show', moment)">
              <b>{{ clockAfter(began, moment.fromMinute * 60) }}</b> {{ moment.text }}
            </button>
          </li>
        </ol>
      </template>
      <template v-if="result.changes.length > 0">
        <h3>What would help</h3>
        <div v-if="best" class="best">
          <p>
            <b>{{ best.label }}</b>
            <button
              v-if="best.edit && !of.isOld.value"
              type="button"
              class="chip solid"
              :aria-label="`Take: ${best.label}`"
              @click="party.take({ label: best.label, edit: best.edit })"
            >
              Take it
            </button>
          </p>
          <table>
            <thead>
              <tr>
                <th></th>
                <th scope="col">as planned</th>
                <th scope="col">with it</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in rows" :key="row.trouble">
                <th scope="row">{{ SHORT[row.trouble] }}</th>
                <td>{{ percent(row.before) }}</td>
                <td :class="{ better: row.after < row.before }">{{ percent(row.after) }}</td>
              </tr>
              <tr class="any">
                <th scope="row">any of them</th>
                <td>{{ percent(result.any.share) }}</td>
                <td>{{ percent(best.any.share) }}</td>
              </tr>
            </tbody>
          </table>
        </div>
        <p v-else-if="!of.isUnderWay.value">No single change that was tried helps for certain.</p>
        <ul v-if="others.length > 0" class="tried" aria-label="Tried in the same evenings">
          <li v-for="change in others" :key="change.label">
            {{ change.label }} <span class="quiet">{{ change.text }}</span>
          </li>
        </ul>
      </template>
      <p class="quiet">
        {{ result.goesOn }} How often people slip is a guess from memory. It tells of mistakes, not of food: a
        thermometer and the packet have the last word.
      </p>
    </template>
  </section>
</template>

<style scoped>
.rehearsal {
  margin-top: 22px;
  max-width: 820px;
}

.begin {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  padding: 8px 0;
}

.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.progress {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  padding: 4px 0;
}

progress {
  flex: 1;
  min-width: 180px;
  max-width: 420px;
  height: 10px;
  accent-color: var(--rim);
}

.head {
  display: flex;
  align-items: baseline;
  gap: 10px;
  margin: 8px 0 4px;
}

.head .key {
  font: 650 28px var(--head);
  white-space: nowrap;
}

.when {
  white-space: nowrap;
}

.tried {
  padding: 8px 0;
}

.tried li {
  font-size: 14px;
  padding: 3px 0;
}

ul,
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}

.chances li {
  display: grid;
  grid-template-columns: 46px 120px 1fr;
  gap: 12px;
  align-items: center;
  padding: 5px 0;
  border-top: 1px solid var(--hair);
  font-size: 14px;
}

.share {
  text-align: right;
  font-weight: 650;
  font-variant-numeric: tabular-nums;
}

.bar {
  position: relative;
  height: 10px;
  border-radius: 5px;
  background: var(--well);
  overflow: hidden;
}

.reached,
.range {
  position: absolute;
  top: 0;
  bottom: 0;
}

.reached {
  left: 0;
  background: var(--warn);
}

.range {
  background: var(--warn);
  opacity: 0.35;
}

h3 {
  font: 650 16px var(--head);
  margin: 14px 0 2px;
}

.moments .row-button {
  display: block;
  width: 100%;
  padding: 6px 0 6px 14px;
  min-height: 30px;
  border-left: 4px solid var(--warn);
  font-size: 14px;
  margin-bottom: 4px;
}

.best p {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  margin: 4px 0;
}

table {
  border-collapse: collapse;
}

th,
td {
  padding: 3px 0 3px 24px;
  text-align: right;
  font-size: 14px;
  font-variant-numeric: tabular-nums;
}

thead th {
  font-weight: 400;
  font-size: 13px;
  color: var(--soft);
}

th[scope='row'] {
  text-align: left;
  padding-left: 0;
  font-weight: 500;
}

.better {
  font-weight: 700;
}

.any th,
.any td {
  border-top: 1px solid var(--hair);
}

.quiet {
  font-size: 13px;
}

@media (max-width: 839px) {
  .chances li {
    grid-template-columns: 46px 1fr;
  }

  .chances li span:last-child {
    grid-column: 1 / -1;
  }

  .moments .row-button {
    padding-block: 10px;
  }
}
</style>
