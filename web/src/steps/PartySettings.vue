<script setup lang="ts">
import { moveTo } from '@/party/edits'
import { range } from '@/api/parts'
import { useOpenParty } from '@/party/useOpenParty'
import { useKept } from '@/ui/useKept'

/** Title, time and the few settings that belong to the whole party. */
const open = defineModel<boolean>({ required: true })

const CURRENCY = /^[A-Z]{3}$/
const { party, brief } = useOpenParty()
const title = useKept('settings title', brief.value.title)
const sitDown = useKept('settings sitDown', brief.value.sitDown.slice(0, 16))
const currency = useKept('settings currency', brief.value.currency)
const mealMinutes = useKept('settings mealMinutes', brief.value.mealMinutes)
const bufferMinutes = useKept('settings bufferMinutes', brief.value.bufferMinutes)
const marginPercent = useKept('settings marginPercent', brief.value.marginPercent)

function save(): void {
  party.edit('change the party', (draft) => {
    draft.title = title.value.trim() || draft.title
    if (sitDown.value) moveTo(draft, `${sitDown.value}:00`)
    const wanted = currency.value.trim().toUpperCase()
    if (CURRENCY.test(wanted)) draft.currency = wanted
    draft.mealMinutes = within(mealMinutes.value, 30, 240, draft.mealMinutes)
    draft.bufferMinutes = within(bufferMinutes.value, 0, 120, draft.bufferMinutes)
    draft.marginPercent = within(marginPercent.value, 0, 50, draft.marginPercent)
  })
  open.value = false
}

function within(value: number | string, min: number, max: number, otherwise: number): number {
  const number = Math.round(Number(value))
  return Number.isFinite(number) ? Math.min(max, Math.max(min, number)) : otherwise
}
</script>

<template>
  <v-dialog v-model="open" max-width="480">
    <v-card>
      <form class="form" @submit.prevent="save">
        <h2>The party</h2>
        <v-text-field v-model="title" label="Title" maxlength="80" autofocus />
        <v-text-field v-model="sitDown" label="Sitting down" type="datetime-local" />
        <div class="three">
          <v-text-field
            v-model="mealMinutes"
            label="Meal, minutes"
            type="number"
            v-bind="range('Brief', 'mealMinutes')"
          />
          <v-text-field
            v-model="bufferMinutes"
            label="Prep done before, min"
            type="number"
            v-bind="range('Brief', 'bufferMinutes')"
          />
          <v-text-field
            v-model="marginPercent"
            label="Buy more, %"
            type="number"
            v-bind="range('Brief', 'marginPercent')"
          />
          <v-text-field
            v-model="currency"
            label="Currency"
            maxlength="3"
            :rules="[
              (text: string) => CURRENCY.test(text.trim().toUpperCase()) || 'Three letters, such as EUR',
            ]"
          />
        </div>
        <div class="actions">
          <v-btn variant="text" @click="open = false">Cancel</v-btn>
          <v-btn color="primary" type="submit">Save</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 14px;
}

.three {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(120px, 1fr));
  gap: 10px;
}

.actions {
  display: flex;
  justify-content: flex-end;
  gap: 8px;
}
</style>
