<script setup lang="ts">
import { computed, ref } from 'vue'
import { range } from '@/api/parts'
import type { Pot } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { WAYS, wayOf } from '@/steps/sequence/eating'
import ChipChoice from '@/ui/ChipChoice.vue'
import MeasureInput from '@/ui/MeasureInput.vue'
import { broth, length, typed } from '@/ui/units'
import { useKept } from '@/ui/useKept'
import { BOILS, boilOf, HEAT_KINDS, millilitres, POT_KINDS } from './heat'

/** What a pot is, how large, what heats it, on which fuse, and who reaches it. One edit when it is closed. */
const props = defineProps<{ pot: Pot }>()
const emit = defineEmits<{ close: [] }>()

const { party, brief } = useOpenParty()
const open = ref(true)
const draft = useKept(`pot draft ${props.pot.id}`, JSON.parse(JSON.stringify(props.pot)) as Pot)
const heat = useKept(`pot heat ${props.pot.id}`, JSON.parse(JSON.stringify(props.pot.heat)) as Pot['heat'])
const measured = useKept(
  `pot measured ${props.pot.id}`,
  props.pot.size !== undefined && props.pot.size !== null,
)
const size = useKept(
  `pot size ${props.pot.id}`,
  props.pot.size ?? { acrossMm: 280, alongMm: undefined as number | undefined, depthMm: 90 },
)
const circuits = computed(() => brief.value.kitchen.circuits)
const electric = computed(() => heat.value.kind !== 'BUTANE')
const between = (least: number, most: number) =>
  `${typed.length.of(brief.value.units, least)} to ${length(brief.value.units, most)}`
const bad = computed(() => {
  if (!(heat.value.watts >= 200 && heat.value.watts <= 6000)) return 'Power: 200 to 6000 W.'
  const plate = heat.value.plateMm
  if (plate && !(plate >= 80 && plate <= 500))
    return `Largest pot on the stove: ${between(80, 500)}, or leave it empty.`
  if (!measured.value) return ''
  const s = size.value
  if (!(s.acrossMm >= 80 && s.acrossMm <= 600)) return `Across: ${between(80, 600)}.`
  if (s.alongMm && !(s.alongMm >= 80 && s.alongMm <= 800))
    return `Along: ${between(80, 800)}, or leave it empty.`
  if (!(s.depthMm >= 30 && s.depthMm <= 300)) return `Deep: ${between(30, 300)}.`
  const ml = millilitres(s)
  return ml < 300 || ml > 20000
    ? `That holds ${broth(brief.value.units, ml)}; a pot holds ${broth(brief.value.units, 300)} to ${broth(brief.value.units, 20000)}.`
    : ''
})
const way = computed(() => wayOf(draft.value))
const everybody = computed(() => !draft.value.reachedBy)

function toggle(guest: string): void {
  const now = draft.value.reachedBy ?? brief.value.guests.map((g) => g.id)
  draft.value.reachedBy = now.includes(guest) ? now.filter((id) => id !== guest) : [...now, guest]
  if (draft.value.reachedBy.length === brief.value.guests.length) draft.value.reachedBy = undefined
}

function chooseHeat(kind: (typeof HEAT_KINDS)[number]['value']): void {
  heat.value = {
    ...heat.value,
    kind,
    watts: HEAT_KINDS.find((h) => h.value === kind)?.watts ?? heat.value.watts,
  }
  if (kind === 'BUTANE') heat.value.circuit = undefined
}

