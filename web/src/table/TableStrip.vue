<script setup lang="ts">
import { computed } from 'vue'
import type { StepName } from '@/app/router'
import { useOpenParty } from '@/party/useOpenParty'
import type { PlacedPot } from './geometry'
import { foodAt, isCarried } from './matter'
import PotShape from './PotShape.vue'

/** The drawn table folded to a strip for a phone: the pots in a row, with what lies in them at the table. */
const props = defineProps<{ step: StepName; second: number; guest?: string }>()

const HEIGHT = 104
const RADIUS = 40
const { brief, plan } = useOpenParty()
const food = computed(() =>
  props.step === 'table' ? foodAt(plan.value.table.drops, props.second) : undefined,
)
const open = computed(() => plan.value.table.guests.find((pace) => pace.guest === props.guest)?.sides)
const isPale = (side: string, broth: string) =>
  props.step === 'prep' ? !isCarried(plan.value, broth) : open.value && !open.value.includes(side)
const width = computed(() => Math.max(360, brief.value.pots.length * 112 + 20))
const pots = computed(() => {
  const count = brief.value.pots.length
  return brief.value.pots.map((pot, i) => {
    const place: PlacedPot = {
      x: width.value / 2 + (i - (count - 1) / 2) * 112,
      y: HEIGHT / 2,
      r: RADIUS,
      turn: -Math.PI / 2,
    }
    return {
      id: pot.id,
      place,
      sides: pot.sides.map((side) => ({
        id: side.id,
        name: pot.name,
        tint: plan.value.broths.sides.find((s) => s.side === side.id)?.tint ?? 'kelp',
        opacity: isPale(side.id, side.broth) ? 0.25 : 1,
      })),
    }
  })
})
</script>

<template>
  <svg class="strip" :viewBox="`0 0 ${width} ${HEIGHT}`" role="img" aria-label="The pots on the table">
    <g v-for="{ id, place, sides } in pots" :key="id">
      <PotShape :place="place" :sides="sides" :food="food" />
    </g>
  </svg>
</template>

<style scoped>
.strip {
  width: 100%;
  height: 104px;
  margin-top: 4px;
}
</style>
