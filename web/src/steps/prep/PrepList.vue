<script setup lang="ts">
import { computed } from 'vue'
import type { PrepTask } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import FigureText from '@/ui/FigureText.vue'
import TickBox from '@/ui/TickBox.vue'
import { clockText, dayText, localMs } from '@/ui/time'
import { isPassive } from './next'

/** Every task by the half hour it starts in, to tick and to print. */
defineProps<{ now: number; chosen?: string }>()
const emit = defineEmits<{ choose: [task: string]; tick: [task: PrepTask] }>()
const { brief, plan } = useOpenParty()

const groups = computed(() => {
  const map = new Map<string, PrepTask[]>()
  for (const task of plan.value.prep.tasks) {
    const minute = Number(task.startsAt.slice(14, 16)) < 30 ? '00' : '30'
    const key = `${task.startsAt.slice(0, 14)}${minute}`
    map.set(key, [...(map.get(key) ?? []), task])
  }
  return [...map].map(([start, tasks]) => ({ start, tasks, before: before(start) }))
})

function before(start: string): string {
  const minutes = Math.round((localMs(brief.value.sitDown) - localMs(`${start}:00`)) / 60000)
  if (minutes < 0) return `${-minutes} min after`
  return minutes >= 60
    ? `${Math.floor(minutes / 60)} h ${minutes % 60 ? `${minutes % 60} min ` : ''}before`
    : `${minutes} min before`
}

/** "1.8 l", "stock pot": each kept on one line. */
const notes = (task: PrepTask) =>
  [task.amount, task.tool, isPassive(task) ? `by itself after ${task.hands} min` : ''].filter(Boolean)
const cookName = (task: PrepTask) => plan.value.prep.cooks.find((cook) => cook.cook === task.cook)?.name ?? ''
const isDone = (task: PrepTask) => task.state === 'DONE'
</script>

<template>
  <section
    v-for="group in groups"
    :key="group.start"
    class="slot"
    :aria-label="`From ${clockText(group.start)}`"
  >
    <div class="time">
      <b>{{ clockText(group.start) }}</b>
      <span class="quiet">{{ group.before }}</span>
    </div>
    <ul>
      <li
        v-for="task in group.tasks"
        :key="task.id"
        :class="{
          done: isDone(task),
          late: task.state === 'PLANNED' && !task.fixed && localMs(task.plannedAt) < now - 60000,
          chosen: task.id === chosen,
        }"
      >
        <TickBox class="tick" :ticked="isDone(task)" :label="task.what" @tick="emit('tick', task)" />
        <span class="what">
          <button type="button" class="row-button" @click="emit('choose', task.id)">{{ task.what }}</button>
          <span v-for="note in notes(task)" :key="note" class="note quiet">{{ note }}</span>
          <span v-if="task.caution" class="caution">{{ task.caution }}</span>
        </span>
        <span class="who">{{ cookName(task) }}</span>
        <span class="at">
          {{ clockText(task.startsAt) }}
          <span v-if="task.plannedAt !== task.startsAt && !isDone(task)" class="was"
            >was {{ clockText(task.plannedAt) }}</span
          >
        </span>
        <span class="for quiet"><FigureText :figure="task.minutes" /></span>
      </li>
    </ul>
  </section>
  <p class="quiet end">{{ dayText(brief.sitDown) }}, {{ clockText(brief.sitDown) }}: sit down.</p>
</template>

<style scoped>
.slot {
  display: grid;
  grid-template-columns: 108px 1fr;
  border-top: 2px solid var(--rim);
  padding-top: 6px;
  margin-bottom: 10px;
}

.time {
  display: grid;
  align-content: start;
  font-size: 13px;
}

.time b {
  font: 650 20px var(--head);
}

.note {
  white-space: nowrap;
  margin-left: 0.35em;
}

.note + .note::before {
  content: '· ';
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 44px 1fr 70px 84px 76px;
  align-items: start;
  gap: 6px;
  border-bottom: 1px solid var(--hair);
  padding: 2px 0;
}

.chosen {
  background: var(--well);
}

.what {
  padding: 9px 0 7px;
}

.what button {
  font-weight: 600;
}

.what button:hover {
  text-decoration: underline;
  text-underline-offset: 3px;
}

.what .quiet,
.what .caution {
  font-size: 13.5px;
}

.done .what {
  color: var(--soft);
}

.who,
.at,
.for {
  padding-top: 9px;
}

.at,
.for {
  text-align: right;
}

.late .at {
  color: var(--now-ink);
  font-weight: 700;
}

.was {
  display: block;
  font: 400 12px var(--text);
  color: var(--soft);
}

.end {
  border-top: 2px solid var(--rim);
  padding-top: 6px;
}

@media (max-width: 839px) {
  .slot {
    grid-template-columns: 1fr;
  }

  .time {
    display: flex;
    gap: 10px;
    align-items: baseline;
  }

  li {
    grid-template-columns: 48px 1fr 56px;
  }

  .who {
    grid-row: 2;
    grid-column: 2;
    padding: 0 0 6px;
    color: var(--soft);
  }

  .for {
    grid-row: 2;
    grid-column: 3;
    padding: 0 0 6px;
  }
}

@media print {
  li {
    break-inside: avoid;
  }
}
</style>
