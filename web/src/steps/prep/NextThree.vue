<script setup lang="ts">
import { computed } from 'vue'
import type { PrepTask } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { clockText, localMs } from '@/ui/time'
import { alone, clockLeft, nextThree } from './next'
import { useLivePrep } from './useLivePrep'
import { useTaskVerbs } from './useTaskVerbs'

/** What to do next, with a timer and large buttons for wet hands; what runs by itself beneath. */
const props = defineProps<{
  /** Only what this cook does; everybody's when left out. */
  cook?: string
  /** Readable across a kitchen. */
  large?: boolean
}>()
const emit = defineEmits<{ touch: [] }>()
const { brief } = useOpenParty()
const { nowMs, tasks, left } = useLivePrep()
const { start, pause, done } = useTaskVerbs()

const three = computed(() => nextThree(tasks.value, nowMs.value, props.cook))
const running = computed(() => alone(tasks.value, nowMs.value))
const cookName = (task: PrepTask) => brief.value.cooks.find((cook) => cook.id === task.cook)?.name ?? ''
/** "was 16:05" for one that had to move, "3 min late" for one that is due; empty in time. */
function lateness(task: PrepTask): string {
  const minutes = Math.floor((nowMs.value - localMs(task.plannedAt)) / 60000)
  if (task.state !== 'PLANNED' || task.fixed || minutes <= 0) return ''
  return task.startsAt === task.plannedAt ? `${minutes} min late` : `was ${clockText(task.plannedAt)}`
}
const note = (task: PrepTask) => [task.amount, task.tool].filter(Boolean).join(' · ')

function act(verb: (task: PrepTask) => unknown, task: PrepTask): void {
  emit('touch')
  verb(task)
}
</script>

<template>
  <div class="next" :class="{ large }">
    <article v-for="(task, i) in three" :key="task.id" class="card" :class="{ first: i === 0 }">
      <p class="when">
        <b v-if="task.state === 'RUNNING'" class="timer" :class="{ over: left(task) < 0 }">{{
          clockLeft(left(task))
        }}</b>
        <b v-else-if="task.state === 'PAUSED'">paused, {{ task.left }} min left</b>
        <b v-else>{{ clockText(task.startsAt) }}</b>
        <span v-if="lateness(task)" class="late">{{ lateness(task) }}</span>
        <span v-if="!cook && cookName(task)" class="who">{{ cookName(task) }}</span>
      </p>
      <h3>{{ task.what }}</h3>
      <p v-if="note(task)" class="quiet">{{ note(task) }}</p>
      <p v-if="task.caution" class="caution">{{ task.caution }}</p>
      <div v-if="!task.fixed" class="verbs">
        <template v-if="task.state === 'RUNNING'">
          <button type="button" class="verb main" @click="act(done, task)">Done</button>
          <button type="button" class="verb" @click="act(pause, task)">Pause</button>
        </template>
        <template v-else>
          <button type="button" class="verb main" @click="act(start, task)">
            {{ task.state === 'PAUSED' ? 'Go on' : 'Start' }}
          </button>
          <button type="button" class="verb" @click="act(done, task)">Done</button>
        </template>
      </div>
      <button v-else type="button" class="verb" @click="act(done, task)">Done</button>
    </article>
    <p v-if="three.length === 0" class="quiet none">Nothing to do now.</p>
    <ul v-if="running.length > 0" class="running" aria-label="By itself">
      <li v-for="task in running" :key="task.id" :class="{ over: left(task) < 0 }">
        <b class="timer">{{ clockLeft(left(task)) }}</b>
        <span>{{ task.what }}</span>
        <button type="button" class="chip" @click="act(done, task)">Done</button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.next {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 12px;
  margin-bottom: 16px;
}

.card {
  display: flex;
  flex-direction: column;
  gap: 4px;
  border: 1.5px solid var(--hair);
  border-radius: 16px;
  padding: 12px 14px;
}

.card.first {
  border: 2.5px solid var(--rim);
}

.when {
  display: flex;
  align-items: baseline;
  flex-wrap: wrap;
  gap: 2px 10px;
}

.when b {
  font: 650 20px var(--head);
}

.first .when b {
  font-size: 26px;
}

.who {
  margin-left: auto;
  font-weight: 600;
}

.late {
  font-size: 13px;
  color: var(--now-ink);
  font-weight: 600;
}

.timer.over,
.over .timer {
  color: var(--now-ink);
}

.card h3 {
  font: 650 16px/1.25 var(--text);
}

.verbs {
  display: flex;
  gap: 8px;
  margin-top: auto;
  padding-top: 8px;
}

.verb {
  all: unset;
  box-sizing: border-box;
  cursor: pointer;
  flex: 1;
  min-height: 48px;
  border: 2px solid var(--rim);
  border-radius: 12px;
  text-align: center;
  font: 650 16px var(--text);
  padding: 0 10px;
  display: grid;
  place-items: center;
}

.card > .verb {
  flex: none;
  margin-top: auto;
}

.verb.main {
  background: var(--rim);
  color: var(--sheet);
}

.verb:hover {
  box-shadow: inset 0 0 0 2px var(--rim);
}

.verb:focus-visible {
  outline: 3px solid var(--rim);
  outline-offset: 2px;
}

.none {
  grid-column: 1 / -1;
}

.running {
  grid-column: 1 / -1;
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 18px;
}

.running li {
  display: grid;
  grid-template-columns: 68px 1fr auto;
  align-items: center;
  gap: 10px;
  border-top: 1px solid var(--hair);
  padding-top: 4px;
}

.running .timer {
  font: 650 17px var(--head);
  text-align: right;
}

.large .card {
  padding: 22px 26px;
  gap: 8px;
}

.large .card h3 {
  font-size: 26px;
}

.large .first h3 {
  font-size: 40px;
  line-height: 1.1;
}

.large .when b {
  font-size: 34px;
}

.large .first .when b {
  font-size: 72px;
  line-height: 1;
}

.large .quiet,
.large .caution,
.large .who,
.large .late {
  font-size: 20px;
}

.large .verb {
  min-height: 72px;
  font-size: 24px;
}

.large .running li {
  font-size: 22px;
  grid-template-columns: 130px 1fr auto;
}

.large .running .timer {
  font-size: 30px;
}

.large {
  grid-template-columns: 1.7fr 1fr 1fr;
}

.large .running {
  grid-template-columns: 1fr;
}

@media (max-width: 839px) {
  .running {
    grid-template-columns: 1fr;
  }

  .next,
  .large {
    grid-template-columns: 1fr;
  }

  .large .first .when b {
    font-size: 52px;
  }

  .large .first h3 {
    font-size: 28px;
  }

  .large .card {
    padding: 14px 16px;
  }

  .large .card h3 {
    font-size: 20px;
  }

  .large .first h3 {
    font-size: 28px;
  }

  .large .quiet,
  .large .caution,
  .large .who {
    font-size: 16px;
  }

  .large .when b {
    font-size: 24px;
  }
}

@media print {
  .next {
    display: none;
  }
}
</style>
