<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Journal } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { ATE } from '@/party/words'
import { sideName } from '@/party/sideNames'
import ChipChoice from '@/ui/ChipChoice.vue'
import MeasureInput from '@/ui/MeasureInput.vue'
import { vSaid } from '@/ui/said'
import { cents } from '@/steps/shopping/lists'
import LeftOvers from '@/steps/pots/LeftOvers.vue'
import KeepingList from './KeepingList.vue'
import LeftList from './LeftList.vue'
import LessonPanel from './LessonPanel.vue'
import NextDayList from './NextDayList.vue'
import TimingList from './TimingList.vue'
import { useJournal } from './useJournal'

/** Closing the evening: what is left, who ate how much, what it cost. All of it may be left out, and taken back. */
const { party, brief, plan } = useOpenParty()
const { journal, view, lesson, problem, load, edit, take } = useJournal(party.id)
void load()

const MARKS = [1, 2, 3, 4, 5].map((mark) => ({ value: String(mark), label: String(mark) }))
const taught = ref(false)

const ateOf = (guest: string) => journal.value?.guests.find((came) => came.guest === guest)?.ate ?? ''
const brothOf = (side: string) => journal.value?.broths.find((broth) => broth.side === side)?.ml

function came(guest: string, ate: Journal['guests'][number]['ate']): void {
  void edit((draft) => {
    const isTakenBack = ateOf(guest) === ate
    draft.guests = draft.guests.filter((one) => one.guest !== guest)
    if (!isTakenBack) draft.guests.push({ guest, ate })
  })
}

function pour(side: string, ml: number | null | undefined): void {
  void edit((draft) => {
    draft.broths = draft.broths.filter((broth) => broth.side !== side)
    if (typeof ml === 'number') draft.broths.push({ side, ml })
  })
}

const cost = computed(() =>
  journal.value?.costCents === undefined ? '' : (journal.value.costCents / 100).toFixed(2),
)
const setCost = (event: Event) => {
  const said = cents((event.target as HTMLInputElement).value)
  void edit((draft) => (draft.costCents = said))
}
const setNote = (event: Event) => {
  const note = (event.target as HTMLTextAreaElement).value
  void edit((draft) => (draft.note = note))
}
const setMark = (mark: string) =>
  edit((draft) => (draft.mark = draft.mark === Number(mark) ? undefined : Number(mark)))

async function takeLesson(): Promise<void> {
  await take()
  taught.value = !problem.value
}
</script>

<template>
  <div class="head-line">
    <h1>Afterwards</h1>
    <span class="quiet">Say what you know; the rest stays open.</span>
    <router-link class="chip push" :to="`/?again=${party.id}`">The next one like this</router-link>
  </div>
  <p v-if="problem" class="unmet" role="alert">{{ problem }}</p>
  <template v-if="journal && view">
    <LeftList class="part" :journal="journal" @edit="edit" />
    <section aria-label="Who ate how much">
      <h2>Who ate how much</h2>
      <ul class="said-rows pairs">
        <li v-for="guest in brief.guests" :key="guest.id">
          <span class="name">{{ guest.name }}</span>
          <span class="choice-row">
            <ChipChoice
              :options="ATE"
              :on="ateOf(guest.id)"
              :of="guest.name"
              @choose="(ate) => came(guest.id, ate as Journal['guests'][number]['ate'])"
            />
          </span>
        </li>
      </ul>
    </section>
    <section aria-label="Broth left">
      <h2>Broth left</h2>
      <div class="broths">
        <MeasureInput
          v-for="side in plan.broths.sides"
          :key="side.side"
          :units="brief.units"
          measure="volume"
          :label="sideName(brief, plan, side.side)"
          :model-value="brothOf(side.side)"
          @update:model-value="(ml) => pour(side.side, ml)"
        />
      </div>
    </section>
    <KeepingList v-if="view.keeping.length > 0" :party="party.id" :keeping="view.keeping" />
    <LeftOvers class="part" />
    <NextDayList v-if="view.nextDay.length > 0" class="part" :meals="view.nextDay" :brief="brief" />
    <TimingList class="part" :journal="journal" :timings="view.timings" @edit="edit" />
    <section class="last" aria-label="The evening">
      <label class="field">
        <span class="quiet">What it cost, {{ brief.currency }}</span>
        <input
          v-said="cost"
          class="line-input"
          inputmode="decimal"
          :placeholder="(plan.purchases.bill.value / 100).toFixed(2)"
          @change="setCost"
        />
      </label>
      <div class="choice-row" role="group" aria-label="How it was">
        <span class="quiet">how it was, 5 is best</span>
        <ChipChoice :options="MARKS" :on="String(journal.mark ?? '')" @choose="setMark" />
      </div>
      <label class="note">
        <span class="quiet">For the next time</span>
        <textarea v-said="journal.note" rows="3" maxlength="2000" @change="setNote" />
      </label>
    </section>
    <LessonPanel v-if="lesson" :lesson="lesson" :taught="taught" @take="takeLesson" />
  </template>
</template>

<style src="./rows.css" />

<style scoped>
section,
.part {
  padding-top: 22px;
}

.broths {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 10px 20px;
  padding-top: 8px;
}

.last {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: 14px 28px;
  align-items: end;
}

.note {
  grid-column: 1 / -1;
  display: grid;
}

.note textarea {
  font: inherit;
  color: inherit;
  background: transparent;
  border: 1px solid var(--hair);
  border-radius: 8px;
  padding: 8px 10px;
  resize: vertical;
}

@media (max-width: 700px) {
  .last {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
