<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js'
import { computed } from 'vue'
import type { PrepTask } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import StepNotes from '@/ui/StepNotes.vue'
import FigureText from '@/ui/FigureText.vue'
import TickBox from '@/ui/TickBox.vue'
import { clockText, dayText, localMs, nowIn } from '@/ui/time'
import { useNow } from '@/ui/useNow'

const { party, brief, plan } = useOpenParty()
const now = useNow()
const nowMs = computed(() => nowIn(brief.value.zone, now.value))

/** Tasks by the half hour they start in. */
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
  return minutes >= 60
    ? `${Math.floor(minutes / 60)} h ${minutes % 60 ? `${minutes % 60} min ` : ''}before`
    : `${minutes} min before`
}

/** "1.8 l", "stock pot": each kept on one line. */
const notes = (task: PrepTask) => [task.amount, task.tool, task.passive ? 'by itself' : ''].filter(Boolean)
const late = (task: PrepTask) => !task.done && localMs(task.startsAt) < nowMs.value
const cooks = computed(() => brief.value.cooks.map((cook) => cook.name).join(' and '))
const print = () => window.print()

const tick = (task: PrepTask) =>
  party.record({ type: task.done ? 'TASK_REOPENED' : 'TASK_DONE', subject: task.id })
</script>

<template>
  <div class="head-line">
    <h1>Prep</h1>
    <span class="quiet">begins</span>
    <span class="key"><FigureText :figure="plan.prep.begins" /></span>
    <span class="quiet">before sitting down ·</span>
    <FigureText :figure="plan.prep.handsOn" />
    <span class="quiet"
      >of work<template v-if="cooks"> for {{ cooks }}</template></span
    >
    <v-btn class="push no-print" variant="outlined" :prepend-icon="mdiPrinterOutline" @click="print"
      >Print</v-btn
    >
  </div>
  <p class="quiet intro">
    Each task as late as it may start. Hands are not counted yet: share tasks of the same half hour, or begin
    earlier.
  </p>
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
      <li v-for="task in group.tasks" :key="task.id" :class="{ done: task.done, late: late(task) }">
        <TickBox class="tick" :ticked="task.done" :label="task.what" @tick="tick(task)" />
        <span class="what">
          {{ task.what }}
          <span v-for="note in notes(task)" :key="note" class="note quiet">{{ note }}</span>
          <span v-if="task.caution" class="caution">{{ task.caution }}</span>
        </span>
        <span class="at">{{ clockText(task.startsAt) }}</span>
        <span class="for quiet"><FigureText :figure="task.minutes" /></span>
      </li>
    </ul>
  </section>
  <p class="quiet end">{{ dayText(brief.sitDown) }}, {{ clockText(brief.sitDown) }}: sit down.</p>
  <section v-if="plan.equipment.length > 0" class="equipment" aria-label="On the table">
    <h2>On the table</h2>
    <ul>
      <li v-for="item in plan.equipment" :key="item.count.id">
        <b><FigureText :figure="item.count" /></b>
        <span>
          {{ item.name }} <span class="quiet">{{ item.remark }}</span>
        </span>
      </li>
    </ul>
  </section>
  <StepNotes step="PREP" />
</template>

<style scoped>
.intro {
  margin-bottom: 12px;
}

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

.note {
  white-space: nowrap;
  margin-left: 0.35em;
}

.note + .note::before {
  content: '· ';
}

.time b {
  font: 650 20px var(--head);
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 44px 1fr 50px 92px;
  align-items: start;
  gap: 6px;
  border-bottom: 1px solid var(--hair);
  padding: 2px 0;
}

.what {
  padding: 9px 0 7px;
  font-weight: 600;
}

.what .quiet,
.what .caution {
  font-weight: 400;
  font-size: 13.5px;
}

.done .what {
  color: var(--soft);
}

.at,
.for {
  padding-top: 9px;
  text-align: right;
}

.late .at {
  color: var(--now-ink);
  font-weight: 700;
}

.end {
  border-top: 2px solid var(--rim);
  padding-top: 6px;
}

.equipment {
  margin-top: 18px;
}

.equipment ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 0 26px;
  padding-top: 6px;
}

.equipment li {
  grid-template-columns: 34px 1fr;
  padding: 7px 0;
}

.equipment b {
  text-align: right;
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
}

@media print {
  li {
    break-inside: avoid;
  }
}
</style>
