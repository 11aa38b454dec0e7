<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Journal } from '@/api/types'
import { usual } from '@/api/parts'
import { useOpenParty } from '@/party/useOpenParty'
import { ATE, LEFT_PARTS, LEFT_STATES } from '@/party/words'
import { sideName } from '@/party/sideNames'
import ChipChoice from '@/ui/ChipChoice.vue'
import FigureText from '@/ui/FigureText.vue'
import MeasureInput from '@/ui/MeasureInput.vue'
import { vSaid } from '@/ui/said'
import { cents } from '@/steps/shopping/lists'
import KeepingList from './KeepingList.vue'
import LessonPanel from './LessonPanel.vue'
import { useJournal } from './useJournal'

/** Closing the evening: what is left, who ate how much, what it cost. All of it may be left out, and taken back. */
const { party, brief, plan } = useOpenParty()
const { journal, view, lesson, problem, load, edit, take } = useJournal(party.id)
void load()

type Left = Journal['left'][number]
const MARKS = [1, 2, 3, 4, 5].map((mark) => ({ value: String(mark), label: String(mark) }))
const weighing = ref<string>()
const taught = ref(false)

const rows = computed(() =>
  plan.value.portions.cuts
    .filter((cut) => cut.grams.value > 0)
    .map((cut) => ({ ...cut, left: journal.value?.left.find((left) => left.cut === cut.cut) })),
)
const unsaid = computed(() => rows.value.filter((row) => !row.left).length)
const ateOf = (guest: string) => journal.value?.guests.find((came) => came.guest === guest)?.ate ?? ''
const brothOf = (side: string) => journal.value?.broths.find((broth) => broth.side === side)?.ml

/** A tap on what was said takes it back. */
function say(cut: string, change: Partial<Left>): void {
  void edit((draft) => {
    const was = draft.left.find((left) => left.cut === cut)
    const isTakenBack = was && change.part && was.part === change.part && was.grams === undefined
    const others = draft.left.filter((left) => left.cut !== cut)
    draft.left = isTakenBack
      ? others
      : [...others, { ...usual('JournalLeft'), cut, ...was, grams: undefined, ...change }]
  })
}

/** A weight counts in place of the word. */
function weigh(cut: string, grams: number | null | undefined): void {
  say(cut, typeof grams === 'number' ? { grams, part: 'NONE' } : { part: undefined })
}

const nothingLeft = () =>
  edit((draft) => {
    for (const row of rows.value)
      if (!draft.left.some((left) => left.cut === row.cut))
        draft.left.push({ ...usual('JournalLeft'), cut: row.cut })
  })

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
    <section aria-label="What is left">
      <div class="title">
        <h2>What is left</h2>
        <button v-if="unsaid > 0" type="button" class="chip" @click="nothingLeft">
          {{ unsaid === rows.length ? 'Nothing is left' : 'Nothing of the rest' }}
        </button>
      </div>
      <ul class="rows">
        <li v-for="row in rows" :key="row.cut">
          <span class="name">{{ row.name }}</span>
          <span class="of"><FigureText :figure="row.grams" /></span>
          <span class="choice-row">
            <ChipChoice
              :options="LEFT_PARTS"
              :on="row.left && row.left.grams === undefined ? row.left.part : ''"
              :of="`of ${row.name} left`"
              @choose="(part) => say(row.cut, { part: part as Left['part'] })"
            />
            <MeasureInput
              v-if="weighing === row.cut || row.left?.grams !== undefined"
              inline
              class="weight"
              :units="brief.units"
              measure="weight"
              :label="`${row.name} left`"
              :model-value="row.left?.grams"
              @update:model-value="(grams) => weigh(row.cut, grams)"
            />
            <button v-else type="button" class="chip faint" @click="weighing = row.cut">weighed</button>
          </span>
          <span
            v-if="row.left && (row.left.part !== 'NONE' || row.left.grams)"
            class="choice-row state"
            role="group"
            :aria-label="`Where ${row.name} was`"
          >
            <ChipChoice
              :options="LEFT_STATES"
              :on="row.left.state"
              @choose="(state) => say(row.cut, { ...row.left, part: undefined, state })"
            />
          </span>
        </li>
      </ul>
    </section>
    <section aria-label="Who ate how much">
      <h2>Who ate how much</h2>
      <ul class="rows">
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
    <KeepingList v-if="view.keeping.length > 0" :keeping="view.keeping" />
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

<style scoped>
section {
  padding-top: 22px;
}

.title {
  display: flex;
  align-items: baseline;
  gap: 16px;
}

.rows {
  list-style: none;
  padding: 0;
}

.rows li {
  display: grid;
  grid-template-columns: minmax(150px, 1.2fr) 72px minmax(0, 3fr);
  align-items: center;
  gap: 4px 14px;
  padding: 7px 0;
  border-bottom: 1px solid var(--hair);
}

.rows li:has(> :nth-child(2):last-child) {
  grid-template-columns: minmax(150px, 1.2fr) minmax(0, 3.6fr);
}

.name {
  font-weight: 600;
}

.of {
  text-align: right;
  font-variant-numeric: tabular-nums;
}

.state {
  grid-column: 3;
}

.weight {
  width: 110px;
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
  .rows li,
  .rows li:has(> :nth-child(2):last-child) {
    grid-template-columns: minmax(0, 1fr) auto;
  }

  .rows .choice-row {
    grid-column: 1 / -1;
  }

  .last {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
