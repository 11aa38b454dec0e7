<script setup lang="ts" generic="T extends string">
import ChipChoice from '@/ui/ChipChoice.vue'

/** A list that is either not said, said to be empty, or holds something. */
defineProps<{
  options: readonly { value: T; label: string }[]
  /** The chip for "known, and nothing". */
  none: string
  /** What it means while nothing is said. */
  unknown: string
}>()
const list = defineModel<T[]>()

function toggle(value: T): void {
  const now = list.value ?? []
  list.value = now.includes(value) ? now.filter((v) => v !== value) : [...now, value]
}
</script>

<template>
  <div class="choice-row">
    <button
      type="button"
      class="chip"
      :aria-pressed="list?.length === 0"
      @click="list = list?.length === 0 ? undefined : []"
    >
      {{ none }}
    </button>
    <ChipChoice :options="options" :on="list ?? []" @choose="toggle" />
    <span v-if="!list" class="quiet">{{ unknown }}</span>
    <button v-else type="button" class="chip faint" @click="list = undefined">unsay</button>
  </div>
</template>
