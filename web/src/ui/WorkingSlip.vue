<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Term, Working } from '@/api/types'
import { useParty } from '@/party/store'

/** The slip under a figure: its terms above a rule, the source at the right, terms open in turn. */
const props = defineProps<{ figureId: string }>()
defineEmits<{ close: [] }>()

const MARKS: Record<Term['mark'], string> = {
  PUBLISHED: 'published',
  COMMON_PRACTICE: 'common practice',
  MEMORY: 'from memory',
  HOST: 'you',
  COMPUTED: '',
}
const SIGNS: Record<Working['operation'], string> = {
  GIVEN: '',
  SUM: 'together',
  PRODUCT: 'multiplied',
  DIFFERENCE: 'first less the others',
  QUOTIENT: 'first divided by the others',
  SHARE: 'first × second ÷ third',
  MAXIMUM: 'the largest',
  MINIMUM: 'the smallest',
  ROUND_UP: 'rounded up',
  LONGEST_GAP: 'longest time from one to the next, in pairs',
  LARGEST_REMAINDER: 'shared in whole pieces',
}

const party = useParty()
const trail = ref([props.figureId])
const working = ref<Working>()
const problem = ref('')
const current = computed(() => trail.value.at(-1) ?? props.figureId)

watch(
  current,
  async (figure) => {
    try {
      working.value = await party.working(figure)
      problem.value = ''
    } catch (e) {
      problem.value = e instanceof Error ? e.message : String(e)
    }
  },
  { immediate: true },
)
</script>

<template>
  <div class="slip" role="region" aria-label="Working">
    <div class="top">
      <button v-if="trail.length > 1" type="button" class="chip" @click="trail.pop()">Back</button>
      <h2>{{ working?.title ?? 'Working' }}</h2>
      <button type="button" class="chip close" aria-label="Close" @click="$emit('close')">Close</button>
    </div>
    <p v-if="problem" class="unmet">{{ problem }}</p>
    <template v-if="working">
      <p class="rule quiet">{{ working.rule }}.</p>
      <ol>
        <li v-for="(term, i) in working.terms" :key="i">
          <button
            v-if="term.figureId"
            type="button"
            class="label link"
            @click="trail.push(term.figureId as string)"
          >
            {{ term.label }}
          </button>
          <span v-else class="label">{{ term.label }}</span>
          <span class="amount">{{ term.text }}</span>
          <span v-if="term.source || MARKS[term.mark]" class="source">
            {{ [term.source, MARKS[term.mark]].filter(Boolean).join(' · ') }}
          </span>
        </li>
      </ol>
      <p class="result">
        <span class="quiet">{{ SIGNS[working.operation] }}</span>
        <b>{{ working.result.text }}</b>
      </p>
    </template>
  </div>
</template>

<style scoped>
.slip {
  min-height: 130px;
  max-height: min(56vh, 460px);
  overflow: auto;
}

.top {
  display: flex;
  align-items: center;
  gap: 10px;
}

.close {
  margin-left: auto;
}

.rule {
  margin: 6px 0 10px;
  font-size: 14px;
}

ol {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 14px;
  padding: 6px 0;
  border-top: 1px solid var(--hair);
}

.label {
  text-align: left;
}

.link {
  all: unset;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}

.link:focus-visible {
  outline: 3px solid var(--rim);
}

.amount {
  text-align: right;
  font-weight: 600;
}

.source {
  grid-column: 1 / -1;
  font-size: 12.5px;
  color: var(--soft);
}

.result {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  border-top: 2.5px solid var(--rim);
  padding-top: 8px;
  position: sticky;
  bottom: 0;
  background: var(--sheet);
}

.result b {
  font: 700 22px var(--head);
}
</style>
