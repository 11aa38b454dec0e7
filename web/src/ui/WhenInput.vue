<script setup lang="ts">
import { ref, watch } from 'vue'

/** A date or a time, said once it is finished: browsers tell every digit of a year, the first as the year 2. */
const props = defineProps<{ type: 'datetime-local' | 'time'; value: string }>()
const emit = defineEmits<{ said: [value: string] }>()

const typed = ref(props.value)
watch(
  () => props.value,
  (value) => (typed.value = value),
)

function say(): void {
  if (typed.value !== props.value) emit('said', typed.value)
}
</script>

<template>
  <input v-model="typed" class="line-input" :type="type" @blur="say" @keydown.enter="say" />
</template>
