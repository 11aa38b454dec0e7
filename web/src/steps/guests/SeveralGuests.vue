<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Guest } from '@/api/types'
import { sideNames } from '@/party/sideNames'
import { useOpenParty } from '@/party/useOpenParty'
import { APPETITES, HEATS } from '@/party/words'
import ChipChoice from '@/ui/ChipChoice.vue'

/** The same said of several guests at once; everybody at first. Each tap is an edit of its own. */
const emit = defineEmits<{ close: [] }>()
const { party, brief, plan } = useOpenParty()
const open = ref(true)
const meant = ref(brief.value.guests.map((guest) => guest.id))
const guests = computed(() => brief.value.guests.map(({ id, name }) => ({ value: id, label: name })))
const those = computed(() => brief.value.guests.filter(({ id }) => meant.value.includes(id)))
const STIRS = [
  { value: 'yes', label: 'stir their own' },
  { value: 'no', label: 'take the house sauces' },
] as const
const PORTIONS = ['50', '75', '100', '125', '150'].map((value) => ({ value, label: `${value} %` }))
const sides = computed(() => [...sideNames(brief.value, plan.value), { value: '', label: 'any' }])

/** What all of those say alike; nothing where they differ. */
function alike<T extends string>(of: (guest: Guest) => T): T | [] {
  const said = new Set(those.value.map(of))
  return said.size === 1 ? ([...said][0] as T) : []
}

const stirs = () => alike<'yes' | 'no'>((guest) => (guest.stirsOwnSauce ? 'yes' : 'no'))

function toggle(id: string): void {
  meant.value = meant.value.includes(id) ? meant.value.filter((other) => other !== id) : [...meant.value, id]
}

function change(label: string, edit: (guest: Guest) => void): void {
  party.edit(label, (draft) => draft.guests.filter(({ id }) => meant.value.includes(id)).forEach(edit))
}
</script>

<template>
  <v-dialog v-model="open" max-width="640" scrollable @after-leave="emit('close')">
    <v-card>
      <div class="top">
        <h2>{{ those.length === brief.guests.length ? 'All of them' : `${those.length} of them` }}</h2>
        <v-btn color="primary" @click="open = false">Done</v-btn>
      </div>
      <div class="dialog-body">
        <div class="choice-row" role="group" aria-label="Who is meant">
          <ChipChoice :options="guests" :on="meant" @choose="toggle" />
        </div>
        <h3>Eat like a</h3>
        <div class="choice-row">
          <ChipChoice
            :options="APPETITES"
            :on="alike((g) => g.appetite)"
            @choose="(appetite) => change('change appetites', (g) => (g.appetite = appetite))"
          />
        </div>
        <h3>Portion</h3>
        <div class="choice-row">
          <ChipChoice
            :options="PORTIONS"
            :on="alike((g) => String(g.portionPercent))"
            @choose="(percent) => change('change portions', (g) => (g.portionPercent = Number(percent)))"
          />
        </div>
        <h3>Hottest broth</h3>
        <div class="choice-row">
          <ChipChoice
            :options="HEATS"
            :on="alike((g) => g.heat)"
            @choose="(heat) => change('change heat', (g) => (g.heat = heat))"
          />
        </div>
        <h3>Favourite broth</h3>
        <div class="choice-row">
          <ChipChoice
            :options="sides"
            :on="alike((g) => g.favouriteSide ?? '')"
            @choose="(side) => change('choose a favourite', (g) => (g.favouriteSide = side || undefined))"
          />
        </div>
        <h3>Sauces</h3>
        <div class="choice-row">
          <ChipChoice
            :options="STIRS"
            :on="stirs()"
            @choose="(yes) => change('change who stirs', (g) => (g.stirsOwnSauce = yes === 'yes'))"
          />
        </div>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.top {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding-bottom: 8px;
}

h3 {
  font-size: 15px;
  padding: 12px 0 4px;
}
</style>
