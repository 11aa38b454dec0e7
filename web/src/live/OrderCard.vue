<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Cue, PartyEvent } from '@/api/types'
import { sidesOf } from '@/party/sideNames'
import { useOpenParty } from '@/party/useOpenParty'
import { forWhom, isLate, lookFor, minutes, wick, type Order } from './running'

/** What to do now, for a wet thumb two metres away: what, how much, for whom, what to look for, the time left. */
const props = defineProps<{ cue: Order; second: number }>()
defineEmits<{
  done: [cue: Order]
  notYet: [cue: Order]
  skip: [cue: Order]
  how: [how: NonNullable<PartyEvent['how']>]
  hand: [cue: Order, to: string]
}>()
const { brief, plan } = useOpenParty()

const VERBS: Partial<Record<Cue['act'], { says: string; done: string }>> = {
  PUT_IN: { says: 'Put in', done: 'It is in' },
  TAKE_OUT: { says: 'Take out', done: 'Taken out' },
}
const drop = computed(() => plan.value.table.drops.find((d) => d.id === props.cue.drop))
const side = computed(() => plan.value.broths.sides.find((s) => s.side === props.cue.side))
const minder = computed(() => {
  const people = [...brief.value.guests, ...brief.value.cooks]
  return people.find((one) => one.id === props.cue.minder)?.name
})
/** Whoever cooks or looks after a pot can take it over, each named once. */
const others = computed(() => {
  const minders = new Set(plan.value.table.cues.map((one) => one.minder))
  const all = [...brief.value.guests.filter((one) => minders.has(one.id)), ...brief.value.cooks]
  return all.filter(
    (one, i) => one.id !== props.cue.minder && all.findIndex((two) => two.id === one.id) === i,
  )
})
const hands = ref(false)
const isRound = computed(
  () =>
    props.cue.act === 'TAKE_OUT' &&
    brief.value.pots.find((pot) => pot.sides.some((s) => s.id === props.cue.side))?.way === 'ROUNDS',
)
const verb = computed(() => (isRound.value ? undefined : VERBS[props.cue.act]))
const look = computed(() =>
  drop.value && props.cue.act === 'TAKE_OUT' && !isRound.value ? lookFor(plan.value, drop.value) : '',
)
const late = computed(() => isLate(props.cue, props.second))
const left = computed(() => props.cue.latest - props.second)
</script>

<template>
  <article class="card" :class="{ late }" :aria-label="cue.text">
    <svg class="stripe" width="100%" height="18" aria-hidden="true">
      <rect width="100%" height="18" rx="9" :fill="`url(#broth-${side?.tint})`" />
    </svg>
    <p class="where">
      {{ sidesOf(brief, plan, [cue, ...cue.alike]) }}<template v-if="minder"> · {{ minder }}</template>
    </p>
    <h1 v-if="verb && drop" :class="{ long: drop.name.length > 16 }">
      <span class="verb">{{ verb.says }}</span> {{ drop.name }}
    </h1>
    <h1 v-else class="whole">{{ cue.text }}</h1>
    <p v-if="verb && drop" class="much">{{ drop.amount }} · for {{ forWhom(brief, drop) }}</p>
    <p v-if="look" class="look">{{ look }}; else leave it in</p>
    <div class="rest">
      <div class="wick" role="timer" :aria-label="late ? 'late' : `${minutes(left)} left`">
        <span :style="{ width: `${wick(cue, second) * 100}%` }" />
      </div>
      <p v-if="late" class="said">late by {{ minutes(-left) }}</p>
      <p v-else-if="second < cue.at" class="said">in {{ minutes(cue.at - second) }}</p>
      <p v-else class="said">{{ minutes(left) }} left</p>
      <div class="verbs">
        <button type="button" class="act main" @click="$emit('done', cue)">{{ verb?.done ?? 'Done' }}</button>
        <button type="button" class="act" @click="$emit('notYet', cue)">Not yet</button>
      </div>
      <div class="more">
        <template v-if="cue.act === 'TAKE_OUT'">
          <button type="button" class="chip" @click="$emit('how', 'OVERDONE')">Out, overdone</button>
          <button type="button" class="chip" @click="$emit('how', 'LOST')">Cannot find it</button>
        </template>
        <button v-else type="button" class="chip" @click="$emit('skip', cue)">Skip it</button>
        <button
          v-if="others.length > 0"
          type="button"
          class="chip"
          :aria-expanded="hands"
          @click="hands = !hands"
        >
          Hand over
        </button>
        <template v-if="hands">
          <button
            v-for="one in others"
            :key="one.id"
            type="button"
            class="chip solid"
            @click="$emit('hand', cue, one.id)"
          >
            {{ one.name }}
          </button>
        </template>
      </div>
    </div>
  </article>
</template>

<style scoped>
.card {
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-height: 0;
}

.stripe {
  display: block;
  flex: none;
}

.where {
  font-size: 23px;
  color: var(--soft);
}

h1 {
  font-size: 84px;
  line-height: 0.98;
  overflow-wrap: anywhere;
}

h1.long {
  font-size: 64px;
}

h1.whole {
  font-size: 54px;
  line-height: 1.05;
}

.verb {
  display: block;
  color: var(--now-ink);
}

.much {
  font-size: 25px;
}

.look {
  font-size: 20px;
  color: var(--soft);
}

.rest {
  margin-top: auto;
  display: grid;
  gap: 8px;
}

.wick {
  height: 16px;
  border-radius: 8px;
  background: var(--hair);
  overflow: hidden;
}

.wick span {
  display: block;
  height: 100%;
  background: var(--now);
  transition: width 1s linear;
}

/* late is another shape: the burnt wick has teeth, and the order is framed */
.late .wick {
  height: 22px;
  border-radius: 0;
  background: var(--now);
  clip-path: polygon(
    0 0,
    100% 0,
    100% 45%,
    96% 100%,
    92% 45%,
    88% 100%,
    84% 45%,
    80% 100%,
    76% 45%,
    72% 100%,
    68% 45%,
    64% 100%,
    60% 45%,
    56% 100%,
    52% 45%,
    48% 100%,
    44% 45%,
    40% 100%,
    36% 45%,
    32% 100%,
    28% 45%,
    24% 100%,
    20% 45%,
    16% 100%,
    12% 45%,
    8% 100%,
    4% 45%,
    0 100%
  );
}

.late .said {
  font: 700 30px var(--head);
  color: var(--now-ink);
}

.late .verb::before {
  content: '▲ ';
  font-size: 0.6em;
}

.said {
  font-size: 20px;
  color: var(--soft);
}

.verbs {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 14px;
}

.more {
  display: flex;
  gap: 8px;
}

.more .chip {
  min-height: 44px;
  font-size: 15px;
  padding: 3px 14px;
}

@media (max-width: 1100px) {
  h1,
  h1.long {
    font-size: 52px;
  }

  h1.whole {
    font-size: 42px;
  }
}

@media (max-width: 839px) {
  h1,
  h1.long {
    font-size: 44px;
  }

  .rest {
    position: sticky;
    bottom: 0;
    padding-bottom: 10px;
    background: var(--ground);
  }

  h1.whole {
    font-size: 34px;
  }

  .where,
  .much {
    font-size: 18px;
  }

  .look {
    font-size: 16px;
  }
}
</style>
