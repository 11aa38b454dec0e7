<script setup lang="ts">
import { computed } from 'vue'
import type { Step } from '@/api/types'
import { useMend } from '@/party/useMend'
import { useOpenParty } from '@/party/useOpenParty'

/** What a step leaves open, with what would mend it, and the usual cautions, where they matter. */
const props = defineProps<{
  step: Step
  /** Open questions said elsewhere on the sheet, by the beginning of their ids. */
  except?: string[]
}>()

const { plan } = useOpenParty()
const mend = useMend()
const open = computed(() =>
  plan.value.unmet.filter(
    (unmet) => unmet.step === props.step && !props.except?.some((start) => unmet.id.startsWith(start)),
  ),
)
const cautions = computed(() => plan.value.cautions.filter((caution) => caution.step === props.step))
</script>

<template>
  <section v-if="open.length > 0" class="notes" aria-label="Open questions">
    <p v-for="unmet in open" :key="unmet.id" class="open">
      <span>{{ unmet.text }}</span>
      <button v-if="unmet.remedy.edit" type="button" class="chip" @click="mend(unmet)">
        {{ unmet.remedy.label }}
      </button>
    </p>
  </section>
  <section v-if="cautions.length > 0" class="notes" aria-label="Cautions">
    <p v-for="caution in cautions" :key="caution.id" class="caution">{{ caution.text }}</p>
  </section>
</template>

<style scoped>
.notes {
  margin-top: 18px;
  border-top: 1px solid var(--hair);
  padding-top: 8px;
}

.open {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 4px 16px;
  padding: 4px 0;
  color: var(--warn);
}

.open span {
  flex: 1 1 260px;
}
</style>
