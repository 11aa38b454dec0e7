<script setup lang="ts">
/** One guest's amount of one cut. Takes plain values only, so that it renders anew only when it changes itself. */
defineProps<{
  text: string
  /** Says guest, cut and amount. */
  label: string
  pinned: boolean
  /** Why the guest does not get it. */
  barred?: string
  /** The one cell that Tab reaches; arrows go on from it. */
  reachable: boolean
}>()
defineEmits<{ open: [] }>()
</script>

<template>
  <span v-if="barred" class="barred cell" :title="label" role="img" :aria-label="label" tabindex="-1">×</span>
  <button
    v-else
    type="button"
    class="cell"
    :class="{ pinned, none: text === '0' }"
    :aria-label="label"
    :tabindex="reachable ? 0 : -1"
    @click="$emit('open')"
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
  cursor: pointer;
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
