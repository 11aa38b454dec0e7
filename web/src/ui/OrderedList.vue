<script setup lang="ts" generic="T extends string">
import { computed, ref } from 'vue'

/** A list put in order by dragging a row, or by the arrow keys on it. */
const props = defineProps<{ options: { value: T; label: string }[] }>()
const emit = defineEmits<{ order: [values: T[]] }>()

/** The row that is held, and where it would stand. */
const held = ref<{ value: T; at: number }>()
const list = ref<HTMLElement>()
const values = computed(() => props.options.map(({ value }) => value))
const shown = computed(() => {
  const gesture = held.value
  return gesture ? moved(gesture.value, gesture.at) : values.value
})
const labelOf = (value: T) => props.options.find((option) => option.value === value)?.label ?? value

function moved(value: T, to: number): T[] {
  const left = values.value.filter((other) => other !== value)
  return [...left.slice(0, to), value, ...left.slice(to)]
}

/** A finger scrolls the list unless it takes a row by its grip. */
function press(event: PointerEvent, value: T): void {
  const isOnGrip = (event.target as HTMLElement).classList.contains('grip')
  if (event.pointerType === 'touch' && !isOnGrip) return
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
  held.value = { value, at: values.value.indexOf(value) }
}

function slide(event: PointerEvent): void {
  const box = list.value?.getBoundingClientRect()
  if (!held.value || !box) return
  const row = Math.floor(((event.clientY - box.top) / box.height) * values.value.length)
  held.value.at = Math.min(values.value.length - 1, Math.max(0, row))
}

function release(): void {
  const gesture = held.value
  held.value = undefined
  if (gesture && gesture.at !== values.value.indexOf(gesture.value))
    emit('order', moved(gesture.value, gesture.at))
}

function step(value: T, by: number): void {
  const to = values.value.indexOf(value) + by
  if (to >= 0 && to < values.value.length) emit('order', moved(value, to))
}
</script>

<template>
  <ol ref="list">
    <li v-for="(value, i) in shown" :key="value">
      <button
        type="button"
        class="row"
        :class="{ held: held?.value === value }"
        :aria-label="`${labelOf(value)}, ${i + 1} of ${shown.length}; up and down move it`"
        @pointerdown="press($event, value)"
        @pointermove="slide"
        @pointerup="release"
        @pointercancel="held = undefined"
        @keydown.up.prevent="step(value, -1)"
        @keydown.down.prevent="step(value, 1)"
      >
        <span class="place">{{ i + 1 }}</span>
        <span>{{ labelOf(value) }}</span>
        <span class="grip" aria-hidden="true">≡</span>
      </button>
    </li>
  </ol>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}

.row {
  width: 100%;
  display: grid;
  grid-template-columns: 28px 1fr auto;
  align-items: center;
  text-align: left;
  min-height: 40px;
  padding: 4px 6px;
  color: inherit;
  font: inherit;
  background: transparent;
  border: 0;
  border-bottom: 1px solid var(--hair);
  cursor: grab;
}

.row.held {
  background: var(--well);
  cursor: grabbing;
}

.place,
.grip {
  color: var(--soft);
  font-size: 14px;
}

.grip {
  font-size: 19px;
  padding: 6px 10px;
  touch-action: none;
}

@media (max-width: 839px) {
  .row {
    min-height: 44px;
  }
}
</style>
