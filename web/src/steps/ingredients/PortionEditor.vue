<script setup lang="ts">
import { computed, ref } from 'vue'
import { freePortion, pinPortion } from '@/party/edits'
import { useOpenParty } from '@/party/useOpenParty'
import FigureText from '@/ui/FigureText.vue'
import { vSaid } from '@/ui/said'

/** Pins one guest's amount of one cut; the rest of the category follows while the slider moves. */
const props = defineProps<{ guest: string; cut: string }>()
const emit = defineEmits<{ close: [] }>()

const MOST_GRAMS = 400
const { party, brief, plan, catalogue } = useOpenParty()
const open = ref(true)
const line = computed(() =>
  plan.value.portions.lines.find((l) => l.guest === props.guest && l.cut === props.cut),
)
const name = computed(() => brief.value.guests.find((g) => g.id === props.guest)?.name ?? '')
const cutName = computed(() => plan.value.portions.cuts.find((c) => c.cut === props.cut)?.name ?? props.cut)
const step = computed(() => catalogue.value.cuts.find((c) => c.id === props.cut)?.pieceGrams ?? 5)
const pinned = computed(() =>
  brief.value.decisions.portions.some((pin) => pin.guest === props.guest && pin.cut === props.cut),
)

const pin = (grams: number) => pinPortion(props.guest, props.cut, grams)
const free = freePortion(props.guest, props.cut)

const gramsOf = (event: Event) => Number((event.target as HTMLInputElement).value)
</script>

<template>
  <v-dialog v-if="line" v-model="open" max-width="420" @after-leave="emit('close')">
    <v-card>
      <h2>{{ name }} · {{ cutName }}</h2>
      <p class="amount">
        <FigureText v-if="line.pieces" :figure="line.pieces" />
        <FigureText :figure="line.grams" :class="{ quiet: line.pieces }" />
      </p>
      <input
        v-said="line.grams.value"
        type="range"
        min="0"
        :max="MOST_GRAMS"
        :step="step"
        :aria-label="`Grams of ${cutName} for ${name}`"
        @input="party.preview(pin(gramsOf($event)))"
        @change="party.edit('pin a portion', pin(gramsOf($event)))"
      />
      <p class="quiet">
        {{
          pinned
            ? 'Pinned; the rest of the category is shared around it.'
            : 'Move the slider to pin this amount.'
        }}
      </p>
      <div class="actions">
        <v-btn v-if="pinned" variant="outlined" @click="party.edit('free a portion', free)"
          >Free the pin</v-btn
        >
        <v-btn color="primary" @click="open = false">Done</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.amount {
  display: flex;
  align-items: baseline;
  gap: 14px;
  font: 600 26px var(--head);
  margin: 12px 0 6px;
}

.amount .quiet {
  font-size: 18px;
}

input {
  accent-color: var(--rim);
  min-height: 44px;
  width: 100%;
}

.actions {
  display: flex;
  justify-content: flex-end;
  gap: 8px;
  margin-top: 14px;
}
</style>
