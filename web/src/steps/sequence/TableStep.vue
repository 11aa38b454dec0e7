<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { useDisplay } from 'vuetify'
import type { Drop, Moment } from '@/api/types'
import { sideNames } from '@/party/sideNames'
import { useOpenParty } from '@/party/useOpenParty'
import { weight } from '@/ui/units'
import ChipChoice from '@/ui/ChipChoice.vue'
import FigureText from '@/ui/FigureText.vue'
import StepNotes from '@/ui/StepNotes.vue'
import { clockAfter } from '@/ui/time'
import { eatenBy, intoSide, visits } from './agenda'
import AgendaList from './AgendaList.vue'
import ComparePanel from './ComparePanel.vue'
import CourseStrip from './CourseStrip.vue'
import DropDetail from './DropDetail.vue'
import { ENDINGS, ORDERS, STARCHES } from './eating'
import EatingDialog from './EatingDialog.vue'
import GuestReading from './GuestReading.vue'
import RehearsalPanel from './RehearsalPanel.vue'
import ScorePanel from './ScorePanel.vue'
import SequenceChart from './SequenceChart.vue'
import { pinsWith, pinsWithout } from './trial'
import TrialNote from './TrialNote.vue'
import { useRehearsal } from './useRehearsal'
import { useTrial } from './useTrial'

/** Three readings of one plan: by side, by guest, by minder; how it is eaten above, what it scores below. */
const READINGS = [
  { value: 'SIDE', label: 'By side' },
  { value: 'GUEST', label: 'By guest' },
  { value: 'MINDER', label: 'By minder' },
] as const

const second = defineModel<number>('second', { required: true })
const { party, brief, plan, from: began } = useOpenParty()
const { mobile } = useDisplay()
const rehearsal = useRehearsal()
const { trial, hold, end } = useTrial()
const reading = ref<'SIDE' | 'GUEST' | 'MINDER'>('SIDE')
const dialog = ref(false)
const phones = ref(false)
/** Fetched when it is asked for. */
const PhonesDialog = defineAsyncComponent(() => import('@/phones/PhonesDialog.vue'))
const chosen = ref<string>()
const side = ref<string>()
const guest = ref<string>()
const drop = computed(() => plan.value.table.drops.find((d) => d.id === chosen.value))
const minders = computed(() => visits(brief.value, plan.value))
const sides = computed(() => sideNames(brief.value, plan.value))
const guests = computed(() => brief.value.guests.map((g) => ({ value: g.id, label: g.name })))
/** On a phone one side or one guest at a time. */
const oneSide = computed(() => side.value ?? sides.value[0]?.value ?? '')
const oneGuest = computed(() => guest.value ?? guests.value[0]?.value ?? '')
const said = computed(() => {
  const order = ORDERS.find((o) => o.value === brief.value.order)?.label
  const noodles = STARCHES.find((s) => s.value === brief.value.starch)?.label
  return `${order}, noodles ${noodles}`
})

/** "Udon, 250 g for 2; spinach, 80 g for 1": what never goes into a pot. */
const beside = computed(() => {
  const byCut = new Map<string, { grams: number; guests: number }>()
  for (const { cut, grams } of plan.value.table.beside) {
    const own = byCut.get(cut) ?? { grams: 0, guests: 0 }
    byCut.set(cut, { grams: own.grams + grams, guests: own.guests + 1 })
  }
  return [...byCut]
    .map(([cut, { grams, guests: eaters }]) => {
      const name = plan.value.portions.cuts.find((c) => c.cut === cut)?.name ?? cut
      return `${name}, ${weight(brief.value.units, grams)} for ${eaters}`
    })
    .join('; ')
})

/** "fried rice in smoked tomato from 20:32, for 7. Not for Ada (eggs: vegan)." */
const ending = computed(() => {
  const end = plan.value.table.ending
  if (!end) return ''
  const what = ENDINGS.find((e) => e.value === end.kind)?.label
  const where = sides.value.find((s) => s.value === end.side)?.label ?? end.side
  const name = (id: string) => brief.value.guests.find((g) => g.id === id)?.name ?? id
  const without = end.without.map(({ guest: id, reason }) => `${name(id)} (${reason})`).join(', ')
  const said = `${what} in ${where} from ${clockAfter(began.value, end.from)}, for ${end.eaters.length}.`
  return without ? `${said} Not for ${without}.` : said
})

function pin(d: Drop, minute: number, toSide = d.side): void {
  party.edit('move a drop', (draft) => {
    draft.decisions.drops = pinsWith(draft.decisions.drops, d, minute, toSide)
  })
}

/** A weak moment, where it stands in the plan. */
function show(moment: Moment): void {
  reading.value = 'SIDE'
  second.value = moment.fromMinute * 60
  side.value = moment.side
  chosen.value = moment.drop
}

