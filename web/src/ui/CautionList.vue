<script setup lang="ts">
import { computed } from 'vue'
import type { Step } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'

/** The usual cautions of a step, where they matter. */
const props = defineProps<{ step: Step }>()

const { plan } = useOpenParty()
const cautions = computed(() => plan.value.cautions.filter((caution) => caution.step === props.step))
</script>

<template>
  <section v-if="cautions.length > 0" class="cautions" aria-label="Cautions">
    <p v-for="caution in cautions" :key="caution.id" class="caution">{{ caution.text }}</p>
  </section>
</template>

<style scoped>
.cautions {
  margin-top: 18px;
  border-top: 1px solid var(--hair);
  padding-top: 8px;
}
</style>
