<script setup lang="ts">
import { computed, ref } from 'vue'
import { usual } from '@/api/parts'
import type { Pot } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import FigureText from '@/ui/FigureText.vue'
import { useKept } from '@/ui/useKept'
import { boilOf, heatWords, POT_KINDS } from './heat'
import PotHeat from './PotHeat.vue'
import PotSection from './PotSection.vue'
import SidePlots from './SidePlots.vue'
import SideRow from './SideRow.vue'
import { vSaid } from '@/ui/said'

/** One pot: cut through with its waterline, its evening foreseen, and its sides. */
const props = defineProps<{ pot: Pot; picked?: string }>()
defineEmits<{ pick: [side: string]; recipe: [broth: string]; choose: [side: string] }>()

const MOST_SIDES = 3
const { party, brief, plan } = useOpenParty()
const shown = ref(props.pot.sides[0]?.id ?? '')
const dialog = useKept(`pot ${props.pot.id}`, false)
const evening = computed(() => plan.value.evening.pots.find((pot) => pot.pot === props.pot.id))
const side = computed(
  () => evening.value?.sides.find((s) => s.side === shown.value) ?? evening.value?.sides[0],
)
const planned = computed(() => plan.value.broths.sides.find((s) => s.side === side.value?.side))
const kind = computed(() => POT_KINDS.find((k) => k.value === props.pot.kind)?.label)
const reach = computed(() => {
  const ids = props.pot.reachedBy
  return ids ? brief.value.guests.filter((g) => ids.includes(g.id)).map((g) => g.name) : undefined
})

function change(label: string, edit: (pot: Pot) => void): void {
  party.edit(label, (draft) => {
    const pot = draft.pots.find((p) => p.id === props.pot.id)
    if (pot) edit(pot)
  })
}

function split(count: number): void {
  change('split a pot', (pot) => {
    while (pot.sides.length > count) pot.sides.pop()
    while (pot.sides.length < count) {
      const letter = 'abc'.split('').find((l) => !pot.sides.some((s) => s.id === pot.id + l)) ?? 'x'
      pot.sides.push({ ...usual('Side'), id: pot.id + letter, broth: 'kelp-shiitake' })
    }
  })
}

function remove(): void {
  party.edit('remove a pot', (draft) => {
    draft.pots = draft.pots.filter((pot) => pot.id !== props.pot.id)
  })
}

function rename(event: Event): void {
  const name = (event.target as HTMLInputElement).value.trim()
  if (name) change('rename a pot', (pot) => (pot.name = name))
}
</script>

<template>
  <section class="pot" :aria-label="pot.name">
    <div class="head">
      <input v-said="pot.name" class="name" maxlength="40" aria-label="Name of the pot" @change="rename" />
      <button type="button" class="chip" :aria-label="`Change ${pot.name}`" @click="dialog = true">
        {{ kind }} of {{ pot.capacityMl / 1000 }} l · {{ heatWords(pot.heat)
        }}<template v-if="pot.boil !== 'SIMMER'"> · {{ boilOf(pot)?.label }}</template>
      </button>
      <span class="split" role="group" aria-label="Sides">
        <button
          v-for="n in MOST_SIDES"
          :key="n"
          type="button"
          class="chip"
          :aria-label="n === 1 ? 'One side' : `${n} sides`"
          :aria-pressed="pot.sides.length === n"
          @click="split(n)"
        >
          {{ n }}
        </button>
      </span>
      <button type="button" class="chip faint remove" :aria-label="`Remove ${pot.name}`" @click="remove">
        Remove
      </button>
    </div>
    <div class="inside">
      <div>
        <PotSection v-model:side="shown" :pot="pot" />
        <dl v-if="evening" class="facts">
          <div>
            <dt>{{ boilOf(pot)?.fact }}</dt>
            <dd><FigureText :figure="evening.setting" /> of full</dd>
          </div>
          <div v-if="evening.boilTable">
            <dt>to the boil here</dt>
            <dd><FigureText :figure="evening.boilTable" /></dd>
          </div>
          <div v-if="evening.cartridges">
            <dt>cartridges</dt>
            <dd><FigureText :figure="evening.cartridges" /></dd>
          </div>
          <div>
            <dt>heat</dt>
            <dd><FigureText :figure="evening.energy" /></dd>
          </div>
        </dl>
        <p v-if="reach" class="quiet">Within reach of {{ reach.join(', ') || 'nobody' }}.</p>
      </div>
      <SidePlots v-if="planned && side && evening" :planned="planned" :evening="side" :pot="evening" />
    </div>
    <SideRow
      v-for="own in pot.sides"
      :key="own.id"
      :side="own"
      :pot="pot"
      :picked="picked"
      @pick="$emit('pick', $event)"
      @recipe="$emit('recipe', $event)"
      @choose="$emit('choose', $event)"
    />
    <PotHeat v-if="dialog" :pot="pot" @close="dialog = false" />
  </section>
</template>

<style scoped>
.pot {
  border: 1.5px solid var(--hair);
  border-radius: 16px;
  padding: 12px 14px 6px;
}

.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
}

.name {
  font: 650 18px var(--head);
  color: inherit;
  border: 0;
  border-bottom: 1.5px dotted var(--hair);
  background: transparent;
  field-sizing: content;
  min-width: 150px;
  max-width: 300px;
  padding: 4px 0;
}

.split {
  display: flex;
  gap: 4px;
}

.remove {
  margin-left: auto;
}

.inside {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 7fr);
  gap: 22px;
  padding: 12px 0 8px;
}

@media (max-width: 839px) {
  .inside {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
