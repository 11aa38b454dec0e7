<script setup lang="ts">
/** A large box to tick with wet hands. */
defineProps<{ ticked: boolean; label: string }>()
defineEmits<{ tick: [] }>()
</script>

<template>
  <button
    type="button"
    class="tick"
    role="checkbox"
    :aria-checked="ticked"
    :aria-label="label"
    @click="$emit('tick')"
  >
    <svg viewBox="0 0 24 24" aria-hidden="true"><path d="M5 12.5l5 5L19.5 7" /></svg>
  </button>
</template>

<style scoped>
.tick {
  all: unset;
  cursor: pointer;
  width: 44px;
  height: 44px;
  display: grid;
  place-items: center;
}

svg {
  width: 26px;
  height: 26px;
  border: 2px solid var(--rim);
  border-radius: 8px;
}

path {
  fill: none;
  stroke: var(--sheet);
  stroke-width: 3.4;
  opacity: 0;
}

.tick[aria-checked='true'] svg {
  background: var(--rim);
}

.tick[aria-checked='true'] path {
  opacity: 1;
}

.tick:focus-visible svg {
  outline: 3px solid var(--rim);
  outline-offset: 2px;
}

@media (max-width: 839px) {
  .tick {
    width: 48px;
    height: 48px;
  }
}
</style>
