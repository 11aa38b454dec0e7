<script setup lang="ts">
import type { Lesson } from '@/api/types'

/** What evenings would teach the household: was, would be, from how many; taken by one tap. */
defineProps<{ lesson: Lesson; taught: boolean }>()
defineEmits<{ take: [] }>()

type Change = Lesson['changes'][number]
const nameOf = ({ subject, name }: Change) =>
  subject === 'PORTION' ? `${name}, a head` : `${name}, of a portion`
const unitOf = ({ subject }: Change) => (subject === 'PORTION' ? 'g' : '%')
const many = (count: number) => (count === 1 ? 'one evening' : `${count} evenings`)
</script>

<template>
  <section class="lesson" aria-label="For the next party">
    <h2>For the next party</h2>
    <template v-if="lesson.evenings.length > 0">
      <table v-if="lesson.changes.length > 0">
        <thead>
          <tr>
            <th></th>
            <th>was</th>
            <th>would be</th>
            <th>seen on</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="change in lesson.changes" :key="change.subject + change.of">
            <th scope="row">{{ nameOf(change) }}</th>
            <td>{{ change.was }} {{ unitOf(change) }}</td>
            <td class="key">{{ change.becomes }} {{ unitOf(change) }}</td>
            <td class="quiet">{{ many(change.evenings) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-else>It went as planned: no amount changes.</p>
      <p class="quiet">
        From {{ lesson.evenings.map((evening) => evening.title).join(', ') }}. One evening moves an amount
        only a little; parties that are there stay as they are.
      </p>
      <button type="button" class="chip" @click="$emit('take')">
        {{ lesson.changes.length > 0 ? 'Plan with this from now on' : 'Remember it' }}
      </button>
    </template>
    <p v-else-if="taught" role="status">Taken: the next party is planned with it.</p>
    <p v-else class="quiet">
      Say what is left of a kind of food, or how much somebody of your book ate, and the next party is planned
      a little closer to it.
    </p>
  </section>
</template>

<style scoped>
.lesson {
  margin-top: 26px;
  padding: 16px 18px 18px;
  border: 1px solid var(--hair);
  border-radius: 12px;
}

table {
  border-collapse: collapse;
  margin: 8px 0;
}

th,
td {
  text-align: right;
  padding: 5px 0 5px 26px;
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}

th[scope] {
  text-align: left;
  padding-left: 0;
  font-weight: 600;
}

@media (max-width: 700px) {
  th,
  td {
    padding-left: 12px;
  }
}

thead th {
  font-weight: 400;
  font-size: 13px;
  color: var(--soft);
}
</style>
