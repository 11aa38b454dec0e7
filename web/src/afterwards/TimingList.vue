<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Journal, JournalView } from '@/api/types'
import { vSaid } from '@/ui/said'

/** What took longer or shorter than is usual: offered where the evening's marks tell it, asked for where they do not. */
const props = defineProps<{ journal: Journal; timings: JournalView['timings'] }>()
const emit = defineEmits<{ edit: [change: (draft: Journal) => void] }>()

type Took = Journal['times'][number]
type Timing = JournalView['timings'][number]
const keyOf = ({ subject, of, by }: Took) => `${subject} ${of} ${by ?? ''}`
const saidOf = (key: string) => props.journal.times.find((took) => keyOf(took) === key)

const isOpen = ref(false)
const rows = computed(() =>
  props.timings
    .map((timing) => ({ ...timing, key: keyOf(timing.usual), said: saidOf(keyOf(timing.usual)) }))
    .filter((row) => row.said || row.marked !== undefined),
)
const others = computed(() =>
  GROUPS.map((group) => ({
    ...group,
    timings: props.timings.filter(
      (timing) =>
        group.subjects.includes(timing.usual.subject) &&
        !rows.value.some((row) => row.key === keyOf(timing.usual)),
    ),
  })).filter((group) => group.timings.length > 0),
)
const GROUPS: { label: string; subjects: Took['subject'][] }[] = [
  { label: 'In the broth', subjects: ['CUT_TIME'] },
  { label: 'In the kitchen', subjects: ['TASK_TIME'] },
  { label: 'Stoves', subjects: ['BOIL_TIME', 'FUEL'] },
]

const amount = (value: number, unit: string) => `${value.toFixed(unit === 'cartridges' ? 1 : 0)} ${unit}`

/** No figure takes it back. */
function say(timing: Timing, happened: number | undefined): void {
  const key = keyOf(timing.usual)
  emit('edit', (draft) => {
    draft.times = draft.times.filter((took) => keyOf(took) !== key)
    if (happened !== undefined && happened > 0) draft.times.push({ ...timing.usual, happened })
  })
}

function read(timing: Timing, event: Event): void {
  const figure = Number((event.target as HTMLInputElement).value.replace(',', '.'))
  say(timing, Number.isFinite(figure) ? figure : undefined)
}

function add(event: Event): void {
  const select = event.target as HTMLSelectElement
  const timing = props.timings.find((one) => keyOf(one.usual) === select.value)
  select.value = ''
  if (timing) say(timing, timing.usual.expected)
}
</script>

<template>
  <section v-if="timings.length > 0" aria-label="What took longer or shorter">
    <h2>What took longer or shorter</h2>
    <ul class="said-rows">
      <li v-for="row in rows" :key="row.key">
        <span class="name">{{ row.usual.name }}</span>
        <span class="quiet">usually {{ amount(row.usual.expected, row.unit) }}</span>
        <span class="choice-row">
          <template v-if="row.said">
            <label class="inline">
              <input
                v-said="String(row.said.happened)"
                class="line-input figure"
                inputmode="decimal"
                :aria-label="`${row.usual.name} took, ${row.unit}`"
                @change="read(row, $event)"
              />
              {{ row.unit }}
            </label>
            <button
              type="button"
              class="chip faint"
              :aria-label="`Take back ${row.usual.name}`"
              @click="say(row, undefined)"
            >
              Take back
            </button>
          </template>
          <template v-else>
            <b>{{ amount(row.marked ?? 0, row.unit) }}</b>
            <span class="quiet">by your marks</span>
            <button
              type="button"
              class="chip"
              :aria-label="`${row.usual.name} took that`"
              @click="say(row, row.marked)"
            >
              That is right
            </button>
          </template>
        </span>
      </li>
    </ul>
    <button v-if="!isOpen" type="button" class="chip faint" @click="isOpen = true">
      {{ rows.length > 0 ? 'Something else' : 'Something took longer or shorter' }}
    </button>
    <label v-else class="field">
      <span class="quiet">What took longer or shorter?</span>
      <select class="line-input" @change="add">
        <option value=""></option>
        <optgroup v-for="group in others" :key="group.label" :label="group.label">
          <option v-for="timing in group.timings" :key="keyOf(timing.usual)" :value="keyOf(timing.usual)">
            {{ timing.usual.name }}, {{ amount(timing.usual.expected, timing.unit) }}
          </option>
        </optgroup>
      </select>
    </label>
  </section>
</template>

<style scoped>
.figure {
  width: 76px;
  text-align: right;
}

.field {
  display: grid;
  max-width: 460px;
  padding-top: 10px;
}
</style>
