<script setup lang="ts">
import { useCellDrag } from './useCellDrag'

/** One guest's amount of one cut. Takes plain values only, so that it renders anew only when it changes itself. */
const props = defineProps<{
  text: string
  /** What the guest gets now [g]. */
  grams: number
  /** One piece, or a step of grams [g]. */
  step: number
  /** Says guest, cut and amount. */
  label: string
  pinned: boolean
  /** Kept apart for this guest. */
  reserved: boolean
  /** Why the guest does not get it. */
  barred?: string
  /** The one cell that Tab reaches; arrows go on from it. */
  reachable: boolean
}>()
const emit = defineEmits<{ open: []; slide: [grams: number]; pin: [grams: number] }>()

const drag = useCellDrag({
  grams: () => props.grams,
  step: () => props.step,
  slide: (grams) => emit('slide', grams),
  pin: (grams) => emit('pin', grams),
})

function open(): void {
  if (!drag.endsDrag()) emit('open')
}
</script>

<template>
  <span v-if="barred" class="barred cell" :title="label" role="img" :aria-label="label" tabindex="-1">×</span>
  <button
    v-else
    type="button"
    class="cell"
    :class="{ pinned, reserved, none: text === '0', held: drag.dragging.value }"
    :aria-label="label"
    :tabindex="reachable ? 0 : -1"
    @pointerdown="drag.down"
    @pointermove="drag.move"
    @pointerup="drag.up"
    @pointercancel="drag.up"
    @keydown="drag.key"
    @click="open"
  >
    {{ text }}
  </button>
</template>

<style scoped>
.cell {
  all: unset;
  box-sizing: border-box;
  display: block;
  width: 100%;
  line-height: 30px;
  border-radius: 7px;
  padding: 0 6px;
  text-align: right;
}

button.cell {
  cursor: ew-resize;
  user-select: none;
}

.held {
  background: var(--well);
  box-shadow: inset 0 0 0 2.5px var(--rim);
}

button.cell:hover {
  background: var(--well);
  box-shadow: inset 0 0 0 1.5px var(--rim);
}

.cell:focus-visible {
  outline: 3px solid var(--rim);
  outline-offset: -3px;
}

.barred,
.none {
  color: var(--soft);
}

.pinned {
  font-weight: 700;
}

.reserved::before {
  content: '';
  display: inline-block;
  width: 7px;
  height: 7px;
  border-radius: 50%;
  border: 1.5px solid var(--rim);
  margin-right: 4px;
  vertical-align: middle;
}

.pinned::before {
  content: '';
  display: inline-block;
  width: 6px;
  height: 6px;
  border-radius: 50%;
  background: var(--rim);
  margin-right: 4px;
  vertical-align: middle;
}

@media (max-width: 839px) {
  .cell {
    line-height: 44px;
  }
}
</style>
