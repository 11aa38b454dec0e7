<script setup lang="ts">
import { computed } from 'vue'
import type { StepName } from '@/app/router'
import type { Guest } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { needLabel } from '@/party/words'
import { CARD, ringArc } from './geometry'
import { plateRing, sauceDishes } from './matter'

/** One place at the drawn table, about its own middle: a card with name and hint, a plate ring, or sauce dishes. */
const props = defineProps<{
  step: StepName
  guest: Guest
  chosen: boolean
  /** Nothing is laid there yet. */
  bare: boolean
  /** No side is open to the guest. */
  closed: boolean
}>()
const { brief, plan } = useOpenParty()

const ring = computed(() => plateRing(plan.value, props.guest.id))
const dishes = computed(() => sauceDishes(brief.value, plan.value, props.guest.id))
const hint = computed(() => {
  const need = props.guest.needs[0]
  if (props.step === 'sauces') return dishes.value ? '' : 'stirs their own'
  if (need) return needLabel(need.kind)
  return props.guest.arrivesAfterMinutes > 0 ? 'comes late' : ''
})
</script>

<template>
  <g :class="{ chosen, bare }">
    <template v-if="step === 'ingredients'">
      <circle r="19" class="plate" />
      <path
        v-for="slice in ring"
        :key="slice.category"
        :d="ringArc({ x: 0, y: 0 }, 19, slice.from, slice.to)"
        class="slice"
        :stroke="`var(--plate-${slice.category.toLowerCase()})`"
      />
      <text y="4" class="small">{{ guest.name.slice(0, 6) }}</text>
    </template>
    <template v-else>
      <rect
        :x="-CARD.width / 2"
        :y="-CARD.height / 2"
        :width="CARD.width"
        :height="CARD.height"
        rx="9"
        class="card"
      />
      <text :y="hint || step === 'sauces' ? -2 : 5" class="name">{{ guest.name.slice(0, 11) }}</text>
      <g v-if="step === 'sauces' && dishes">
        <g
          v-for="(dish, k) in dishes"
          :key="dish.sauce"
          :transform="`translate(${(k - (dishes.length - 1) / 2) * 14} 9)`"
        >
          <circle r="4.5" class="dish" :class="{ struck: dish.struck }" />
          <path v-if="dish.struck" d="M-6 6L6 -6" class="stroke" />
        </g>
      </g>
      <text v-else y="12" class="hint">{{ hint }}</text>
      <path v-if="step === 'guests' && closed" d="M34 -22l9 16h-18z" class="warning" />
    </template>
  </g>
</template>

<style scoped>
.card {
  fill: var(--sheet);
  stroke: var(--rim);
  stroke-width: 1.6;
}

.chosen .card {
  stroke-width: 3.4;
}

.bare .card {
  stroke-dasharray: 4 4;
  fill: var(--ground);
}

.name {
  font: 650 14.5px var(--head);
  text-anchor: middle;
  fill: var(--ink);
}

.hint {
  font: 400 11.5px var(--text);
  text-anchor: middle;
  fill: var(--soft);
}

.plate {
  fill: var(--sheet);
  stroke: var(--hair);
  stroke-width: 7;
}

.slice {
  fill: none;
  stroke-width: 7;
}

.small {
  font: 600 10.5px var(--text);
  text-anchor: middle;
  fill: var(--ink);
}

.dish {
  fill: var(--rim);
}

.dish.struck {
  fill: none;
  stroke: var(--soft);
  stroke-width: 1.4;
}

.stroke {
  stroke: var(--warn);
  stroke-width: 2;
}

.warning {
  fill: var(--warn);
}
</style>
