<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PrepTask } from '@/api/types'
import { pinTask } from '@/party/edits'
import { useMinutelyPlan } from '@/party/useMinutelyPlan'
import { useOpenParty } from '@/party/useOpenParty'
import FigureText from '@/ui/FigureText.vue'
import StepNotes from '@/ui/StepNotes.vue'
import { useChime } from '@/ui/useChime'
import { clockText, dayText } from '@/ui/time'
import BandChart from './BandChart.vue'
import CrewDialog from './CrewDialog.vue'
import LateRemedies from './LateRemedies.vue'
import NextThree from './NextThree.vue'
import PrepList from './PrepList.vue'
import TakeOut from './TakeOut.vue'
import TaskSheet from './TaskSheet.vue'
import { nextThree } from './next'
import { useLivePrep } from './useLivePrep'
import { useTaskVerbs } from './useTaskVerbs'

const { party, plan } = useOpenParty()
const { nowMs, isOn, tasks, due } = useLivePrep()
const { done, reopen } = useTaskVerbs()
const { on, toggle, allow } = useChime(due)
useMinutelyPlan(() => isOn.value)
const chosenId = ref<string>()
const dialog = ref<'crew' | 'out'>()
const chosen = computed(() => tasks.value.find((task) => task.id === chosenId.value))
const busy = computed(() => plan.value.prep.cooks.filter((cook) => cook.hands.value > 0))
const begins = computed(() => tasks.value.find((task) => !task.fixed)?.startsAt ?? '')

const next = computed(() => nextThree(tasks.value, nowMs.value)[0])
const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)

const choose = (id: string) => (chosenId.value = chosenId.value === id ? undefined : id)
const tick = (task: PrepTask) => (task.state === 'DONE' ? reopen(task) : done(task))
const pin = (task: PrepTask, minutesBefore: number, cook?: string) =>
  pinTask(task.id, cook ? { minutesBefore, cook } : { minutesBefore })
const print = () => window.print()
</script>

<template>
  <div class="head-line">
    <h1>Prep</h1>
    <span class="quiet">from {{ clockText(begins) }},</span>
    <span class="key"><FigureText :figure="plan.prep.begins" /></span>
    <span class="quiet">before sitting down · all done</span>
    <b class="ready" :class="{ unmet: plan.prep.ready.value < 0 }">{{ clockText(plan.prep.readyAt) }}</b>
    <span class="quiet">(<FigureText :figure="plan.prep.ready" />)</span>
  </div>
  <div class="choice-row bar no-print">
    <span v-for="cook in busy" :key="cook.cook" class="share">
      {{ cook.name }} <FigureText :figure="cook.hands" />
    </span>
    <button type="button" class="chip" @click="dialog = 'crew'">Cooks and kitchen</button>
    <router-link class="chip" :to="`/party/${party.id}/wall`">Kitchen wall</router-link>
    <button type="button" class="chip" @click="dialog = 'out'">Paper and calendars</button>
    <button type="button" class="chip" @click="print">Print</button>
    <button v-if="isOn" type="button" class="chip" :aria-pressed="on" @click="toggle">Sound</button>
  </div>
  <LateRemedies />
  <NextThree v-if="isOn" @touch="allow" />
  <p v-else-if="next" class="quiet comes">
    Next: {{ dayText(next.startsAt) }}, {{ clockText(next.startsAt) }}, {{ lower(next.what) }}
  </p>
  <BandChart
    :now="nowMs"
    :chosen="chosenId"
    @choose="choose"
    @move="(task, minutes, cook) => party.edit('move a task', pin(task, minutes, cook))"
    @preview="(task, minutes, cook) => party.preview(pin(task, minutes, cook))"
  />
  <TaskSheet v-if="chosen" :task="chosen" @close="chosenId = undefined" />
  <StepNotes step="PREP" :except="['prep.LATE', 'prep.BUFFER']" />
  <PrepList :now="nowMs" :chosen="chosenId" @choose="choose" @tick="tick" />
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
  <CrewDialog v-if="dialog === 'crew'" @close="dialog = undefined" />
  <TakeOut v-if="dialog === 'out'" @close="dialog = undefined" />
</template>

<style scoped>
.head-line {
  margin-bottom: 6px;
}

.ready {
  font: 600 22px var(--head);
}

.bar {
  gap: 8px 10px;
  margin-bottom: 14px;
}

.share {
  font-weight: 600;
  margin-right: 6px;
}

.comes {
  padding-bottom: 10px;
}

.equipment {
  margin-top: 18px;
}

.equipment ul {
  list-style: none;
  margin: 0;
  padding: 6px 0 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 0 26px;
}

.equipment li {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 6px;
  padding: 7px 0;
  border-bottom: 1px solid var(--hair);
}

.equipment b {
  text-align: right;
}
</style>
