<script setup lang="ts">
import { computed } from 'vue'
import { range } from '@/api/parts'
import type { OwnIngredient } from '@/api/types'
import { ALLERGEN_NAMES, ORIGINS, RAW_RISKS, TRAITS } from '@/party/words'
import ChipChoice from '@/ui/ChipChoice.vue'
import { useKept } from '@/ui/useKept'
import MeasureInput from '@/ui/MeasureInput.vue'
import { weight } from '@/ui/units'
import { useOpenParty } from '@/party/useOpenParty'
import KnownList from './KnownList.vue'
import { likable } from './like'

/** One own ingredient. What is not said is left out, and then counts as the strictest. */
const props = defineProps<{ item: OwnIngredient }>()
const emit = defineEmits<{ keep: [item: OwnIngredient]; cancel: [] }>()

const LONGEST_SECONDS = 7200
const { party, brief, catalogue } = useOpenParty()
const draft = useKept('own food draft', JSON.parse(JSON.stringify(props.item)) as OwnIngredient)
const cut = computed(() => draft.value.cut)
const likeName = computed(
  () => likable(catalogue.value).find(({ cut: known }) => known.id === cut.value?.like)?.name ?? 'it',
)
/** What corrects the catalogue leaves unsaid what that says. */
const isNew = computed(() => !party.builtIn?.ingredients.some(({ id }) => id === props.item.id))
const problem = computed(() => {
  if (!draft.value.name.trim()) return 'It wants a name.'
  const c = cut.value
  if (!c) return ''
  if (!(c.readySeconds >= 1 && c.readySeconds <= LONGEST_SECONDS)) return 'Ready after 1 to 7200 seconds.'
  if (!(c.bestUntilSeconds >= c.readySeconds && c.bestUntilSeconds <= LONGEST_SECONDS))
    return 'Best until is no earlier than ready, and at most 7200 seconds.'
  if (typeof c.pieceGrams === 'number' && !(c.pieceGrams >= 0.5 && c.pieceGrams <= 500))
    return `A piece weighs up to ${weight(brief.value.units, 500)}, or leave it empty.`
  return ''
})
</script>

<template>
  <form @submit.prevent="problem || emit('keep', draft)">
    <label class="field">
      <span class="quiet">Name</span>
      <input v-model="draft.name" class="line-input" maxlength="60" />
    </label>
    <h3>Made of</h3>
    <div class="choice-row">
      <ChipChoice
        :options="ORIGINS"
        :on="draft.origin ? [draft.origin] : []"
        @choose="(origin) => (draft.origin = draft.origin === origin ? undefined : origin)"
      />
      <span v-if="!draft.origin" class="quiet">{{
        isNew ? 'not said: counts as meat' : 'as in the catalogue'
      }}</span>
    </div>
    <h3>Allergens</h3>
    <KnownList
      v-model="draft.allergens"
      :options="ALLERGEN_NAMES"
      none="none of the fourteen"
      :unknown="isNew ? 'not said: counts as holding all fourteen' : 'as in the catalogue'"
    />
    <h3>Also holds</h3>
    <KnownList
      v-model="draft.traits"
      :options="TRAITS"
      none="none of these"
      :unknown="isNew ? 'not said: counts as holding all of these' : 'as in the catalogue'"
    />
    <template v-if="cut">
      <h3>In the broth</h3>
      <p v-if="cut.like" class="like">
        Comes, is cut and cooks like <b>{{ likeName }}</b>.
        <button type="button" class="chip faint" @click="cut.like = undefined">Not like it</button>
      </p>
      <p v-if="cut.like" class="caution">
        What it is made of and holds stands above as {{ likeName }} has it: compare it with the label.
      </p>
      <div v-if="!cut.like" class="times">
        <label class="field">
          <span class="quiet">Cut</span>
          <input v-model="cut.name" class="line-input" maxlength="40" placeholder="2 cm cubes" />
        </label>
        <MeasureInput v-model="cut.pieceGrams" measure="weight" label="One piece" :units="brief.units" />
        <label class="field">
          <span class="quiet">Ready after, s</span>
          <input
            v-model.number="cut.readySeconds"
            class="line-input"
            type="number"
            v-bind="range('OwnIngredientOwnCut', 'readySeconds')"
          />
        </label>
        <label class="field">
          <span class="quiet">Best until, s</span>
          <input
            v-model.number="cut.bestUntilSeconds"
            class="line-input"
            type="number"
            v-bind="range('OwnIngredientOwnCut', 'bestUntilSeconds')"
          />
        </label>
      </div>
      <div v-if="!cut.like" class="choice-row">
        <button type="button" class="chip" :aria-pressed="cut.frozen" @click="cut.frozen = !cut.frozen">
          goes in frozen
        </button>
        <ChipChoice
          :options="RAW_RISKS"
          :on="cut.rawRisk ? [cut.rawRisk] : []"
          @choose="(risk) => cut && (cut.rawRisk = cut.rawRisk === risk ? undefined : risk)"
        />
        <span v-if="!cut.rawRisk" class="quiet">not said: cooked through to 74 °C</span>
      </div>
      <p v-if="cut.rawRisk !== 'NONE'" class="caution">
        Ready means cooked right through: check a first piece with a thermometer. Local rules and the maker's
        instructions come first.
      </p>
    </template>
    <p v-if="problem" class="unmet">{{ problem }}</p>
    <div class="actions">
      <v-btn variant="outlined" @click="emit('cancel')">Back</v-btn>
      <v-btn color="primary" type="submit" :disabled="problem !== ''">Keep</v-btn>
    </div>
  </form>
</template>

<style scoped>
h3 {
  font-size: 15px;
  padding: 14px 0 6px;
}

.times {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr 1fr;
  gap: 12px;
  padding-bottom: 10px;
}

.actions {
  display: flex;
  justify-content: flex-end;
  gap: 8px;
  padding-top: 12px;
}

@media (max-width: 839px) {
  .times {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
