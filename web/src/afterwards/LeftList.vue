<script setup lang="ts">
import { computed, ref } from 'vue'
import { usual } from '@/api/parts'
import type { Journal } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { LEFT_PARTS, LEFT_STATES } from '@/party/words'
import ChipChoice from '@/ui/ChipChoice.vue'
import FigureText from '@/ui/FigureText.vue'
import MeasureInput from '@/ui/MeasureInput.vue'
import { useScale } from '@/ui/useScale'

/** What is left of each food, in words, typed in, or from the scale, and where it was meanwhile. */
const props = defineProps<{ journal: Journal }>()
const emit = defineEmits<{ edit: [change: (draft: Journal) => void] }>()
const { brief, plan } = useOpenParty()

type Left = Journal['left'][number]
const weighing = ref<string>()
const scale = useScale()

const rows = computed(() =>
  plan.value.portions.cuts
    .filter((cut) => cut.grams.value > 0)
    .map((cut) => ({ ...cut, left: props.journal.left.find((left) => left.cut === cut.cut) })),
)
const unsaid = computed(() => rows.value.filter((row) => !row.left).length)

const isThere = (part: Left['part']) => part !== 'NONE' && part !== 'RAN_OUT'

/** A tap on what was said takes it back. */
function say(cut: string, change: Partial<Left>): void {
  emit('edit', (draft) => {
    const was = draft.left.find((left) => left.cut === cut)
    const isTakenBack = was && change.part && was.part === change.part && was.grams === undefined
    const others = draft.left.filter((left) => left.cut !== cut)
    draft.left = isTakenBack
      ? others
      : [...others, { ...usual('JournalLeft'), cut, ...was, grams: undefined, ...change }]
  })
}

/** Where it was; how much is left stays as it was said. */
function wasAt(cut: string, state: Left['state']): void {
  emit('edit', (draft) => {
    const left = draft.left.find((one) => one.cut === cut)
    if (left) left.state = state
  })
}

/** A weight counts in place of the word. */
function weigh(cut: string, grams: number | null | undefined): void {
  say(cut, typeof grams === 'number' ? { grams, part: 'NONE' } : { part: undefined })
}

async function askScale(cut: string): Promise<void> {
  const grams = await scale.grams()
  if (grams !== undefined) weigh(cut, Math.max(0, Math.round(grams)))
}

const nothingLeft = () =>
  emit('edit', (draft) => {
    for (const row of rows.value)
      if (!draft.left.some((left) => left.cut === row.cut))
        draft.left.push({ ...usual('JournalLeft'), cut: row.cut })
  })
</script>

<template>
  <section aria-label="What is left">
    <div class="title">
      <h2>What is left</h2>
      <button v-if="unsaid > 0" type="button" class="chip" @click="nothingLeft">
        {{ unsaid === rows.length ? 'Nothing is left' : 'Nothing of the rest' }}
      </button>
    </div>
    <p v-if="scale.says.value" class="quiet" role="status">{{ scale.says.value }}</p>
    <ul class="said-rows lefts">
      <li v-for="row in rows" :key="row.cut">
        <span class="name">{{ row.name }}</span>
        <span class="of"><FigureText :figure="row.grams" /></span>
        <span class="choice-row">
          <ChipChoice
            :options="LEFT_PARTS"
            :on="row.left && row.left.grams === undefined ? row.left.part : ''"
            :of="`of ${row.name} left`"
            @choose="(part) => say(row.cut, { part: part as Left['part'] })"
          />
        </span>
        <span class="choice-row weigh">
          <template v-if="weighing === row.cut || row.left?.grams !== undefined">
            <MeasureInput
              inline
              class="weight"
              :units="brief.units"
              measure="weight"
              :label="`${row.name} left`"
              :model-value="row.left?.grams"
              @update:model-value="(grams) => weigh(row.cut, grams)"
            />
            <button
              type="button"
              class="chip faint"
              :aria-label="`${row.name} from the scale`"
              @click="askScale(row.cut)"
            >
              from the scale
            </button>
          </template>
          <button v-else type="button" class="chip faint" @click="weighing = row.cut">weighed</button>
        </span>
        <span
          v-if="row.left && (isThere(row.left.part) || row.left.grams)"
          class="choice-row state"
          role="group"
          :aria-label="`Where ${row.name} was`"
        >
          <ChipChoice
            :options="LEFT_STATES"
            :on="row.left.state"
            @choose="(state) => wasAt(row.cut, state)"
          />
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.title {
  display: flex;
  align-items: baseline;
  gap: 16px;
}

.said-rows.lefts > li {
  grid-template-columns: minmax(150px, 1.2fr) 72px minmax(0, 2.3fr) auto;
}

.of {
  text-align: right;
  font-variant-numeric: tabular-nums;
}

.weigh {
  justify-content: flex-end;
}

.state {
  grid-column: 3 / -1;
}

.weight {
  width: 100px;
}

@media (max-width: 700px) {
  .said-rows.lefts > li {
    grid-template-columns: minmax(0, 1fr) auto auto;
  }

  .lefts .choice-row :deep(.chip) {
    padding-inline: 8px;
  }

  .lefts .weigh {
    grid-row: 1;
    grid-column: 3;
  }

  .state {
    grid-column: 1 / -1;
  }
}
</style>
