<script setup lang="ts">
import { computed } from 'vue'
import { useOpenParty } from '@/party/useOpenParty'

/** When prep does not fit any more: what would help, with what it comes to; a tap does it and can be undone. */
const { party, plan } = useOpenParty()
const late = computed(() =>
  plan.value.prep.problems.find((problem) => problem.kind === 'LATE' || problem.kind === 'BUFFER'),
)
</script>

<template>
  <section v-if="late" class="panel late" aria-label="Running late">
    <h2>{{ late.text }}</h2>
    <ul v-if="plan.lateRemedies.length > 0">
      <li v-for="{ remedy, fits, gainMinutes, effect } in plan.lateRemedies" :key="remedy.label">
        <button type="button" class="chip" :class="{ solid: fits }" @click="party.take(remedy)">
          {{ remedy.label }}
        </button>
        <span class="gain">−{{ gainMinutes }} min</span>
        <span class="quiet">{{ effect }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.late {
  background: var(--warn-ground);
}

.late h2 {
  font-size: 17px;
  padding-bottom: 6px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) 72px minmax(0, 1fr);
  align-items: center;
  gap: 12px;
}

.chip {
  justify-self: start;
  white-space: normal;
  text-align: left;
  min-height: 36px;
}

.gain {
  font-weight: 700;
  text-align: right;
}

@media (max-width: 839px) {
  li {
    grid-template-columns: 1fr auto;
  }

  li .quiet {
    grid-column: 1 / -1;
  }
}
</style>
