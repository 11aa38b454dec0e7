<script setup lang="ts">
import { computed } from 'vue'
import { useParty } from '@/party/store'
import type { Change, Json } from '@/party/changes'

/** When two editors changed the same thing: both versions are kept until one is chosen. */
const party = useParty()
const rows = computed(() => (party.clash?.changes ?? []).map(row))

function row(change: Change) {
  let theirs: Json = party.clash?.theirs as unknown as Json
  for (const step of change.path) {
    theirs = step.startsWith('#')
      ? Array.isArray(theirs)
        ? theirs.find((item) => JSON.stringify(item).includes(`"${step.slice(1).split('|')[0]}"`))
        : undefined
      : (theirs as Record<string, Json> | undefined)?.[step]
  }
  return { what: change.path.join(' › ').replaceAll('#', ''), mine: shown(change.to), theirs: shown(theirs) }
}

function shown(value: Json): string {
  if (value === undefined || value === null) return 'removed'
  return typeof value === 'object' ? JSON.stringify(value) : String(value)
}
</script>

<template>
  <v-dialog :model-value="party.clash !== undefined" persistent>
    <v-card>
      <h2>Changed in two places</h2>
      <p class="quiet intro">Another window changed the same thing. Everything else is merged already.</p>
      <table>
        <thead>
          <tr>
            <th>What</th>
            <th>Here</th>
            <th>There</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(entry, i) in rows" :key="i">
            <td>{{ entry.what }}</td>
            <td>{{ entry.mine }}</td>
            <td>{{ entry.theirs }}</td>
          </tr>
        </tbody>
      </table>
      <div class="actions">
        <v-btn variant="outlined" @click="party.choose('theirs')">Take theirs</v-btn>
        <v-btn color="primary" @click="party.choose('mine')">Keep mine</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.intro {
  margin: 6px 0 12px;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  text-align: left;
  padding: 6px 8px 6px 0;
  border-bottom: 1px solid var(--hair);
  overflow-wrap: anywhere;
}

.actions {
  display: flex;
  justify-content: flex-end;
  gap: 8px;
  margin-top: 16px;
}
</style>
