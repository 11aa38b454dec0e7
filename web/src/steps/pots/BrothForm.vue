<script setup lang="ts">
import { computed } from 'vue'
import { range, usual } from '@/api/parts'
import type { OwnBroth } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { HEATS } from '@/party/words'
import ChipChoice from '@/ui/ChipChoice.vue'
import MeasureInput from '@/ui/MeasureInput.vue'

/** A broth of the household's own: on what, how much, what goes in and when, how it is made. */
const broth = defineModel<OwnBroth>({ required: true })
const { brief, catalogue } = useOpenParty()

type Part = OwnBroth['parts'][number]
/** How a part goes in; a packet is kept back by half. */
const WAYS = [
  { value: 'COOKED', label: 'cooked in it' },
  { value: 'TAKEN_OUT', label: 'taken out before serving' },
  { value: 'OFF_THE_HEAT', label: 'off the heat' },
  { value: 'AT_THE_TABLE', label: 'at the table, by the spoon' },
  { value: 'PACKET', label: 'packet: half, half kept' },
] as const
type Way = (typeof WAYS)[number]['value']

const wayOf = (part: Part): Way => (part.scaling === 'PACKET' ? 'PACKET' : part.adding)

function setWay(part: Part, way: string): void {
  if (way === 'PACKET') Object.assign(part, { scaling: 'PACKET', adding: 'COOKED' })
  else Object.assign(part, { scaling: part.scaling === 'PACKET' ? 'LINEAR' : part.scaling, adding: way })
}

const nameOf = (id: string) =>
  catalogue.value.ingredients.find((known) => known.id === id)?.name ??
  id.charAt(0).toUpperCase() + id.slice(1).replaceAll('-', ' ')
const bases = computed(() => [
  ...brief.value.ownBroths.filter((own) => !own.base && own.id !== broth.value.id),
  ...catalogue.value.broths.filter((known) => !known.base),
])

function setBase(id: string): void {
  broth.value.base = id ? { broth: id, ml: broth.value.base?.ml ?? broth.value.makesMl } : undefined
  broth.value.waterMl = undefined
}

function addPart(event: Event): void {
  const input = event.target as HTMLInputElement
  const found = catalogue.value.ingredients.find(
    (known) => known.name.toLowerCase() === input.value.trim().toLowerCase(),
  )
  if (!found) return
  input.value = ''
  if (!broth.value.parts.some((part) => part.ingredient === found.id))
    broth.value.parts.push({ ...usual('OwnBrothOwnPart'), ingredient: found.id, grams: 10 })
}

const addStep = () =>
  broth.value.steps.push({ ...usual('OwnBrothOwnStep'), text: 'Simmer', minutes: 20, passive: true })
</script>

<template>
  <div class="form">
    <div class="fields">
      <label class="field wide">
        <span class="quiet">Name</span>
        <input v-model="broth.name" class="line-input" maxlength="60" />
      </label>
      <MeasureInput v-model="broth.makesMl" measure="volume" label="Makes" :units="brief.units" />
      <label class="field">
        <span class="quiet">Salt, %</span>
        <input
          v-model.number="broth.saltPercent"
          class="line-input"
          type="number"
          v-bind="range('OwnBroth', 'saltPercent')"
          step="0.05"
        />
      </label>
    </div>
    <div class="choice-row">
      <span class="quiet">heat</span>
      <ChipChoice :options="HEATS" :on="broth.heat ?? []" @choose="broth.heat = $event" />
      <span v-if="!broth.heat" class="quiet">not said: counts as very hot</span>
    </div>
    <div class="choice-row">
      <label class="field">
        <span class="quiet">on</span>
        <select
          class="line-input"
          :value="broth.base?.broth ?? ''"
          @change="setBase(($event.target as HTMLSelectElement).value)"
        >
          <option value="">water</option>
          <option v-for="base in bases" :key="base.id" :value="base.id">{{ base.name }}</option>
        </select>
      </label>
      <MeasureInput
        v-if="broth.base"
        v-model="broth.base.ml"
        measure="volume"
        label="of it"
        :units="brief.units"
      />
      <button
        type="button"
        class="chip"
        :aria-pressed="broth.saltPercent === 0"
        @click="broth.saltPercent = broth.saltPercent === 0 ? 0.8 : 0"
      >
        unsalted
      </button>
    </div>
    <h3>What goes in</h3>
    <ul>
      <li v-for="(part, i) in broth.parts" :key="part.ingredient">
        <span>{{ nameOf(part.ingredient) }}</span>
        <MeasureInput
          v-model="part.grams"
          inline
          measure="weight"
          :label="`Weight of ${nameOf(part.ingredient)}`"
          :units="brief.units"
        />
        <select
          class="line-input"
          :aria-label="`How ${nameOf(part.ingredient)} goes in`"
          :value="wayOf(part)"
          @change="setWay(part, ($event.target as HTMLSelectElement).value)"
        >
          <option v-for="way in WAYS" :key="way.value" :value="way.value">{{ way.label }}</option>
        </select>
        <button
          type="button"
          class="chip faint"
          :aria-label="`Without ${nameOf(part.ingredient)}`"
          @click="broth.parts.splice(i, 1)"
        >
          Remove
        </button>
      </li>
    </ul>
    <input
      class="line-input add"
      list="broth-parts"
      placeholder="Something else that goes in"
      aria-label="Something else that goes in"
      @change="addPart"
    />
    <datalist id="broth-parts">
      <option v-for="known in catalogue.ingredients" :key="known.id" :value="known.name"></option>
    </datalist>
    <h3>How it is made</h3>
    <ol>
      <li v-for="(step, i) in broth.steps" :key="i" class="step">
        <input v-model="step.text" class="line-input" maxlength="300" :aria-label="`Step ${i + 1}`" />
        <label class="minutes">
          <input
            v-model.number="step.minutes"
            class="line-input"
            type="number"
            v-bind="range('OwnBrothOwnStep', 'minutes')"
            :aria-label="`Minutes of step ${i + 1}`"
          />
          min
        </label>
        <button type="button" class="chip" :aria-pressed="step.passive" @click="step.passive = !step.passive">
          by itself
        </button>
        <button
          type="button"
          class="chip faint"
          :aria-label="`Remove step ${i + 1}`"
          @click="broth.steps.splice(i, 1)"
        >
          Remove
        </button>
      </li>
    </ol>
    <button type="button" class="chip" @click="addStep">Another step</button>
  </div>
</template>

<style scoped>
.form {
  display: grid;
  gap: 10px;
  justify-items: stretch;
}

.fields {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr;
  gap: 14px;
  align-items: end;
}

h3 {
  font-size: 15px;
  padding-top: 6px;
}

ul,
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) auto minmax(0, 1.2fr) auto;
  align-items: center;
  gap: 10px;
  min-height: 46px;
  border-bottom: 1px solid var(--hair);
}

.step {
  grid-template-columns: minmax(0, 1fr) auto auto auto;
}

.minutes .line-input {
  width: 64px;
  text-align: right;
}

.form > .chip {
  justify-self: start;
}

option {
  background: var(--sheet);
}

@media (max-width: 839px) {
  .fields {
    grid-template-columns: 1fr 1fr;
  }

  .wide {
    grid-column: 1 / -1;
  }

  li,
  .step {
    grid-template-columns: minmax(0, 1fr) auto;
    padding: 6px 0;
  }
}
</style>
