<script setup lang="ts">
import { onScopeDispose } from 'vue'
import { useParty } from '@/party/store'
import { useOpening } from '@/party/useOpening'
import WaitingPage from '@/ui/WaitingPage.vue'
import LiveView from './LiveView.vue'
import './live.css'

/** The running table and nothing else: for the laptop or tablet at the table, and the host's phone. */
const props = defineProps<{ id: string; minder: string }>()
useParty().follows = true
onScopeDispose(() => (useParty().follows = false))
const { party, problem } = useOpening(() => props.id)
</script>

<template>
  <LiveView v-if="party.brief && party.plan" :minder="minder || undefined" />
  <WaitingPage v-else :problem="problem" says="Looking what is next …" />
</template>
