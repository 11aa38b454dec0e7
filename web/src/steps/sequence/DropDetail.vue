<script setup lang="ts">
import { computed } from 'vue'
import type { Drop } from '@/api/types'
import { sideNames } from '@/party/sideNames'
import { useOpenParty } from '@/party/useOpenParty'
import FigureText from '@/ui/FigureText.vue'
import { inBroth, inTurns, isFished, putIn, shares, takeOut } from '@/table/stays'
import { clockAfter } from '@/ui/time'

/** One drop in words, and its pin. */
const props = defineProps<{ drop: Drop }>()
const emit = defineEmits<{ close: []; move: [minute: number, side: string]; free: [] }>()

const { brief, plan, from: began } = useOpenParty()
const window = computed(() =>
  plan.value.windows.find((w) => w.cut === props.drop.cut && w.sides.includes(props.drop.side)),
)
const sides = computed(() =>
  sideNames(brief.value, plan.value).map(({ value, label }) => ({ title: label, value })),
)
const from = computed(() => putIn(props.drop))
const minute = computed(() => Math.round(from.value / 60))
const reason = computed(() => plan.value.table.reasons.find((r) => r.drop === props.drop.id))
const dipped = computed(() => inTurns(props.drop))
/** Who holds a child's slices. */
const minder = computed(
  () =>
    props.drop.tending !== 'SHARED' &&
    brief.value.guests.find((guest) => guest.id === props.drop.minder)?.name,
)
const forWhom = computed(() =>
  shares(props.drop)
    .map(({ guest, pieces, from }) => {
      const name = brief.value.guests.find((g) => g.id === guest)?.name ?? guest
      const share = pieces > 0 ? `${name} ${pieces}` : name
      return dipped.value ? `${share} from ${clockAfter(began.value, from)}` : share
    })
    .join(', '),
)
</script>

<template>
  <section class="detail" :aria-label="drop.name">
    <div class="top">
      <h2>{{ drop.name }}, {{ drop.amount }}</h2>
      <button type="button" class="chip" @click="emit('close')">Close</button>
    </div>
    <p>
      In at <b>{{ clockAfter(began, from) }}</b>, out by
      <b>{{ clockAfter(began, takeOut(drop)) }}</b>
      <template v-if="minder">, minded by {{ minder }}</template>
      <template v-else-if="drop.tending === 'BASKET'">, each in a basket of their own</template>
      <template v-else-if="drop.tending === 'PLATE'"
        >, browned on the plate for a minute, then in the broth, each in their own time</template
      >
      <template v-else-if="dipped">, dipped slice by slice, each in their own time</template>
      <template v-else-if="isFished(drop)"
        >, fished out by those who eat it from
        {{ clockAfter(began, inBroth(drop)[0]?.takeOut ?? from) }}</template
      >
      · for {{ forWhom }}
    </p>
    <p v-if="window" class="quiet">
      ready after <FigureText :figure="window.ready" />, best until <FigureText :figure="window.bestUntil" />,
      overcooked at <FigureText :figure="window.overcooked" /> · look for: {{ window.cue }}.
      {{ window.advice }}
    </p>
    <p v-if="reason" class="quiet"><b>Why here:</b> {{ reason.here }}. <b>Why now:</b> {{ reason.now }}.</p>
    <div class="pin">
      <button type="button" class="chip" @click="emit('move', minute - 1, drop.side)">
        A minute earlier
      </button>
      <button type="button" class="chip" @click="emit('move', minute + 1, drop.side)">A minute later</button>
      <v-select
        class="side"
        label="Side"
        :items="sides"
        :model-value="drop.side"
        @update:model-value="emit('move', from / 60, $event)"
      />
      <button v-if="drop.pinned" type="button" class="chip" @click="emit('free')">Free the pin</button>
    </div>
  </section>
</template>

<style scoped>
.detail {
  background: var(--well);
  border-radius: 14px;
  padding: 12px 16px;
  margin-top: 10px;
  display: grid;
  gap: 6px;
}

.top {
  display: flex;
  justify-content: space-between;
  gap: 10px;
}

.pin {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

.side {
  flex: none;
  width: 190px;
}
</style>