function keep(): void {
  party.edit('change a pot', (brief) => {
    const pot = brief.pots.find((p) => p.id === props.pot.id)
    if (!pot) return
    pot.kind = draft.value.kind
    pot.way = draft.value.way
    pot.boil = draft.value.boil
    pot.basketsPerSide = draft.value.basketsPerSide
    pot.reachedBy = draft.value.reachedBy
    const isAnother = heat.value.kind !== pot.heat.kind || heat.value.watts !== pot.heat.watts
    const taught = isAnother ? { boilTimes: 1, fuelTimes: 1 } : {}
    pot.heat = { ...heat.value, ...taught, plateMm: heat.value.plateMm || undefined }
    pot.size = measured.value ? { ...size.value, alongMm: size.value.alongMm || undefined } : undefined
    pot.capacityMl = measured.value ? millilitres(size.value) : draft.value.capacityMl
  })
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="620" scrollable @after-leave="emit('close')">
    <v-card>
      <h2>{{ pot.name }}</h2>
      <div class="dialog-body">
        <h3>What it is</h3>
        <div class="choice-row">
          <ChipChoice
            :options="POT_KINDS"
            :on="draft.kind ?? 'POT'"
            @choose="(kind) => (draft.kind = kind)"
          />
        </div>
        <h3>How it is eaten from</h3>
        <div class="choice-row">
          <ChipChoice :options="WAYS" :on="way" @choose="(chosen) => (draft.way = chosen)" />
        </div>
        <p class="quiet">{{ WAYS.find((w) => w.value === way)?.does }}</p>
        <h3>How large</h3>
        <div class="choice-row">
          <button type="button" class="chip" :aria-pressed="!measured" @click="measured = false">
            by its litres
          </button>
          <button type="button" class="chip" :aria-pressed="measured" @click="measured = true">
            by a ruler
          </button>
          <b v-if="measured && !bad">{{ broth(brief.units, millilitres(size)) }}</b>
        </div>
        <div class="fields">
          <template v-if="measured">
            <MeasureInput v-model="size.acrossMm" measure="length" label="across" :units="brief.units" />
            <MeasureInput
              v-model="size.alongMm"
              measure="length"
              label="along"
              hint="empty for round"
              :units="brief.units"
            />
            <MeasureInput v-model="size.depthMm" measure="length" label="deep" :units="brief.units" />
          </template>
          <MeasureInput
            v-else
            v-model="draft.capacityMl"
            measure="volume"
            label="to the brim"
            :units="brief.units"
          />
          <label
            ><span>baskets a side</span
            ><input
              v-model.number="draft.basketsPerSide"
              class="line-input"
              type="number"
              v-bind="range('Pot', 'basketsPerSide')"
          /></label>
        </div>
        <h3>What heats it</h3>
        <div class="choice-row">
          <ChipChoice :options="HEAT_KINDS" :on="heat.kind" @choose="chooseHeat" />
        </div>
        <div class="fields">
          <label
            ><span>rating, W</span
            ><input
              v-model.number="heat.watts"
              class="line-input"
              type="number"
              v-bind="range('HeatSource', 'watts')"
          /></label>
          <MeasureInput
            v-model="heat.plateMm"
            measure="length"
            label="largest pot it takes"
            hint="empty if unknown"
            :units="brief.units"
          />
        </div>
        <template v-if="electric">
          <div v-if="circuits.length > 0" class="choice-row">
            <span class="quiet">Plugged into</span>
            <ChipChoice
              :options="circuits.map((c) => ({ value: c.id, label: `${c.name}, ${c.watts} W` }))"
              :on="heat.circuit ?? ''"
              @choose="(id) => (heat.circuit = heat.circuit === id ? undefined : id)"
            />
          </div>
          <p v-else class="quiet">Name your circuits under House, then say which one this is plugged into.</p>
        </template>
        <h3>How hard it boils</h3>
        <div class="choice-row">
          <ChipChoice :options="BOILS" :on="draft.boil" @choose="(boil) => (draft.boil = boil)" />
        </div>
        <p class="quiet">{{ boilOf(draft)?.does }} Its sides share one heat.</p>
        <h3>Who reaches it</h3>
        <div class="choice-row">
          <button type="button" class="chip" :aria-pressed="everybody" @click="draft.reachedBy = undefined">
            everybody
          </button>
          <button
            v-for="guest in brief.guests"
            :key="guest.id"
            type="button"
            class="chip"
            :aria-pressed="!everybody && draft.reachedBy?.includes(guest.id)"
            @click="toggle(guest.id)"
          >
            {{ guest.name }}
          </button>
        </div>
        <p v-if="bad" class="unmet">{{ bad }}</p>
      </div>
      <div class="dialog-foot">
        <v-btn variant="outlined" @click="open = false">Back</v-btn>
        <v-btn color="primary" :disabled="bad !== ''" @click="keep">Keep</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(140px, 1fr));
  gap: 10px 16px;
  padding-top: 8px;
}

.fields label {
  display: grid;
  align-content: end;
}

.fields :deep(span) {
  font-size: 13px;
  color: var(--soft);
}
</style>
