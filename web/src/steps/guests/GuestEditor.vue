<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Guest, Need } from '@/api/types'
import KeepChip from '@/household/KeepChip.vue'
import { sideNames } from '@/party/sideNames'
import { useOpenParty } from '@/party/useOpenParty'
import { ALLERGENS, APPETITES, DELICATE, HEATS, NEEDS, STRENGTHS } from '@/party/words'
import ChipChoice from '@/ui/ChipChoice.vue'
import WishList from './WishList.vue'
import { vSaid } from '@/ui/said'

/** Everything about one guest. Each tap is an edit of its own, so undo works inside too. */
const props = defineProps<{ guestId: string }>()
const emit = defineEmits<{ close: [] }>()

const { party, brief, plan } = useOpenParty()
const open = ref(true)
const guest = computed(() => brief.value.guests.find((g) => g.id === props.guestId))
function change(label: string, edit: (guest: Guest) => void): void {
  party.edit(label, (draft) => {
    const found = draft.guests.find((g) => g.id === props.guestId)
    if (found) edit(found)
  })
}

function rename(event: Event): void {
  const name = (event.target as HTMLInputElement).value.trim()
  if (name) change('rename a guest', (g) => (g.name = name))
}

function toggleNeed(kind: Need['kind']): void {
  change('change needs', (g) => {
    const has = g.needs.some((need) => need.kind === kind)
    g.needsFromBefore = false
    g.needs = has
      ? g.needs.filter((need) => need.kind !== kind)
      : [...g.needs, { kind, strength: ALLERGENS.includes(kind) ? 'MEDICAL' : 'DIET' }]
  })
}

/** What keeps a guest safe is no matter of degree. */
const ofDegree = computed(() => guest.value?.needs.filter((need) => !DELICATE.includes(need.kind)) ?? [])

function setStrength(kind: Need['kind'], strength: Need['strength']): void {
  change('change a need', (g) => {
    const need = g.needs.find((n) => n.kind === kind)
    if (need) need.strength = strength
    g.needsFromBefore = false
  })
}

/** Where this guest eats from where it can be chosen; tapped again, any. */
const sides = computed(() => sideNames(brief.value, plan.value))

function toggleFavourite(side: string): void {
  change('choose a favourite', (g) => (g.favouriteSide = g.favouriteSide === side ? undefined : side))
}

type Minutes = 'arrivesAfterMinutes' | 'leavesAfterMinutes'

/** Minutes after sitting down; an empty field of leaving means to the end. */
function setMinutes(field: Minutes, event: Event): void {
  const text = (event.target as HTMLInputElement).value
  const minutes = Math.round(Number(text))
  if (!Number.isFinite(minutes)) return
  change('change coming and going', (g) => {
    if (field === 'arrivesAfterMinutes') g.arrivesAfterMinutes = Math.min(230, Math.max(0, minutes))
    else g.leavesAfterMinutes = text === '' ? undefined : minutes
    if (typeof g.leavesAfterMinutes === 'number') {
      g.leavesAfterMinutes = Math.min(240, Math.max(g.arrivesAfterMinutes + 10, g.leavesAfterMinutes))
    }
  })
}

function setPercent(event: Event): void {
  const percent = Number((event.target as HTMLInputElement).value)
  change('change a portion', (g) => (g.portionPercent = percent))
}

function remove(): void {
  party.edit('remove a guest', (draft) => {
    draft.guests = draft.guests.filter((g) => g.id !== props.guestId)
  })
  emit('close')
}
</script>

<template>
  <v-dialog v-if="guest" v-model="open" scrollable @after-leave="emit('close')">
    <v-card>
      <div class="top">
        <label class="name">
          <span class="quiet">Name</span>
          <input v-said="guest.name" maxlength="40" @change="rename" />
        </label>
        <v-btn color="primary" @click="open = false">Done</v-btn>
      </div>
      <div class="body">
        <fieldset>
          <legend>Eats like a</legend>
          <ChipChoice
            :options="APPETITES"
            :on="guest.appetite"
            @choose="(appetite) => change('change appetite', (g) => (g.appetite = appetite))"
          />
        </fieldset>
        <fieldset>
          <legend>Keeps away from</legend>
          <ChipChoice :options="NEEDS" :on="guest.needs.map((need) => need.kind)" @choose="toggleNeed" />
          <div v-for="need in ofDegree" :key="need.kind" class="strength">
            <span>{{ NEEDS.find((n) => n.value === need.kind)?.label }} is a</span>
            <ChipChoice
              :options="STRENGTHS"
              :on="need.strength"
              @choose="(strength) => setStrength(need.kind, strength)"
            />
          </div>
          <p v-if="guest.needsFromBefore" class="strength">
            <span>As last time.</span>
            <button
              type="button"
              class="chip"
              @click="change('confirm needs', (g) => (g.needsFromBefore = false))"
            >
              Still so
            </button>
          </p>
        </fieldset>
        <fieldset>
          <legend>Hottest broth</legend>
          <ChipChoice
            :options="HEATS"
            :on="guest.heat"
            @choose="(heat) => change('change heat', (g) => (g.heat = heat))"
          />
        </fieldset>
        <fieldset v-if="sides.length > 1">
          <legend>Favourite broth</legend>
          <ChipChoice :options="sides" :on="guest.favouriteSide ?? ''" @choose="toggleFavourite" />
        </fieldset>
        <fieldset>
          <legend>Comes and goes</legend>
          <label class="late">
            comes
            <input
              v-said="guest.arrivesAfterMinutes"
              class="line-input"
              type="number"
              min="0"
              max="230"
              step="5"
              @change="setMinutes('arrivesAfterMinutes', $event)"
            />
            min late
          </label>
          <label class="late">
            leaves after
            <input
              v-said="guest.leavesAfterMinutes"
              class="line-input"
              type="number"
              min="10"
              max="240"
              step="5"
              :placeholder="String(brief.mealMinutes)"
              @change="setMinutes('leavesAfterMinutes', $event)"
            />
            min
          </label>
          <label class="percent">
            <span>
              eats <b>{{ guest.portionPercent }} %</b> of the usual portion
            </span>
            <input
              v-said="guest.portionPercent"
              type="range"
              min="10"
              max="150"
              step="5"
              @change="setPercent"
            />
          </label>
        </fieldset>
        <fieldset>
          <legend>Loves and hates</legend>
          <WishList :guest="guest" />
        </fieldset>
        <div class="choice-row">
          <KeepChip :id="guest.id" part="PERSON" :what="guest.name" />
          <v-btn variant="outlined" color="error" @click="remove">Remove {{ guest.name }}</v-btn>
        </div>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.top {
  display: flex;
  align-items: end;
  justify-content: space-between;
  gap: 12px;
  padding-bottom: 10px;
}

.name {
  display: grid;
  flex: 1;
}

.name input {
  font: 650 22px var(--head);
  color: inherit;
  border: 0;
  border-bottom: 2px solid var(--rim);
  background: transparent;
  padding: 4px 2px;
  min-width: 0;
}

.late {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  margin-right: 14px;
}

.late input {
  width: 64px;
}

.percent {
  flex: 1 1 220px;
  display: grid;
}

.percent input {
  accent-color: var(--rim);
  min-height: 34px;
}

.body {
  overflow: auto;
  display: grid;
  gap: 16px;
  padding: 4px 4px 12px;
}

fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

legend {
  font: 650 16px var(--head);
  margin-bottom: 6px;
  float: left;
  width: 100%;
}

.strength {
  flex-basis: 100%;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  padding-top: 4px;
}
</style>
