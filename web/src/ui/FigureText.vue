<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDisplay } from 'vuetify'
import type { Figure } from '@/api/types'
import { useParty } from '@/party/store'
import WorkingSlip from './WorkingSlip.vue'

/** A figure of the plan: tapped it opens its working; just changed it says what it was. */
const props = defineProps<{
  figure: Figure
  /** Shown instead of the figure's own text. */
  text?: string
  /** Leave out "was ..." where there is no room for it. */
  bare?: boolean
}>()

const party = useParty()
const { mobile } = useDisplay()
const open = ref(false)
const button = ref<HTMLElement>()
const was = computed(() => (props.bare ? undefined : party.was.get(props.figure.id)))
</script>

<template>
  <span class="figure">
    <button
      ref="button"
      type="button"
      class="value"
      :class="{ open }"
      :aria-label="`${text ?? figure.text}, show working`"
      @click.stop="open = true"
      @keydown.?="open = true"
    >
      {{ text ?? figure.text }}
    </button>
    <span v-if="was && was !== (text ?? figure.text)" class="was">was {{ was }}</span>
    <v-dialog v-if="open && mobile" v-model="open" class="as-sheet" scrim="#0b1424">
      <v-card class="slip-card">
        <WorkingSlip :figure-id="figure.id" @close="open = false" />
      </v-card>
    </v-dialog>
    <v-menu
      v-else-if="open"
      v-model="open"
      :activator="button"
      :close-on-content-click="false"
      :open-on-click="false"
      location="bottom end"
      offset="6"
      width="400"
    >
      <v-card class="slip-card">
        <WorkingSlip :figure-id="figure.id" @close="open = false" />
      </v-card>
    </v-menu>
  </span>
</template>

<style scoped>
.figure {
  display: inline-flex;
  flex-direction: column;
  align-items: inherit;
  vertical-align: baseline;
}

.value {
  all: unset;
  cursor: pointer;
  border-bottom: 1.5px dotted var(--hair);
  font: inherit;
  color: inherit;
  white-space: nowrap;
}

.value:hover,
.value.open {
  border-bottom: 1.5px solid var(--rim);
}

.value:focus-visible {
  outline: 3px solid var(--rim);
  outline-offset: 2px;
  border-radius: 4px;
}

.was {
  font: 400 12px var(--text);
  color: var(--soft);
  white-space: nowrap;
}
</style>

<style>
.slip-card.v-card {
  background: var(--sheet);
  color: var(--ink);
  border: 2px solid var(--rim);
  border-radius: 16px !important;
  padding: 14px 18px;
  overflow: visible;
}

.as-sheet.v-dialog {
  align-items: flex-end;
}

.as-sheet.v-dialog > .v-overlay__content {
  margin: 0;
  width: 100%;
  max-width: 100% !important;
  max-height: 60vh;
}

.as-sheet.v-dialog .v-card {
  border-radius: 18px 18px 0 0 !important;
}
</style>
