<script setup lang="ts">
import { computed } from 'vue'
import type { Brief } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { CATEGORIES, labelOf } from '@/party/words'
import ChipChoice from '@/ui/ChipChoice.vue'
import MeasureInput from '@/ui/MeasureInput.vue'
import { vSaid } from '@/ui/said'
import { AMOUNTS, BOUGHT, firstCount, isWeight, KEPT_IN, plural, type Amount } from './state'

/** The state one cut is bought in, where it comes from, and how much there is to be. */
const props = defineProps<{ cut: string }>()
type Item = Brief['menu'][number]
/** A plate to begin with; memory [g]. */
const PLATE_G = 150

const { party, brief, plan, catalogue } = useOpenParty()
const item = computed(() => brief.value.menu.find((m) => m.cut === props.cut))
const known = computed(() => catalogue.value.cuts.find((c) => c.id === props.cut))
const ingredient = computed(() => catalogue.value.ingredients.find((i) => i.id === known.value?.ingredient))
const total = computed(() => plan.value.portions.cuts.find((c) => c.cut === props.cut))
const freezes = computed(
  () =>
    known.value &&
    known.value.start !== 'FROZEN' &&
    (known.value.governed.by === 'CORE' || known.value.frozenTimes),
)
const kind = computed(() => labelOf(CATEGORIES, total.value?.category ?? 'MEAT').toLowerCase())
/** The cuts of its kind, this one among them. */
const alike = computed(() =>
  plan.value.portions.cuts.filter((c) => c.category === total.value?.category).map((c) => c.cut),
)
/** It is said in what is bought, so nothing is held back besides. */
const bySale = computed(() => ['PACKS', 'ONES', 'EAT_UP'].includes(item.value?.amount?.unit ?? ''))
const amounts = computed(() =>
  AMOUNTS.filter(
    ({ value }) =>
      (known.value?.pieceGrams || !value.startsWith('PIECES')) &&
      (ingredient.value?.oneGrams || value !== 'ONES'),
  ),
)

function change(label: string, edit: (item: Item) => void): void {
  party.edit(label, (draft) => {
    const own = draft.menu.find((m) => m.cut === props.cut)
    if (own) edit(own)
  })
}

/** Where all of the kind comes from and in which state. */
function allAlike(): void {
  const like = item.value
  if (!like) return
  party.edit(`buy all ${kind.value} like this`, (draft) => {
    for (const own of draft.menu) {
      if (!alike.value.includes(own.cut)) continue
      own.bought = like.bought ?? total.value?.bought
      own.keptIn = like.keptIn
      if (catalogue.value.cuts.find((c) => c.id === own.cut)?.makerCooks) own.cooked = like.cooked
    }
  })
}

function chooseUnit(event: Event): void {
  const unit = (event.target as HTMLSelectElement).value as Amount['unit'] | ''
  change('say how much', (own) => {
    own.amount = unit ? { unit, count: firstCount(unit, total.value?.grams.value ?? 0) } : undefined
  })
}

function setCount(count: number | undefined | null): void {
  const unit = item.value?.amount?.unit
  if (unit && count && count > 0) change('say how much', (own) => (own.amount = { unit, count }))
}
</script>

<template>
  <section v-if="item && known" class="state" aria-label="State and amount">
    <div class="choice-row" role="group" aria-label="Bought">
      <span class="quiet lead">bought</span>
      <ChipChoice
        :options="BOUGHT"
        :on="total?.bought ?? 'WHOLE'"
        @choose="(state) => change('say how it is bought', (own) => (own.bought = state))"
      />
    </div>
    <div class="choice-row" role="group" aria-label="Comes from">
      <span class="quiet lead">comes</span>
      <ChipChoice
        :options="KEPT_IN"
        :on="item.keptIn"
        @choose="(place) => change('say where it comes from', (own) => (own.keptIn = place))"
      />
      <button
        v-if="freezes"
        type="button"
        class="chip"
        :aria-pressed="item.fromFrozen"
        @click="change('say how it goes in', (own) => (own.fromFrozen = !own.fromFrozen))"
      >
        goes in frozen
      </button>
    </div>
    <div v-if="known.makerCooks" class="choice-row" role="group" aria-label="Raw or cooked">
      <span class="quiet lead">the packet says</span>
      <button
        type="button"
        class="chip"
        :aria-pressed="item.cooked === true"
        @click="change('say it is cooked', (own) => (own.cooked = true))"
      >
        cooked by the maker
      </button>
      <button
        type="button"
        class="chip"
        :aria-pressed="item.cooked === false"
        @click="change('say it is raw', (own) => (own.cooked = false))"
      >
        raw
      </button>
      <span v-if="item.cooked === undefined" class="quiet">not said: counts as raw</span>
    </div>
    <button v-if="alike.length > 1" type="button" class="chip faint all" @click="allAlike">
      All {{ kind }} like this
    </button>
    <div class="choice-row amount">
      <label class="field">
        <span class="quiet">how much</span>
        <select class="line-input" :value="item.amount?.unit ?? ''" @change="chooseUnit">
          <option value="">as the portions say</option>
          <option v-for="unit in amounts" :key="unit.value" :value="unit.value">
            {{ unit.value === 'ONES' && ingredient?.oneCalled ? plural(ingredient.oneCalled) : unit.label }}
          </option>
        </select>
      </label>
      <MeasureInput
        v-if="item.amount && isWeight(item.amount.unit)"
        class="count"
        measure="weight"
        label="how much"
        :units="brief.units"
        :model-value="item.amount.count"
        @update:model-value="setCount"
      />
      <label v-else-if="item.amount && item.amount.unit !== 'EAT_UP'" class="field count">
        <span class="quiet">how many</span>
        <input
          v-said="item.amount.count"
          class="line-input"
          inputmode="decimal"
          @change="setCount(Number(($event.target as HTMLInputElement).value.replace(',', '.')))"
        />
      </label>
      <button
        v-if="!bySale"
        type="button"
        class="chip"
        :aria-pressed="item.secondsGrams !== undefined"
        @click="
          change('hold a plate back', (own) => (own.secondsGrams = own.secondsGrams ? undefined : PLATE_G))
        "
      >
        a plate for seconds
      </button>
      <MeasureInput
        v-if="item.secondsGrams && !bySale"
        class="count"
        measure="weight"
        label="for seconds"
        :units="brief.units"
        :model-value="item.secondsGrams"
        @update:model-value="
          (grams) => grams && change('hold a plate back', (own) => (own.secondsGrams = Math.round(grams)))
        "
      />
      <span v-if="item.amount && total" class="quiet comes"
        >comes to {{ total.grams.text }} at the table</span
      >
    </div>
  </section>
</template>

<style scoped>
.state {
  display: grid;
  gap: 8px;
  padding: 8px 0;
}

.lead {
  min-width: 62px;
}

.all {
  justify-self: start;
}

.amount {
  align-items: end;
  gap: 16px;
}

.count {
  width: 110px;
}

.comes {
  padding-bottom: 8px;
}

option {
  background: var(--sheet);
}
</style>
