<script setup lang="ts">
import { computed } from 'vue'
import type { Brief } from '@/api/types'
import { sideNames } from '@/party/sideNames'
import { useOpenParty } from '@/party/useOpenParty'
import { TENDINGS } from '@/steps/sequence/eating'
import ChipChoice from '@/ui/ChipChoice.vue'

/** How one cut of the menu is eaten: who minds it, where it goes, with what, and whether it waits for the end. */
const props = defineProps<{ cut: string }>()
type Item = Brief['menu'][number]

const { party, brief, plan, catalogue } = useOpenParty()
const item = computed(() => brief.value.menu.find((m) => m.cut === props.cut))
const known = computed(() => catalogue.value.cuts.find((c) => c.id === props.cut))
const usual = computed(() => (known.value?.byHand ? 'DIP' : 'SHARED'))
const tending = computed(() => item.value?.tending ?? usual.value)
const tendings = computed(() => TENDINGS.filter((t) => t.value !== 'DIP' || known.value?.pieceGrams))
const sides = computed(() => sideNames(brief.value, plan.value))
/** Cooked in the kitchen, or good raw. */
const mayStandBeside = computed(() => {
  const kind = catalogue.value.ingredients.find((i) => i.id === known.value?.ingredient)?.category
  return kind === 'STARCH' || (kind === 'LEAVES' && known.value?.shape === 'LEAF')
})
const BESIDE =
  'Never goes into a pot: noodles and rice come cooked in the bowls, leaves are eaten as they are.'
const nameOf = (cut: string) => plan.value.windows.find((w) => w.cut === cut)?.name ?? cut
const partners = computed(() => brief.value.menu.map((m) => m.cut).filter((cut) => cut !== props.cut))

function change(label: string, edit: (item: Item) => void): void {
  party.edit(label, (draft) => {
    const own = draft.menu.find((m) => m.cut === props.cut)
    if (own) edit(own)
  })
}

function toggleSide(side: string): void {
  change('choose its sides', (own) => {
    const now = own.inSides ?? []
    const next = now.includes(side) ? now.filter((s) => s !== side) : [...now, side]
    own.inSides = next.length > 0 && next.length < sides.value.length ? next : undefined
  })
}

function tie(event: Event): void {
  const partner = (event.target as HTMLSelectElement).value
  change('tie two cuts', (own) => (own.with = partner || undefined))
}
</script>

<template>
  <section v-if="item" class="eaten" aria-label="How it is eaten">
    <div class="choice-row">
      <ChipChoice
        :options="tendings"
        :on="tending"
        @choose="
          (value) =>
            change('change the tending', (own) => (own.tending = value === usual ? undefined : value))
        "
      />
      <button
        type="button"
        class="chip"
        :aria-pressed="item.eatenLast"
        @click="change('eat it last', (own) => (own.eatenLast = !own.eatenLast))"
      >
        in early, eaten last
      </button>
      <button
        v-if="mayStandBeside"
        type="button"
        class="chip"
        :aria-pressed="item.beside"
        @click="change('stand it beside', (own) => (own.beside = !own.beside))"
      >
        beside the pots
      </button>
    </div>
    <p class="quiet">{{ item.beside ? BESIDE : tendings.find((t) => t.value === tending)?.does }}</p>
    <div v-if="sides.length > 1" class="choice-row" role="group" aria-label="Goes into">
      <span class="quiet">{{ item.inSides ? 'only into' : 'into any of' }}</span>
      <ChipChoice :options="sides" :on="item.inSides ?? []" @choose="toggleSide" />
    </div>
    <label class="field">
      <span class="quiet">eaten together with</span>
      <select class="line-input" :value="item.with ?? ''" @change="tie">
        <option value="">nothing in particular</option>
        <option v-for="partner in partners" :key="partner" :value="partner">{{ nameOf(partner) }}</option>
      </select>
    </label>
  </section>
</template>

<style scoped>
.eaten {
  display: grid;
  gap: 8px;
  padding: 8px 0 14px;
}

p {
  margin: 0;
}

option {
  background: var(--sheet);
}
</style>
