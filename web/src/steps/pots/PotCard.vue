<script setup lang="ts">
import { computed } from 'vue'
import type { Pot } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import SideRow from './SideRow.vue'

/** One pot: its size and fill, its split, and its sides. */
const props = defineProps<{ pot: Pot; picked?: string }>()
defineEmits<{ pick: [side: string] }>()

const MOST_SIDES = 3
const LITRES = [1.2, 1.8, 2.4, 3, 4, 5.2, 6, 7.2, 8, 10, 12]
const { party } = useOpenParty()
const sizes = computed(() =>
  [...new Set([...LITRES.map((litres) => litres * 1000), props.pot.capacityMl])]
    .sort((a, b) => a - b)
    .map((ml) => ({ title: `${ml / 1000} l`, value: ml })),
)

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
      const letter = 'abc'.split('').find((l) => !pot.sides.some((side) => side.id === pot.id + l)) ?? 'x'
      pot.sides.push({ id: pot.id + letter, broth: 'kelp-shiitake' })
    }
  })
}

const fill = (percent: number) => (draft: { pots: Pot[] }) => {
  const pot = draft.pots.find((p) => p.id === props.pot.id)
  if (pot) pot.fillPercent = percent
}

function remove(): void {
  party.edit('remove a pot', (draft) => {
    draft.pots = draft.pots.filter((pot) => pot.id !== props.pot.id)
    draft.decisions.splashes = draft.decisions.splashes.filter((choice) => choice.pot !== props.pot.id)
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
      <input class="name" :value="pot.name" maxlength="40" aria-label="Name of the pot" @change="rename" />
      <v-select
        class="size"
        label="Holds"
        :items="sizes"
        :model-value="pot.capacityMl"
        @update:model-value="change('change a pot', (p) => (p.capacityMl = $event))"
      />
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
      <label class="fill">
        <span class="quiet">Filled {{ pot.fillPercent }} %</span>
        <input
          type="range"
          min="25"
          max="67"
          :value="pot.fillPercent"
          @input="party.preview(fill(Number(($event.target as HTMLInputElement).value)))"
          @change="party.edit('change the fill', fill(Number(($event.target as HTMLInputElement).value)))"
        />
      </label>
      <button type="button" class="chip faint" :aria-label="`Remove ${pot.name}`" @click="remove">
        Remove
      </button>
    </div>
    <SideRow
      v-for="side in pot.sides"
      :key="side.id"
      :side="side"
      :pot="pot"
      :picked="picked"
      @pick="$emit('pick', $event)"
    />
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
  width: 150px;
  padding: 4px 0;
}

.size {
  flex: none;
  width: 104px;
}

.split {
  display: flex;
  gap: 4px;
}

.fill {
  display: grid;
  font-size: 13px;
  margin-left: auto;
}

input[type='range'] {
  accent-color: var(--rim);
  width: 120px;
}

@media (max-width: 839px) {
  .fill {
    margin-left: 0;
  }

  input[type='range'] {
    height: 40px;
  }
}
</style>
