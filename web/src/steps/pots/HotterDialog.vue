<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Broth, OwnBroth } from '@/api/types'
import { useHousehold } from '@/household/store'
import { freshId } from '@/party/edits'
import { useOpenParty } from '@/party/useOpenParty'
import { HEATS, labelOf } from '@/party/words'
import ChipChoice from '@/ui/ChipChoice.vue'
import { hotter, HOTTER_BY, type Hotter } from './recipes'

/** One side the same as another but hotter: with what, how much of it, how hot it comes out. */
const props = defineProps<{ broth: Broth | OwnBroth }>()
const emit = defineEmits<{ close: []; taken: [broth: string] }>()
const { party, brief, catalogue } = useOpenParty()
const household = useHousehold()
const open = ref(true)
const by = ref<Hotter>(HOTTER_BY[0])
const perLitre = ref(HOTTER_BY[0].perLitre)
const above = computed(() =>
  HEATS.slice(Math.min(HEATS.length - 1, HEATS.findIndex(({ value }) => value === props.broth.heat) + 1)),
)
const heat = ref(above.value[0]?.value ?? 'HOT')
const nameOf = (id: string) => catalogue.value.ingredients.find((known) => known.id === id)?.name ?? id
const ways = computed(() =>
  HOTTER_BY.map(({ ingredient }) => ({ value: ingredient, label: nameOf(ingredient) })),
)
const isGood = computed(() => perLitre.value > 0 && perLitre.value <= (by.value.drops ? 40 : 200))

function choose(ingredient: string): void {
  by.value = HOTTER_BY.find((way) => way.ingredient === ingredient) ?? HOTTER_BY[0]
  perLitre.value = by.value.perLitre
}

function season(): void {
  const own = brief.value.ownBroths
  const made = hotter(props.broth, freshId('own-broth', own), by.value, perLitre.value, heat.value)
  party.edit('make a side hotter', (draft) => (draft.ownBroths = [...draft.ownBroths, made]))
  void household.keep(brief.value, 'BROTH', made.id)
  emit('taken', made.id)
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="520" @after-leave="emit('close')">
    <v-card>
      <h2>{{ broth.name }}, but hotter</h2>
      <form class="dialog-body" @submit.prevent="season">
        <p class="quiet">It is made once with the rest; this side alone is seasoned on top of it.</p>
        <div class="choice-row">
          <ChipChoice :options="ways" :on="by.ingredient" @choose="choose" />
        </div>
        <label class="field">
          <span class="quiet">{{ by.drops ? 'Drops' : 'Grams' }} for each litre</span>
          <input
            v-model.number="perLitre"
            class="line-input dose"
            type="number"
            min="0"
            :max="by.drops ? 40 : 200"
            step="any"
          />
        </label>
        <div class="choice-row">
          <span class="quiet">comes out</span>
          <ChipChoice :options="above" :on="heat" @choose="heat = $event" />
          <span class="quiet">({{ labelOf(HEATS, broth.heat ?? 'HOT') }} now)</span>
        </div>
        <p v-if="by.drops" class="caution">
          Extreme heat. Drops only, half of them first; gloves, away from eyes and flames, out of children’s
          reach. Whoever has not asked for it eats from another side.
        </p>
        <p v-if="!isGood" class="unmet">More than nothing, {{ by.drops ? '40 drops' : '200 g' }} at most.</p>
      </form>
      <div class="dialog-foot">
        <v-btn variant="outlined" @click="open = false">Leave it</v-btn>
        <v-btn color="primary" :disabled="!isGood" @click="season">Season this side</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
form {
  display: grid;
  gap: 12px;
}

.dose {
  width: 120px;
  text-align: right;
}
</style>
