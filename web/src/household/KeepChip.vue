<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { HouseholdPart } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { useHousehold } from './store'

/** Takes a part of this party over for the next ones; says so until the party says something else of it. */
const props = defineProps<{
  part: HouseholdPart
  /** Of which guest, food or broth. */
  id?: string
  /** What is kept, as said aloud: "these pots and this kitchen". */
  what: string
}>()

const { brief } = useOpenParty()
const household = useHousehold()
const kept = ref(false)
const failed = ref(false)
const label = computed(() =>
  failed.value ? household.problem : kept.value ? 'Kept for next time' : `Keep ${props.what} for next time`,
)
watch(brief, () => (kept.value = failed.value = false))

async function keep(): Promise<void> {
  kept.value = await household.keep(brief.value, props.part, props.id)
  failed.value = !kept.value
}
</script>

<template>
  <button
    type="button"
    aria-live="polite"
    class="chip faint keep"
    :class="{ unmet: failed }"
    :disabled="kept"
    @click="keep"
  >
    {{ label }}
  </button>
</template>

<style scoped>
.keep:disabled {
  border-color: transparent;
}
</style>
