<script setup lang="ts">
import { mdiVolumeHigh, mdiVolumeOff } from '@mdi/js'
import { computed } from 'vue'
import { serverNow } from '@/api/client'
import NextOrders from '@/live/NextOrders.vue'
import { orders as ordersOf, runOf, secondOf } from '@/live/running'
import { useRunningTable } from '@/live/useRunningTable'
import { useMinutelyPlan } from '@/party/useMinutelyPlan'
import { useOpenParty } from '@/party/useOpenParty'
import { clockText, countdown } from '@/ui/time'
import { useAwake } from '@/ui/useAwake'
import { useChime } from '@/ui/useChime'
import NextThree from './NextThree.vue'
import { useLivePrep } from './useLivePrep'

/** The wall itself, once the party is there. Keeps the screen awake where the browser can. */
defineProps<{ cook?: string }>()
const { party, brief, plan } = useOpenParty()
const { nowMs, isOn, sitDown, due } = useLivePrep()
useMinutelyPlan(() => isOn.value)
const { on, toggle, allow } = useChime(due)
const clock = computed(() => new Date(nowMs.value).toISOString().slice(11, 16))
const late = computed(() => plan.value.prep.problems.find((problem) => problem.kind === 'LATE'))
const { isRunning } = useRunningTable()
const run = computed(() => runOf(plan.value.table, party.pending))
const second = computed(() => (nowMs.value ? secondOf(run.value, serverNow()) : 0))
const orders = computed(() => ordersOf(run.value, second.value))
useAwake()
</script>

<template>
  <main class="wall" @pointerdown.once="allow">
    <header>
      <b class="clock">{{ clock }}</b>
      <span v-if="isRunning" class="until">{{ Math.max(0, Math.floor(second / 60)) }} min at the table</span>
      <span v-else class="until"
        >{{ clockText(brief.sitDown) }} sit down, {{ countdown(sitDown - nowMs) }}</span
      >
      <nav class="cooks" aria-label="Whose tasks">
        <router-link
          class="chip"
          :class="{ solid: !cook }"
          :to="`/party/${party.id}/wall`"
          :aria-current="cook ? undefined : 'page'"
          >Everybody</router-link
        >
        <router-link
          v-for="one in plan.prep.cooks.filter((c) => c.hands.value > 0)"
          :key="one.cook"
          class="chip"
          :class="{ solid: cook === one.cook }"
          :to="`/party/${party.id}/wall?cook=${one.cook}`"
          :aria-current="cook === one.cook ? 'page' : undefined"
          >{{ one.name }}</router-link
        >
      </nav>
      <button type="button" class="chip" :aria-pressed="on" @click="toggle">
        <v-icon :icon="on ? mdiVolumeHigh : mdiVolumeOff" size="18" /> sound
      </button>
      <router-link class="chip" :to="`/party/${party.id}/prep`">Whole plan</router-link>
    </header>
    <p v-if="party.offline" class="said" role="status">
      No connection. Ticks are kept here and sent as soon as there is one.
    </p>
    <p v-else-if="late && !isRunning" class="said" role="status">{{ late.text }}</p>
    <NextOrders
      v-if="isRunning"
      class="orders"
      :now="orders.now"
      :next="orders.next.slice(0, 4)"
      :second="second"
    />
    <NextThree v-if="!isRunning || due.length > 0" :cook="cook" large />
  </main>
</template>

<style scoped>
.wall {
  padding: 18px 28px;
  min-height: 100dvh;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 18px;
  padding-bottom: 16px;
}

.clock {
  font: 700 44px/1 var(--head);
  color: var(--now-ink);
}

.until {
  font-size: 20px;
}

.cooks {
  display: flex;
  gap: 6px;
  margin-left: auto;
}

.chip {
  min-height: 44px;
  font-size: 16px;
  text-decoration: none;
  padding: 3px 14px;
}

.said {
  font-size: 20px;
  font-weight: 600;
  color: var(--warn);
  padding-bottom: 14px;
}

.orders {
  font-size: 30px;
  padding-bottom: 18px;
}

@media (max-width: 839px) {
  .orders {
    font-size: 18px;
  }

  .wall {
    padding: 10px 12px;
  }

  .clock {
    font-size: 30px;
  }

  .until {
    font-size: 16px;
  }

  .cooks {
    margin-left: 0;
    flex-wrap: wrap;
  }
}
</style>
