<script setup lang="ts">
import { computed, ref } from 'vue'
import { range } from '@/api/parts'
import type { Brief } from '@/api/types'
import { sideName } from '@/party/sideNames'
import { useOpenParty } from '@/party/useOpenParty'
import FigureText from '@/ui/FigureText.vue'
import CutEating from './CutEating.vue'
import CutState from './CutState.vue'
import { vSaid } from '@/ui/said'
import { length } from '@/ui/units'

/** One cut of the menu: how thick this host cuts it, its state and amount, how it is eaten, its window in each side. */
const props = defineProps<{ cut: string }>()
const emit = defineEmits<{ close: [] }>()

const { party, brief, plan, catalogue } = useOpenParty()
const open = ref(true)
const item = computed(() => brief.value.menu.find((m) => m.cut === props.cut))
const known = computed(() => catalogue.value.cuts.find((c) => c.id === props.cut))
const windows = computed(() => plan.value.windows.filter((w) => w.cut === props.cut))
const measures = computed(() => {
  const mm = (known.value?.dimensionsMm ?? []).map((d) => (d * (item.value?.sizePercent ?? 100)) / 100)
  const last = length(brief.value.units, mm.at(-1) ?? 0)
  return [...mm.slice(0, -1).map((d) => length(brief.value.units, d).split(' ')[0]), last].join(' × ')
})
const namesOf = (sides: string[]) =>
  sides.length === plan.value.broths.sides.length
    ? 'in every side'
    : `in ${sides.map((id) => sideName(brief.value, plan.value, id)).join(', ')}`
const BASES = {
  HEAT: 'computed from heat reaching the core',
  SOFTENING: 'by softening, from the catalogue’s time',
  STATED: 'as stated',
} as const

const setSize = (percent: number) => (draft: Brief) => {
  const own = draft.menu.find((m) => m.cut === props.cut)
  if (own) own.sizePercent = percent
}
</script>

<template>
  <v-dialog v-model="open" max-width="560" scrollable @after-leave="emit('close')">
    <v-card v-if="item && known">
      <div class="top">
        <h2>{{ windows[0]?.name }}</h2>
        <v-btn color="primary" @click="open = false">Done</v-btn>
      </div>
      <label class="size">
        <span
          >Size <b>{{ measures }}</b>
          <span v-if="item.sizePercent !== 100" class="quiet"
            >, {{ item.sizePercent }} % of the usual</span
          ></span
        >
        <input
          v-said="item.sizePercent"
          type="range"
          v-bind="range('MenuItem', 'sizePercent')"
          step="5"
          @input="party.preview(setSize(Number(($event.target as HTMLInputElement).value)))"
          @change="party.edit('change a size', setSize(Number(($event.target as HTMLInputElement).value)))"
        />
      </label>
      <CutState :cut="cut" />
      <CutEating :cut="cut" />
      <div v-for="window in windows" :key="window.ready.id" class="window">
        <p class="quiet">{{ namesOf(window.sides) }} · {{ BASES[window.basis] }}</p>
        <dl class="facts">
          <div>
            <dt>ready</dt>
            <dd class="key"><FigureText :figure="window.ready" /></dd>
          </div>
          <div>
            <dt>best until</dt>
            <dd><FigureText :figure="window.bestUntil" /></dd>
          </div>
          <div>
            <dt>overcooked</dt>
            <dd><FigureText :figure="window.overcooked" /></dd>
          </div>
          <div v-if="window.safe.value > 0">
            <dt>safe</dt>
            <dd><FigureText :figure="window.safe" /></dd>
          </div>
          <div>
            <dt>good to eat</dt>
            <dd><FigureText :figure="window.pleasant" /></dd>
          </div>
          <div>
            <dt>by thickness and stir</dt>
            <dd><FigureText :figure="window.early" /> to <FigureText :figure="window.late" /></dd>
          </div>
        </dl>
        <p>
          Look for: <b>{{ window.cue }}</b>
        </p>
        <p v-if="window.advice" class="caution">{{ window.advice }} Local rules and makers come first.</p>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.top {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  padding-bottom: 10px;
}

.size {
  display: grid;
}

input {
  accent-color: var(--rim);
  min-height: 40px;
  width: 100%;
}

.window {
  border-top: 1px solid var(--hair);
  padding-top: 10px;
  margin-top: 10px;
}

.key {
  font: 650 24px var(--head);
}
</style>
