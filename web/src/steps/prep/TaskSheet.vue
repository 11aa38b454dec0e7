<script setup lang="ts">
import { computed, nextTick, useTemplateRef, watch } from 'vue'
import { range } from '@/api/parts'
import type { PrepTask } from '@/api/types'
import { freeTask, pinTask } from '@/party/edits'
import { useOpenParty } from '@/party/useOpenParty'
import FigureText from '@/ui/FigureText.vue'
import TickBox from '@/ui/TickBox.vue'
import { clockText, dayText } from '@/ui/time'
import { useKept } from '@/ui/useKept'
import { isPassive } from './next'
import { useTaskVerbs } from './useTaskVerbs'
import { vSaid } from '@/ui/said'

/** One task: what, how much, with what, why then; its verbs, and what the host may decide of it. */
const props = defineProps<{ task: PrepTask }>()
const emit = defineEmits<{ close: [] }>()
const { party, brief } = useOpenParty()
const { start, pause, done, reopen } = useTaskVerbs()

const sheet = useTemplateRef('sheet')
watch(
  () => props.task.id,
  async () => {
    await nextTick()
    // the bands above it fill the screen
    sheet.value?.scrollIntoView?.({ block: 'nearest' })
  },
  { immediate: true },
)

/** Ticked off on this device. */
const seen = useKept<string[]>(`seen ${props.task.id}`, [], true)
const see = (thing: string) =>
  (seen.value = seen.value.includes(thing) ? seen.value.filter((t) => t !== thing) : [...seen.value, thing])

const pin = computed(() => brief.value.decisions.tasks.find((p) => p.task === props.task.id))
const passive = computed(() => isPassive(props.task))
const sameDay = computed(() => props.task.startsAt.slice(0, 10) === brief.value.sitDown.slice(0, 10))

function hand(event: Event): void {
  const cook = (event.target as HTMLSelectElement).value
  party.edit('hand a task over', pinTask(props.task.id, { cook: cook || undefined }))
}

function setMinutes(event: Event): void {
  const minutes = Math.round(Number((event.target as HTMLInputElement).value))
  if (minutes >= 1 && minutes <= 2880)
    party.edit('say how long it takes', pinTask(props.task.id, { minutes }))
}
</script>

<template>
  <section ref="sheet" class="task panel" :aria-label="task.what">
    <div class="top">
      <h2>{{ task.what }}</h2>
      <button type="button" class="chip faint" aria-label="Close the task" @click="emit('close')">
        Close
      </button>
    </div>
    <p class="quiet">
      {{ sameDay ? '' : `${dayText(task.startsAt)}, ` }}{{ clockText(task.startsAt) }} to
      {{ clockText(task.endsAt) }}<template v-if="task.amount"> · {{ task.amount }}</template
      ><template v-if="task.tool"> · {{ task.tool }}</template
      ><template v-if="passive"> · by itself after {{ task.hands }} min</template>
    </p>
    <p class="why">{{ task.why }}</p>
    <p v-if="task.caution" class="caution">{{ task.caution }}</p>
    <ul v-if="task.things.length > 0" class="things">
      <li v-for="thing in task.things" :key="thing" :class="{ there: seen.includes(thing) }">
        <TickBox :ticked="seen.includes(thing)" :label="thing" @tick="see(thing)" />
        {{ thing }}
      </li>
    </ul>
    <dl v-if="!task.fixed" class="facts">
      <div>
        <dt>starts before sitting down</dt>
        <dd><FigureText :figure="task.before" /></dd>
      </div>
      <div>
        <dt>takes</dt>
        <dd><FigureText :figure="task.minutes" /></dd>
      </div>
      <div>
        <dt>can be done earlier by</dt>
        <dd><FigureText :figure="task.earlier" /></dd>
      </div>
      <div>
        <dt>can wait</dt>
        <dd><FigureText :figure="task.slack" /></dd>
      </div>
    </dl>
    <div v-if="task.state !== 'DONE'" class="choice-row decide">
      <label v-if="brief.cooks.length > 1" class="field">
        <span class="quiet">who</span>
        <select class="line-input" :value="pin?.cook ?? ''" @change="hand">
          <option value="">whoever is free</option>
          <option v-for="cook in brief.cooks" :key="cook.id" :value="cook.id">{{ cook.name }}</option>
        </select>
      </label>
      <label class="field">
        <span class="quiet">takes here, min</span>
        <input
          v-said="task.minutes.value"
          class="line-input minutes"
          type="number"
          v-bind="range('DecisionsTaskPin', 'minutes')"
          @change="setMinutes"
        />
      </label>
      <button
        v-if="pin"
        type="button"
        class="chip"
        @click="party.edit('leave a task to the plan', freeTask(task.id))"
      >
        Leave it to the plan
      </button>
    </div>
    <div class="choice-row verbs">
      <template v-if="task.state === 'RUNNING'">
        <button type="button" class="chip solid" @click="done(task)">Done</button>
        <button type="button" class="chip" @click="pause(task)">Pause</button>
      </template>
      <button v-else-if="task.state === 'DONE'" type="button" class="chip" @click="reopen(task)">
        Not done after all
      </button>
      <template v-else>
        <button v-if="!task.fixed" type="button" class="chip solid" @click="start(task)">
          {{ task.state === 'PAUSED' ? 'Go on' : 'Start' }}
        </button>
        <button type="button" class="chip" @click="done(task)">Done</button>
      </template>
    </div>
  </section>
</template>

<style scoped>
.top {
  display: flex;
  gap: 12px;
  align-items: baseline;
  justify-content: space-between;
}

.why {
  padding: 4px 0;
  font-weight: 600;
}

.things {
  list-style: none;
  margin: 4px 0;
  padding: 0;
  columns: 2 260px;
}

.things li {
  display: flex;
  align-items: center;
  gap: 6px;
  break-inside: avoid;
  min-height: 44px;
}

.things .tick {
  flex: none;
}

.there {
  text-decoration: line-through;
}

.decide {
  gap: 18px;
  padding: 8px 0;
}

.minutes {
  width: 88px;
}

.verbs {
  padding-top: 6px;
}
</style>
