<script setup lang="ts">
import { computed, onScopeDispose, ref } from 'vue'
import { serverNow } from '@/api/client'
import type { Helper, Mine } from '@/api/types'
import { done } from '@/live/marks'
import { clockText } from '@/ui/time'
import { useAwake } from '@/ui/useAwake'
import { until } from './turns'
import type { Phone } from './usePhone'

/** What a helper does: tasks of the kitchen one after the other, then what is to do at the pots. */
const props = defineProps<{ mine: Mine; helper: Helper; phone: Phone }>()
useAwake()
const second = ref(0)
const tick = () =>
  (second.value = props.mine.satDown ? Math.floor((serverNow() - Date.parse(props.mine.satDown)) / 1000) : 0)
tick()
const timer = setInterval(tick, 1000)
onScopeDispose(() => clearInterval(timer))

const open = computed(() => props.helper.jobs.filter((job) => job.state !== 'DONE'))
const finished = computed(() => props.helper.jobs.filter((job) => job.state === 'DONE'))
const mark = (type: 'TASK_STARTED' | 'TASK_DONE' | 'TASK_REOPENED', subject: string) =>
  props.phone.say({ type, subject })
</script>

<template>
  <header class="top">
    <h1>{{ helper.name }}</h1>
    <span class="quiet">{{ mine.title }}</span>
  </header>
  <section v-if="mine.started && !mine.finished" aria-label="At the pots">
    <h2>At the pots</h2>
    <ul class="list">
      <li v-for="cue in helper.cues" :key="cue.text + cue.at">
        <span
          >{{ cue.text }}<small class="when">{{ until(cue.at - second) }}</small></span
        >
        <button type="button" class="pick" @click="phone.say(done(cue))">Done</button>
      </li>
      <li v-if="helper.cues.length === 0">Nothing to do for you just now.</li>
    </ul>
  </section>
  <section aria-label="In the kitchen">
    <h2>In the kitchen</h2>
    <ul class="list">
      <li v-for="job in open" :key="job.task">
        <span>
          <b>{{ clockText(job.startsAt) }}</b> {{ job.what }}
          <small>{{ [job.amount, job.tool, ...job.things].filter(Boolean).join(', ') }}</small>
          <small v-if="job.caution" class="care">{{ job.caution }}</small>
        </span>
        <button
          v-if="job.state === 'PLANNED'"
          type="button"
          class="pick"
          @click="mark('TASK_STARTED', job.task)"
        >
          Begin
        </button>
        <button v-else type="button" class="pick" @click="mark('TASK_DONE', job.task)">Done</button>
      </li>
      <li v-if="open.length === 0">All done. Thank you.</li>
    </ul>
  </section>
  <section v-if="finished.length > 0" aria-label="Done">
    <h2>Done</h2>
    <ul class="list">
      <li v-for="job in finished" :key="job.task">
        <span class="quiet">{{ job.what }}</span>
        <button type="button" class="pick" @click="mark('TASK_REOPENED', job.task)">Not yet</button>
      </li>
    </ul>
  </section>
</template>
