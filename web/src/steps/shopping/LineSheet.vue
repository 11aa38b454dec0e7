<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Line } from '@/api/types'
import { useHousehold } from '@/household/store'
import { useOpenParty } from '@/party/useOpenParty'
import MeasureInput from '@/ui/MeasureInput.vue'
import { weight as weightText } from '@/ui/units'
import { useKept } from '@/ui/useKept'
import { cents, paidFor } from './lists'

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
  party.edit('learn a price', paidFor(props.line, props.shop, grams, priceCents))
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
      <p class="quiet">Planned: {{ line.amount }}, {{ line.cost.text }}</p>
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