function free(d: Drop): void {
  party.edit('free a drop', (draft) => {
    draft.decisions.drops = pinsWithout(draft.decisions.drops, d)
  })
}
</script>

<template>
  <div class="head-line">
    <h1>Table, {{ brief.mealMinutes }} min</h1>
    <span class="quiet">everybody eats by</span>
    <span class="key"><FigureText :figure="plan.table.everybodyEats" /></span>
    <span class="quiet">longest wait</span>
    <span class="key"><FigureText :figure="plan.table.longestWait" /></span>
    <span class="quiet">cues</span>
    <span class="key"><FigureText :figure="plan.table.cuesPerMinute" /></span>
    <router-link v-if="mobile" class="chip solid run" :to="`/party/${party.id}/live`"
      >Run the table</router-link
    >
  </div>
  <CourseStrip v-if="!mobile" @change="dialog = true" />
  <div class="readings">
    <div class="chips" role="group" aria-label="Reading">
      <ChipChoice :options="READINGS" :on="reading" @choose="reading = $event" />
    </div>
    <label class="play">
      <span class="at">{{ clockAfter(began, second) }}</span>
      <input
        v-model.number="second"
        type="range"
        :min="-900"
        :max="plan.table.mealSeconds"
        step="30"
        aria-label="Minute of the evening"
      />
    </label>
    <button type="button" class="chip" @click="dialog = true">{{ said }}</button>
    <button type="button" class="chip" @click="phones = true">Phones</button>
  </div>
  <template v-if="reading === 'SIDE'">
    <template v-if="mobile">
      <div class="chips one" role="group" aria-label="Side">
        <ChipChoice :options="sides" :on="oneSide" @choose="side = $event" />
      </div>
      <AgendaList
        :rows="intoSide(brief, plan, oneSide)"
        :sit-down="began"
        :second="second"
        label="What goes into this side"
      />
    </template>
    <SequenceChart
      v-else
      v-model:second="second"
      :chosen="chosen"
      :weak="rehearsal.moments.value"
      :trial="trial"
      @choose="chosen = $event"
      @move="pin"
      @hold="hold"
      @let-go="end"
    />
    <TrialNote v-if="trial" :trial="trial" />
    <DropDetail
      v-if="drop"
      :drop="drop"
      @close="chosen = undefined"
      @move="(minute, to) => drop && pin(drop, minute, to)"
      @free="drop && free(drop)"
    />
  </template>
  <template v-else-if="reading === 'GUEST'">
    <template v-if="mobile">
      <div class="chips one" role="group" aria-label="Guest">
        <ChipChoice :options="guests" :on="oneGuest" @choose="guest = $event" />
      </div>
      <AgendaList
        :rows="eatenBy(brief, plan, oneGuest)"
        :sit-down="began"
        :second="second"
        label="What this guest eats"
      />
    </template>
    <GuestReading v-else v-model:second="second" />
  </template>
  <div v-else class="minders">
    <section v-for="minder in minders" :key="minder.minder">
      <h2>
        {{ minder.name }} <span class="quiet">{{ minder.rows.length }} cues</span>
      </h2>
      <AgendaList :rows="minder.rows" :sit-down="began" :second="second" :label="`Cues of ${minder.name}`" />
    </section>
  </div>
  <p v-if="ending" class="quiet beside"><b>The end:</b> {{ ending }}</p>
  <p v-if="beside" class="quiet beside"><b>Beside the pots:</b> {{ beside }}.</p>
  <StepNotes step="TABLE" />
  <div class="chips cards no-print">
    <a class="chip" :href="`/api/parties/${party.id}/table-card.pdf`" download>Table card (A4)</a>
    <a class="chip" :href="`/api/parties/${party.id}/guest-cards.pdf`" download>A card for each guest (A6)</a>
  </div>
  <ScorePanel />
  <ComparePanel />
  <RehearsalPanel :of="rehearsal" @show="show" />
  <PhonesDialog v-if="phones" v-model="phones" />
  <EatingDialog v-if="dialog" @close="dialog = false" />
</template>

<style scoped>
.head-line {
  margin-bottom: 8px;
}

.run {
  min-height: 48px;
  font-size: 15px;
  padding: 4px 16px;
  text-decoration: none;
}

.head-line .key {
  font-size: 20px;
}

.readings {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-bottom: 6px;
}

.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.beside {
  margin: 10px 0 0;
}

.cards {
  padding-top: 12px;
}

.one {
  padding: 6px 0 10px;
}

.play {
  display: flex;
  align-items: center;
  gap: 10px;
  flex: 1;
  min-width: 180px;
}

.play input {
  flex: 1;
  min-width: 0;
  accent-color: var(--rim);
  min-height: 30px;
}

.at {
  font: 650 17px var(--head);
}

.minders {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
  gap: 6px 28px;
}
</style>
