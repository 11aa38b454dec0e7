<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Brief } from '@/api/types'
import { typed, type Measure } from './units'

/** A weight, length or volume as it is typed in the kitchen's units; kept in g, mm and ml. Nothing where it is no number. */
const props = defineProps<{
  units: Brief['units']
  measure: Measure
  label: string
  /** Said behind the unit, such as "leave empty if unknown". */
  hint?: string
  invalid?: boolean
  /** In a line of a list: the label is only spoken, the unit stands behind. */
  inline?: boolean
}>()
const value = defineModel<number | undefined | null>({ required: true })

const measured = computed(() => typed[props.measure])
const asText = (si: number | undefined | null) =>
  typeof si === 'number' ? String(measured.value.of(props.units, si)) : ''
const text = ref(asText(value.value))
/** What is typed stays as typed as long as it means the same. */
watch(
  () => [value.value, props.units] as const,
  ([si]) => {
    if (readAs(text.value) !== (si ?? undefined)) text.value = asText(si)
  },
)

function readAs(raw: string): number | undefined {
  const number = Number(raw.trim().replace(',', '.'))
  return raw.trim() === '' || !Number.isFinite(number) ? undefined : measured.value.si(props.units, number)
}

function read(event: Event): void {
  text.value = (event.target as HTMLInputElement).value
  value.value = readAs(text.value)
}
</script>

<template>
  <label v-if="inline" class="inline">
    <input
      :value="text"
      class="line-input"
      inputmode="decimal"
      :aria-label="label"
      :aria-invalid="invalid"
      @input="read"
    />
    {{ measured.unit[units] }}
  </label>
  <label v-else class="field">
    <span class="quiet">{{ label }}, {{ measured.unit[units] }}{{ hint ? `; ${hint}` : '' }}</span>
    <input :value="text" class="line-input" inputmode="decimal" :aria-invalid="invalid" @input="read" />
  </label>
</template>

<style scoped>
.inline {
  display: flex;
  align-items: baseline;
  gap: 6px;
}

.inline .line-input {
  width: 72px;
  text-align: right;
}
</style>
