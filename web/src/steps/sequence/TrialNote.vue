<script setup lang="ts">
import { computed } from 'vue'
import { useOpenParty } from '@/party/useOpenParty'
import { clockAfter } from '@/ui/time'
import { shortName } from './chart'
import { brokenBy, movedBy, worseBy } from './trial'
import type { Trial } from './useTrial'

/** What would break and what would move, while a drop is held over another minute. */
const props = defineProps<{ trial: Trial }>()
const { plan, from: began } = useOpenParty()
const MOST_NAMED = 3

const when = computed(() => clockAfter(began.value, props.trial.minute * 60))
const found = computed(() => {
  const { drop, plan: after } = props.trial
  if (!after) return undefined
  const moved = movedBy(drop, plan.value, after)
  return {
    broken: brokenBy(plan.value, after),
    worse: worseBy(plan.value, after).slice(0, 2),
    moved: moved.slice(0, MOST_NAMED).map((one) => `${one.name} to ${clockAfter(began.value, one.to)}`),
    more: Math.max(0, moved.length - MOST_NAMED),
  }
})
</script>

<template>
  <div class="trial" role="status">
    <b>{{ shortName(trial.drop) }} in at {{ when }}</b>
    <span v-if="!found" class="quiet">what would move …</span>
    <template v-else>
      <span v-for="text in found.broken" :key="text" class="broken">{{ text }}</span>
      <span v-for="text in found.worse" :key="text" class="worse">{{ text }}</span>
      <span v-if="found.broken.length + found.worse.length === 0">breaks nothing</span>
      <span class="quiet">{{
        found.moved.length === 0
          ? 'nothing else moves'
          : `moves ${found.moved.join(', ')}${found.more > 0 ? ` and ${found.more} more` : ''}`
      }}</span>
    </template>
  </div>
</template>

<style scoped>
.trial {
  position: sticky;
  bottom: 0;
  z-index: 1;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  padding: 9px 14px;
  border-radius: 12px;
  background: var(--foot);
  color: var(--foot-ink);
  font-size: 15px;
  pointer-events: none;
}

.trial b {
  font: 650 16px var(--head);
}

.quiet {
  color: inherit;
  opacity: 0.8;
}

.broken {
  font-weight: 650;
  flex-basis: 100%;
}

.worse::before {
  content: '▲ ';
}
</style>
