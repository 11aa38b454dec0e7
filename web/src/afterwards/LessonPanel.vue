<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Lesson } from '@/api/types'

/** What evenings would teach the household: was, would be, from how many; taken by one tap. */
const props = defineProps<{ lesson: Lesson; taught: boolean }>()
defineEmits<{ take: [] }>()

type Change = Lesson['changes'][number]
/** The rest of a long lesson is unfolded on request. */
const FIRST = 5
const isWhole = ref(false)
const shown = computed(() => {
  const byWeight = [...props.lesson.changes].sort((one, other) => sizeOf(other) - sizeOf(one))
  return isWhole.value ? byWeight : byWeight.slice(0, FIRST)
})
const sizeOf = ({ was, becomes }: Change) => Math.abs(Math.log((becomes + 1) / (was + 1)))

const OF: Record<Change['subject'], string> = {
  PORTION: 'a head',
  APPETITE: 'of a portion',
  CUT_TIME: 'of its usual time',
  TASK_TIME: 'of the usual time',
  BOIL_TIME: 'of the usual time to the boil',
  FUEL: 'of the usual fuel',
}
const nameOf = ({ subject, name }: Change) => `${name}, ${OF[subject]}`
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
          <tr v-for="change in shown" :key="change.subject + change.of + change.by">
            <th scope="row">{{ nameOf(change) }}</th>
            <td>{{ change.was }} {{ unitOf(change) }}</td>
            <td class="key">{{ change.becomes }} {{ unitOf(change) }}</td>
            <td class="quiet">{{ many(change.evenings) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-else>It went as planned: no amount changes.</p>
      <button
        v-if="shown.length < lesson.changes.length"
        type="button"
        class="chip faint"
        @click="isWhole = true"
      >
        and {{ lesson.changes.length - shown.length }} more
      </button>
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
      Say what is left of a kind of food, how much somebody of your book ate, or what took longer, and the
      next party is planned a little closer to it.
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
