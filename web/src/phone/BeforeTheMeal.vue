<script setup lang="ts">
import { ref } from 'vue'
import type { GuestAnswer, Mine, Need, Seat } from '@/api/types'
import { APPETITES, HEATS, NEEDS } from '@/party/words'
import ChipChoice from '@/ui/ChipChoice.vue'
import type { Phone } from './usePhone'

/** The days before: when it is, and what a guest would have the host know. */
const props = defineProps<{ mine: Mine; seat: Seat; phone: Phone }>()

const LATE = [0, 15, 30, 45, 60].map((minutes) => ({
  value: String(minutes),
  label: minutes === 0 ? 'on time' : `${minutes} min late`,
}))
const given = ref<GuestAnswer>({ needs: [], ...props.mine.answer })
const state = ref<'' | 'told' | 'not'>('')

const when = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  hour: '2-digit',
  minute: '2-digit',
  timeZone: 'UTC',
}).format(Date.parse(`${props.mine.sitDown}Z`))

const known = new Set(props.seat.needs.map((need) => need.need))
const needs = NEEDS.filter(({ value }) => !known.has(value))

function toggle(need: Need['kind']): void {
  const had = given.value.needs ?? []
  given.value.needs = had.includes(need) ? had.filter((one) => one !== need) : [...had, need]
  state.value = ''
}

function set(part: Partial<GuestAnswer>): void {
  given.value = { ...given.value, ...part }
  state.value = ''
}

async function tell(): Promise<void> {
  state.value = (await props.phone.answer(given.value)) ? 'told' : 'not'
}
</script>

<template>
  <p class="date">{{ when }}</p>
  <a class="big link" href="/api/mine/invitation.ics">Put it in my calendar</a>

  <section aria-label="Tell the host">
    <h2>What do you keep away from?</h2>
    <div class="picks"><ChipChoice :options="needs" :on="given.needs ?? []" @choose="toggle" /></div>
    <h2>How hot do you like it?</h2>
    <div class="picks">
      <ChipChoice :options="HEATS" :on="given.heat ?? []" @choose="set({ heat: $event })" />
    </div>
    <h2>How hungry will you be?</h2>
    <div class="picks">
      <ChipChoice :options="APPETITES" :on="given.appetite ?? []" @choose="set({ appetite: $event })" />
    </div>
    <h2>When do you come?</h2>
    <div class="picks">
      <ChipChoice
        :options="LATE"
        :on="String(given.arrivesAfterMinutes)"
        @choose="set({ arrivesAfterMinutes: Number($event) })"
      />
    </div>
    <button type="button" class="big main tell" @click="tell">Tell the host</button>
    <p v-if="state === 'told'" role="status" class="told">
      The host is told, and decides what to make of it. You can change it until you sit down.
    </p>
  </section>
</template>

<style scoped>
.date {
  font: 650 24px/1.25 var(--head);
  padding-bottom: 10px;
}

.link {
  display: grid;
  place-items: center;
  text-decoration: none;
  color: inherit;
}

.tell {
  width: 100%;
  margin-top: 18px;
}

.told {
  padding: 10px 0;
}
</style>
