<script setup lang="ts">
import { computed } from 'vue'
import { useOpenParty } from '@/party/useOpenParty'

/** Needs guests said at the table: kept already, for the host to hear of, or to take back. */
const { party, brief, plan } = useOpenParty()
const unheard = computed(() => plan.value.table.now.needs.filter((said) => !said.heard))
const nameOf = (id: string) => brief.value.guests.find((guest) => guest.id === id)?.name ?? id
</script>

<template>
  <section v-if="unheard.length > 0" class="said" role="alert" aria-label="Said at the table">
    <div v-for="said in unheard" :key="said.event">
      <span
        ><b>{{ nameOf(said.guest) }}: {{ said.label }}.</b> It is kept from now on; what was eaten before is
        not undone. Ask {{ nameOf(said.guest) }}.</span
      >
      <button type="button" class="chip solid" @click="party.record({ type: 'HEARD', event: said.event })">
        Yes, keep it
      </button>
      <button type="button" class="chip" @click="party.record({ type: 'TAKEN_BACK', event: said.event })">
        Not so
      </button>
    </div>
  </section>
</template>

<style scoped>
.said {
  background: var(--warn-ground);
  border: 2px solid var(--warn);
  border-radius: 14px;
  padding: 8px 14px;
  margin-bottom: 10px;
}

.said div {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  min-height: 48px;
}

.said span {
  flex: 1 1 260px;
}

.said .chip {
  min-height: 44px;
  font-size: 15px;
}
</style>
