<script setup lang="ts">
import { computed } from 'vue'
import type { StepName } from '@/app/router'
import { stepName } from '@/eveningline/stations'
import { useMend } from '@/party/useMend'
import { useOpenParty } from '@/party/useOpenParty'

/** The worst open question in one sentence, with what would mend it as a button; none that leads to where one is. */
const props = defineProps<{ step?: StepName }>()
const { party, plan } = useOpenParty()
const mend = useMend()
/** What was open before the meal is no question after it. */
const isOver = computed(() => props.step === 'afterwards' || plan.value.table.now.finished)
const worst = computed(() => (isOver.value ? undefined : plan.value.unmet[0]))
const leadsHere = computed(
  () => worst.value && !worst.value.remedy.edit && stepName(worst.value.step) === props.step,
)
const other = computed(() => worst.value?.remedy.otherwise)
const more = computed(() => plan.value.unmet.length - 1)
</script>

<template>
  <footer class="question" :class="{ two: other }">
    <p v-if="party.message" role="alert">{{ party.message }}</p>
    <p v-else-if="party.offline" role="status">
      No connection. What you do is kept here and sent as soon as there is one.
    </p>
    <template v-else-if="worst">
      <p role="status">
        {{ worst.text }}
        <router-link v-if="more > 0" class="more" :to="`/party/${party.id}/${stepName(worst.step)}`">
          and {{ more }} more
        </router-link>
      </p>
      <button v-if="other" type="button" @click="mend(worst, other)">{{ other.label }}</button>
      <button v-if="!leadsHere" type="button" @click="mend(worst)">{{ worst.remedy.label }}</button>
    </template>
    <p v-else-if="isOver" role="status">
      What is kept goes into the fridge within two hours, shallow and labelled.
      <router-link v-if="step !== 'afterwards'" class="more" :to="`/party/${party.id}/afterwards`">
        Say what is left
      </router-link>
    </p>
    <p v-else role="status">Everybody eats, nothing is open.</p>
  </footer>
</template>

<style scoped>
.question {
  background: var(--foot);
  color: var(--foot-ink);
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 0 20px;
  font-size: 15px;
  font-weight: 600;
  min-height: 44px;
}

p {
  flex: 1;
}

.more {
  color: inherit;
  font-weight: 400;
  margin-left: 8px;
}

button {
  all: unset;
  cursor: pointer;
  background: #ffffff;
  color: #14233b;
  border-radius: 18px;
  padding: 6px 16px;
  font-size: 14px;
  font-weight: 600;
  white-space: nowrap;
}

button:hover {
  background: #dfe7ec;
}

button:focus-visible {
  outline: 3px solid var(--foot-ink);
  outline-offset: 2px;
}

@media (max-width: 839px) {
  .question {
    padding: 8px 12px;
    font-size: 14px;
  }

  .two {
    flex-wrap: wrap;
    row-gap: 8px;
  }

  .two p {
    flex-basis: 100%;
  }

  button {
    min-height: 34px;
    padding: 6px 14px;
    white-space: normal;
    max-width: 46vw;
  }
}
</style>
