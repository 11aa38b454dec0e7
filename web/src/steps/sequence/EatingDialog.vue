<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Course } from '@/api/types'
import KeepChip from '@/household/KeepChip.vue'
import { sideNames } from '@/party/sideNames'
import { useOpenParty } from '@/party/useOpenParty'
import { CATEGORIES } from '@/party/words'
import ChipChoice from '@/ui/ChipChoice.vue'
import { editCourses, ENDINGS, ORDERS, setOrder, STARCHES, TEMPOS, toggleKind } from './eating'

/** How the table eats: the order and its courses, when noodles come, how fast, and who minds the pots. */
const emit = defineEmits<{ close: [] }>()
const MOST_COURSES = 12

const { party, brief, plan } = useOpenParty()
const open = ref(true)
const shown = computed(() => plan.value.table.courses)
const starch = computed(() => brief.value.starch)
const tempo = computed(() => brief.value.tempo)
const ending = computed(() => brief.value.ending?.kind ?? 'NONE')
const sides = computed(() => sideNames(brief.value, plan.value))

function setEnding(kind: (typeof ENDINGS)[number]['value']): void {
  party.edit('choose the end', (draft) => {
    draft.ending = kind === 'NONE' ? undefined : { ...draft.ending, kind }
  })
}

/** In this side, or, tapped again, in the one that serves most. */
function endIn(side: string): void {
  party.edit('choose where it ends', (draft) => {
    if (draft.ending) draft.ending.side = draft.ending.side === side ? undefined : side
  })
}

const does = <T,>(choices: { value: T; does: string }[], value: T) =>
  choices.find((choice) => choice.value === value)?.does
const own = computed(() => (brief.value.order === 'OWN' ? brief.value.courses : []))
const people = computed(() => {
  const cooks = brief.value.cooks.map(({ id, name }) => ({ value: id, label: name }))
  const guests = brief.value.guests
    .filter(({ appetite, needs }) => {
      const child = appetite === 'CHILD' || appetite === 'TODDLER'
      return !child && needs.every((need) => need.kind !== 'SMALL_CHILD')
    })
    .filter((guest) => !cooks.some((cook) => cook.label === guest.name))
    .map(({ id, name }) => ({ value: id, label: name }))
  return [...cooks, ...guests]
})
const minders = computed(() => brief.value.minders)
const cutName = (cut: string) => plan.value.windows.find((w) => w.cut === cut)?.name ?? cut

function edit(label: string, change: (courses: Course[]) => void): void {
  party.edit(label, editCourses(shown.value, change))
}

function toggleMinder(id: string): void {
  party.edit('choose who minds', (draft) => {
    const now = draft.minders
    draft.minders = now.includes(id) ? now.filter((other) => other !== id) : [...now, id]
  })
}
</script>

<template>
  <v-dialog v-model="open" max-width="680" scrollable @after-leave="emit('close')">
    <v-card>
      <div class="top">
        <h2>How it is eaten</h2>
        <v-btn color="primary" @click="open = false">Done</v-btn>
      </div>
      <div class="body">
        <section>
          <h3>Order</h3>
          <div class="chips">
            <ChipChoice
              :options="ORDERS"
              :on="brief.order"
              @choose="(order) => party.edit('change the order', setOrder(order, shown))"
            />
          </div>
          <p class="quiet">{{ does(ORDERS, brief.order) }}</p>
          <div v-for="(course, i) in own" :key="i" class="course">
            <b>Course {{ i + 1 }}</b>
            <div class="chips">
              <ChipChoice
                :options="CATEGORIES"
                :on="course.kinds"
                :of="`in course ${i + 1}`"
                @choose="(kind) => edit('change a course', (all) => all[i] && toggleKind(all[i], kind))"
              />
              <button
                v-for="cut in course.cuts"
                :key="cut"
                type="button"
                class="chip"
                aria-pressed="true"
                @click="
                  edit('change a course', (all) => {
                    if (all[i]) all[i].cuts = all[i].cuts.filter((c) => c !== cut)
                  })
                "
              >
                {{ cutName(cut) }}
              </button>
            </div>
          </div>
          <button
            v-if="own.length > 0 && own.length < MOST_COURSES"
            type="button"
            class="chip"
            @click="edit('add a course', (all) => all.push({ kinds: ['MEAT'], cuts: [], share: 20 }))"
          >
            Add a course
          </button>
        </section>
        <section>
          <h3>Noodles and rice</h3>
          <div class="chips">
            <ChipChoice
              :options="STARCHES"
              :on="starch"
              of="noodles"
              @choose="(value) => party.edit('move the noodles', (draft) => (draft.starch = value))"
            />
          </div>
          <p class="quiet">{{ does(STARCHES, starch) }}</p>
        </section>
        <section>
          <h3>The end</h3>
          <div class="chips">
            <ChipChoice :options="ENDINGS" :on="ending" of="at the end" @choose="setEnding" />
          </div>
          <p class="quiet">{{ does(ENDINGS, ending) }}</p>
          <div v-if="ending !== 'NONE' && sides.length > 1" class="chips in">
            <span class="quiet">in</span>
            <ChipChoice :options="sides" :on="brief.ending?.side ?? ''" of="for the end" @choose="endIn" />
          </div>
        </section>
        <section>
          <h3>Tempo</h3>
          <div class="chips">
            <ChipChoice
              :options="TEMPOS"
              :on="tempo"
              of="tempo"
              @choose="(value) => party.edit('change the tempo', (draft) => (draft.tempo = value))"
            />
          </div>
          <p class="quiet">{{ does(TEMPOS, tempo) }}</p>
        </section>
        <section>
          <h3>Who minds the pots</h3>
          <div class="chips">
            <ChipChoice :options="people" :on="minders" of="minds" @choose="toggleMinder" />
          </div>
          <p class="quiet">
            {{
              minders.length === 0
                ? 'Nobody named: the cooks at the table share the pots.'
                : 'Each pot to one of them who reaches it, as even as can be.'
            }}
          </p>
        </section>
        <div class="chips"><KeepChip part="ORDER" what="this way of eating" /></div>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.top {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding-bottom: 10px;
}

.body {
  overflow: auto;
  display: grid;
  gap: 18px;
}

h3 {
  font: 650 16px var(--head);
  margin-bottom: 6px;
}

.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

p {
  margin: 6px 0 0;
  font-size: 14px;
}

.in {
  align-items: center;
  padding-top: 6px;
}

.course {
  display: grid;
  gap: 6px;
  padding: 10px 0;
  border-top: 1px solid var(--hair);
}
</style>
