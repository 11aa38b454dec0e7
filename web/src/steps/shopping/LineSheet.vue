<script setup lang="ts">
import { computed, ref } from 'vue'
import { range } from '@/api/parts'
import type { Line } from '@/api/types'
import { useHousehold } from '@/household/store'
import { useOpenParty } from '@/party/useOpenParty'
import { serverNow } from '@/api/client'
import ChipChoice from '@/ui/ChipChoice.vue'
import { dayText, localText, nowIn } from '@/ui/time'
import MeasureInput from '@/ui/MeasureInput.vue'
import { weight as weightText } from '@/ui/units'
import { useKept } from '@/ui/useKept'
import { addDeal, cents, dealText, paidFor } from './lists'

/** In the shop: another size or price, an empty shelf, or it is at home after all. */
const props = defineProps<{
  line: Line
  /** Where it is bought. */
  shop: string
  /** With margin, before anything is taken off [g]. */ needed: number
}>()
const emit = defineEmits<{ close: [] }>()

const { party, brief } = useOpenParty()
const household = useHousehold()
const open = ref(true)
const grams = useKept<number | undefined>('line grams', Math.round(props.line.grams))
const price = useKept('line price', (props.line.cost.value / 100).toFixed(2))
const paid = computed(() => cents(price.value))
const weight = computed(() => {
  const number = grams.value
  return number && number >= 1 && number <= 50000 ? number : undefined
})

async function bought(): Promise<void> {
  if (paid.value === undefined || weight.value === undefined) return
  open.value = false
  await party.record({
    type: 'BOUGHT',
    subject: props.line.offer,
    ingredient: props.line.ingredient,
    count: props.line.count,
    grams: weight.value,
    priceCents: paid.value,
  })
  learnPrice(weight.value, paid.value)
}

/** What is paid here is what it costs next time. */
function learnPrice(grams: number, priceCents: number): void {
  if (priceCents === 0 || priceCents === Math.round(props.line.cost.value)) return
  const today = localText(nowIn(brief.value.zone, new Date(serverNow()))).slice(0, 10)
  party.edit('learn a price', paidFor(props.line, props.shop, grams, priceCents, today))
  void household.keep(brief.value, 'SHOPS')
}

/** The offer as it is priced, and since when. */
const offer = computed(() => brief.value.prices.offers.find(({ id }) => id === props.line.offer))
const seen = computed(() => offer.value && dayText(offer.value.asOf ?? brief.value.prices.asOf))

/** What the shop gives on top, as its shelf says. */
const dealing = ref<'BUNDLE' | 'SPEND'>()
const take = ref(3)
const pay = ref(2)
const spend = ref('40.00')
const deals = computed(() => brief.value.prices.deals.filter((deal) => deal.offer === props.line.offer))
const deal = computed(() => {
  const { offer } = props.line
  if (dealing.value === 'SPEND') {
    const spendCents = cents(spend.value)
    return spendCents ? { offer, spendCents } : undefined
  }
  const isGood = take.value >= 2 && take.value <= 12 && pay.value >= 1 && pay.value < take.value
  return isGood ? { offer, take: take.value, pay: pay.value } : undefined
})
const DEALS = [
  { value: 'BUNDLE', label: 'three for two' },
  { value: 'SPEND', label: 'one free from a bill' },
] as const

function putDeal(): void {
  if (!deal.value) return
  party.edit('add a deal', addDeal(deal.value))
  void household.keep(brief.value, 'SHOPS')
  dealing.value = undefined
}

function dropDeal(id: string): void {
  party.edit('take a deal away', (draft) => {
    draft.prices.deals = draft.prices.deals.filter((known) => known.id !== id)
  })
  void household.keep(brief.value, 'SHOPS')
}

async function soldOut(): Promise<void> {
  open.value = false
  await party.record({ type: 'SOLD_OUT', subject: props.line.offer })
}

function atHome(): void {
  const ingredient = props.line.ingredient
  party.edit('have it at home', (draft) => {
    draft.pantry = draft.pantry.filter((item) => item.ingredient !== ingredient)
    draft.pantry.push({ ingredient, grams: Math.ceil(props.needed) })
  })
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="420" @after-leave="emit('close')">
    <v-card>
      <h2>{{ line.name }}</h2>
      <p class="quiet">
        Planned: {{ line.amount }}, {{ line.cost.text }}{{ seen ? `, a price of ${seen}` : '' }}
      </p>
      <form class="other" @submit.prevent="bought">
        <MeasureInput
          v-model="grams"
          measure="weight"
          label="Weight"
          :units="brief.units"
          :invalid="weight === undefined"
        />
        <label>
          <span class="quiet">Paid</span>
          <input v-model="price" inputmode="decimal" :aria-invalid="paid === undefined" />
        </label>
        <v-btn color="primary" type="submit" :disabled="weight === undefined || paid === undefined">
          Bought this
        </v-btn>
      </form>
      <p v-if="weight === undefined" class="unmet">A weight up to {{ weightText(brief.units, 50000) }}.</p>
      <p v-if="paid === undefined" class="unmet">A price such as 3.49.</p>
      <template v-if="offer">
        <p v-for="known in deals" :key="known.id" class="choice-row">
          <b>{{ dealText(known) }}</b>
          <button type="button" class="chip faint" @click="dropDeal(known.id)">No longer</button>
        </p>
        <div class="choice-row deals">
          <span class="quiet">On the shelf:</span>
          <ChipChoice
            :options="DEALS"
            :on="dealing ?? []"
            @choose="dealing = dealing === $event ? undefined : $event"
          />
        </div>
        <form v-if="dealing" class="choice-row" @submit.prevent="putDeal">
          <template v-if="dealing === 'BUNDLE'">
            <input
              v-model.number="take"
              class="few"
              type="number"
              v-bind="range('Deal', 'take')"
              aria-label="Packs taken"
            />
            <span>for</span>
            <input
              v-model.number="pay"
              class="few"
              type="number"
              min="1"
              :max="take - 1"
              aria-label="Packs paid"
            />
          </template>
          <template v-else>
            <span>a pack free from</span>
            <input v-model="spend" class="few" inputmode="decimal" aria-label="Bill from which one is free" />
          </template>
          <button type="submit" class="chip solid" :disabled="!deal">Use it</button>
        </form>
      </template>
      <div class="rest">
        <button type="button" class="chip" @click="soldOut">None left on the shelf</button>
        <button type="button" class="chip" @click="atHome">Have it at home</button>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.other {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 12px;
  align-items: end;
  padding: 14px 0 6px;
}

label {
  display: grid;
}

input {
  font: 650 20px var(--text);
  color: inherit;
  width: 100%;
  background: transparent;
  border: 0;
  border-bottom: 2px solid var(--rim);
  padding: 4px 2px;
}

.deals {
  padding-top: 10px;
}

.few {
  width: 76px;
}

.rest {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding-top: 14px;
}

.rest .chip {
  min-height: 44px;
  font-size: 15px;
}
</style>
