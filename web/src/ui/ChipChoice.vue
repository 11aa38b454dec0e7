<script setup lang="ts" generic="T extends string">
/** A row of chips of which some are on; a tap says which one was meant. */
defineProps<{
  options: readonly { value: T; label: string }[]
  /** The one that is on, or all that are. */
  on: T | readonly T[]
  /** Completes the spoken name of each chip: "love" -> "love Beef". */
  of?: string
}>()
defineEmits<{ choose: [value: T] }>()
</script>

<template>
  <button
    v-for="option in options"
    :key="option.value"
    type="button"
    class="chip"
    :aria-pressed="Array.isArray(on) ? on.includes(option.value) : on === option.value"
    :aria-label="of ? `${option.label} ${of}` : undefined"
    @click="$emit('choose', option.value)"
  >
    {{ option.label }}
  </button>
</template>
