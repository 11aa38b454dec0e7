<script setup lang="ts">
import { useOpening } from '@/party/useOpening'
import WaitingPage from '@/ui/WaitingPage.vue'
import WallView from './WallView.vue'

/** The next three tasks and nothing else: for the kitchen wall, or one cook's phone. */
const props = defineProps<{ id: string; cook: string }>()
const { party, problem } = useOpening(() => props.id)
</script>

<template>
  <WallView v-if="party.brief && party.plan" :cook="cook || undefined" />
  <WaitingPage v-else :problem="problem" says="Looking what is next …" />
</template>
