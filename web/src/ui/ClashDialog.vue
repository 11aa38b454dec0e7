<script setup lang="ts">
import { computed } from 'vue'
import { valueAt, type Clash, type Json } from '@/party/changes'

/** When two editors changed the same thing: both versions are kept until one is chosen. */
const props = defineProps<{ clash?: Clash<unknown> }>()
const emit = defineEmits<{ choose: [version: 'mine' | 'theirs'] }>()
const rows = computed(() =>
  (props.clash?.changes ?? []).map(({ path, to }) => ({
    what: path.join(' › ').replaceAll('#', ''),
    mine: shown(to),
    theirs: shown(valueAt(props.clash?.theirs as Json, path)),
  })),
)

function shown(value: Json): string {
  if (value === undefined || value === null) return 'removed'
  return typeof value === 'object' ? JSON.stringify(value) : String(value)
}
</script>

<template>
  <v-dialog :model-value="clash !== undefined" persistent>
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
        <v-btn variant="outlined" @click="emit('choose', 'theirs')">Take theirs</v-btn>
        <v-btn color="primary" @click="emit('choose', 'mine')">Keep mine</v-btn>
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
