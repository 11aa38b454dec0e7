<script setup lang="ts">
import { computed, ref } from 'vue'
import KeepChip from '@/household/KeepChip.vue'
import { usual } from '@/api/parts'
import type { Broth, OwnBroth } from '@/api/types'
import { freshId, swapBroths } from '@/party/edits'
import { useOpenParty } from '@/party/useOpenParty'
import StepNotes from '@/ui/StepNotes.vue'
import FigureText from '@/ui/FigureText.vue'
import { useKept } from '@/ui/useKept'
import BrothChooser from './BrothChooser.vue'
import BrothEditor from './BrothEditor.vue'
import BrothRecipe from './BrothRecipe.vue'
import HotterDialog from './HotterDialog.vue'
import HouseDialog from './HouseDialog.vue'
import LeftOvers from './LeftOvers.vue'
import PotCard from './PotCard.vue'
import { copyOf } from './recipes'
import WindowBench from './WindowBench.vue'

const { party, brief, plan, catalogue } = useOpenParty()
/** The side whose broth is picked up, to be put down on another one. */
const picked = ref<string>()
const dialog = useKept<'bench' | 'house' | 'write' | undefined>('house', undefined)
/** The side another broth is chosen for, and the broth of our own that is written for it. */
const choosing = ref<string>()
const writing = ref<OwnBroth>()
const recipe = ref<string>()
const need = computed(() => plan.value.broths.needs.find((n) => n.broth === recipe.value))

function pick(side: string): void {
  const from = picked.value
  picked.value = from === side || from ? undefined : side
  if (!from || from === side) return
  party.edit('swap broths', swapBroths(from, side))
}

const sides = computed(() => brief.value.pots.flatMap((pot) => pot.sides))
const chosen = computed(() => sides.value.find((side) => side.id === choosing.value))

function choose(broth: string, into = choosing.value): void {
  party.edit('change a broth', (draft) => {
    const side = draft.pots.flatMap((pot) => pot.sides).find((s) => s.id === into)
    if (side) side.broth = broth
  })
}

const findBroth = (id: string) =>
  brief.value.ownBroths.find((broth) => broth.id === id) ??
  catalogue.value.broths.find((broth) => broth.id === id)

/** The broth of which one side is made hotter. */
const seasoning = ref<Broth | OwnBroth>()
const season = (id: string) => (seasoning.value = findBroth(id))

/** One of our own is changed as it is; one of the catalogue is copied first. */
function change(id: string): void {
  const broth = findBroth(id)
  const isOwn = brief.value.ownBroths.some((own) => own.id === id)
  writing.value = broth && copyOf(broth, isOwn ? id : freshId('own-broth', brief.value.ownBroths))
  dialog.value = 'write'
}

function write(): void {
  writing.value = undefined
  dialog.value = 'write'
}

/** What was written for a side goes into it; where there is but one side, it was written for that. */
function taken(broth: string): void {
  const into = chosen.value ?? (sides.value.length === 1 ? sides.value[0] : undefined)
  if (into) choose(broth, into.id)
  choosing.value = undefined
}

function addPot(): void {
  party.edit('add a pot', (draft) => {
    const id = freshId('pot', draft.pots)
    draft.pots.push({
      ...usual('Pot'),
      id,
      name: 'Split pot',
      capacityMl: 5200,
      fillPercent: 50,
      basketsPerSide: 4,
      sides: [
        { ...usual('Side'), id: `${id}a`, broth: 'ginger-chicken' },
        { ...usual('Side'), id: `${id}b`, broth: 'kelp-shiitake' },
      ],
    })
  })
}
</script>

<template>
  <div class="head-line">
    <h1>Pots and broths</h1>
    <span class="quiet"
      >seats <b><FigureText :figure="plan.evening.seats" /></b
    ></span>
    <span v-if="plan.evening.cartridges" class="quiet"
      >butane cartridges <b><FigureText :figure="plan.evening.cartridges" /></b
    ></span>
    <span v-for="load in plan.evening.circuits" :key="load.circuit" class="quiet"
      >{{ load.name }} <b><FigureText :figure="load.headroom" /></b> to spare</span
    >
    <span class="push tools">
      <button type="button" class="chip" @click="dialog = 'house'">House and salt</button>
      <button type="button" class="chip" @click="dialog = 'bench'">Window bench</button>
      <button type="button" class="chip solid" @click="addPot">Add a pot</button>
    </span>
  </div>
  <p v-if="picked" class="quiet hint" role="status">Now choose the side to swap it with.</p>
  <div class="pots">
    <PotCard
      v-for="pot in brief.pots"
      :key="pot.id"
      :pot="pot"
      :picked="picked"
      @pick="pick"
      @recipe="recipe = $event"
      @choose="choosing = $event"
    />
  </div>
  <p v-if="brief.pots.length === 0" class="quiet">
    No pot yet: nobody can cook. Add one pot for four to six guests.
  </p>
  <section class="makes" aria-label="Broths to make">
    <h2>To make</h2>
    <button
      v-for="own in plan.broths.needs"
      :key="own.broth"
      type="button"
      class="chip"
      @click="recipe = own.broth"
    >
      {{ own.name }} <b>{{ own.make.text }}</b>
    </button>
    <button type="button" class="chip faint" @click="write">A broth of our own</button>
    <KeepChip part="KITCHEN" what="these pots and this kitchen" />
  </section>
  <LeftOvers />
  <StepNotes step="POTS" />
  <BrothRecipe
    v-if="need"
    :key="need.broth"
    :need="need"
    @close="recipe = undefined"
    @open="recipe = $event"
  />
  <HouseDialog v-if="dialog === 'house'" @close="dialog = undefined" />
  <BrothChooser
    v-if="chosen && dialog !== 'write' && !seasoning"
    :broth="chosen.broth"
    @close="choosing = undefined"
    @choose="choose"
    @write="write"
    @copy="change"
    @hotter="season"
  />
  <HotterDialog v-if="seasoning" :broth="seasoning" @taken="taken" @close="seasoning = undefined" />
  <BrothEditor v-if="dialog === 'write'" :broth="writing" @taken="taken" @close="dialog = undefined" />
  <WindowBench v-if="dialog === 'bench'" @close="dialog = undefined" />
</template>

<style scoped>
.head-line b {
  color: var(--ink);
}

.hint {
  margin-bottom: 8px;
}

.pots {
  display: grid;
  gap: 14px;
}

.makes {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin-top: 18px;
}

.makes h2 {
  margin-right: 6px;
}
</style>
