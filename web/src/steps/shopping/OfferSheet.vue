<script setup lang="ts">
import { computed, ref } from 'vue'
import { freshId } from '@/party/edits'
import { useOpenParty } from '@/party/useOpenParty'
import ChipChoice from '@/ui/ChipChoice.vue'
import MeasureInput from '@/ui/MeasureInput.vue'
import { useKept } from '@/ui/useKept'
import { cents } from './lists'

/** A pack of something no shop of the party offers yet: where, how heavy, how much; or it is at home. */
const props = defineProps<{
  ingredient: string
  name: string
  /** What is missing [g]. */ missing: number
}>()
const emit = defineEmits<{ close: [] }>()
const { party, brief } = useOpenParty()
const open = ref(true)
const shop = useKept('offer shop', brief.value.shops[0]?.id ?? '')
const grams = useKept<number | undefined>('offer grams', Math.ceil(props.missing))
const price = useKept('offer price', '')
const shops = computed(() => brief.value.shops.map((s) => ({ value: s.id, label: s.name })))
const weight = computed(() => {
  const number = Math.round(grams.value ?? 0)
  return number >= 1 && number <= 50000 ? number : undefined
})
const paid = computed(() => cents(price.value))

function add(): void {
  const pack = { grams: weight.value, priceCents: paid.value }
  if (pack.grams === undefined || pack.priceCents === undefined) return
  party.edit('add a price', (draft) => {
    const id = freshId(`own-${props.ingredient}`, draft.prices.offers)
    draft.prices.offers.push({
      id,
      shop: shop.value,
      ingredient: props.ingredient,
      name: props.name,
      ...pack,
    })
  })
  open.value = false
}

function atHome(): void {
  party.edit('have it at home', (draft) => {
    draft.pantry = draft.pantry.filter((item) => item.ingredient !== props.ingredient)
    draft.pantry.push({ ingredient: props.ingredient, grams: Math.ceil(props.missing) })
  })
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="440" @after-leave="emit('close')">
    <v-card>
      <h2>{{ name }}</h2>
      <form @submit.prevent="add">
        <div class="choice-row shops">
          <ChipChoice :options="shops" :on="shop" @choose="(id) => (shop = id)" />
        </div>
        <div class="pack">
          <MeasureInput v-model="grams" measure="weight" label="One pack" :units="brief.units" />
          <label class="field">
            <span class="quiet">Its price</span>
            <input v-model="price" class="line-input" inputmode="decimal" placeholder="3.49" />
          </label>
        </div>
        <div class="actions">
          <button type="button" class="chip" @click="atHome">Have it at home</button>
          <v-btn
            color="primary"
            type="submit"
            :disabled="!shop || weight === undefined || paid === undefined"
          >
            Add this pack
          </v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.shops {
  padding: 12px 0;
}

.pack {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
}

.actions {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding-top: 16px;
}
</style>
