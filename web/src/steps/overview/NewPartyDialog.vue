<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import type { StartOffer } from '@/api/types'
import { useHousehold } from '@/household/store'
import { latest } from '@/party/latest'
import { onceSoon } from '@/party/onceSoon'
import ChipChoice from '@/ui/ChipChoice.vue'
import { localText, nowIn } from '@/ui/time'
import { useKept } from '@/ui/useKept'
import { evenings, figuresOf, keyOf, namesIn, withName } from './starts'

/** Who comes, when, and what the party begins as, each with what that comes to before it is chosen. */
const open = defineModel<boolean>({ required: true })
/** A past party the new one is to be like. */
const props = defineProps<{ from?: string }>()
const emit = defineEmits<{ created: [id: string] }>()
/** So long after the last letter the offers are counted anew [ms]. */
const PAUSE_MS = 500

const household = useHousehold()
const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
const days = evenings(localText(nowIn(zone, new Date())))
const title = useKept('new title', '')
const sitDown = useKept('new day', days.at(-1)?.value ?? '')
const names = useKept('new names', '')
const chosen = useKept<Pick<StartOffer, 'start' | 'from'>>(
  'new start',
  props.from ? { from: props.from } : { start: 'USUAL' },
)
const problem = ref('')
const offers = ref<StartOffer[]>([])
const counting = ref(true)
const guests = computed(() => namesIn(names.value))
const forWhom = computed(() => {
  const count = guests.value.length
  return count === 0 ? 'nobody yet' : `for ${count} ${count === 1 ? 'guest' : 'guests'}`
})
const people = computed(() =>
  (household.view?.household.people ?? []).map(({ name }) => ({ value: name, label: name })),
)
const there = computed(() =>
  people.value
    .map(({ value }) => value)
    .filter((name) => guests.value.some((guest) => guest.toLowerCase() === name.toLowerCase())),
)
const wish = computed(() => ({
  title: title.value || undefined,
  sitDown: `${sitDown.value}:00`,
  zone,
  guests: guests.value,
}))

const count = latest<typeof wish.value, StartOffer[]>(
  (body, signal) =>
    ask(api.POST('/api/starting-points', { params: { query: { from: props.from } }, body, signal })),
  (next) => {
    offers.value = next
    counting.value = false
    problem.value = ''
  },
  (e) => {
    counting.value = false
    problem.value = e instanceof Error ? e.message : String(e)
  },
)
const countSoon = onceSoon(() => sitDown.value && void count(wish.value))
watch([() => guests.value.join('\n'), sitDown], () => {
  counting.value = true
  countSoon.after(PAUSE_MS)
})
onMounted(() => {
  void household.load()
  void count(wish.value)
})

async function create(): Promise<void> {
  try {
    const party = await ask(api.POST('/api/parties', { body: { ...wish.value, ...chosen.value } }))
    emit('created', party.id)
  } catch (e) {
    problem.value = e instanceof Error ? e.message : String(e)
  }
}
</script>

<template>
  <v-dialog v-model="open" max-width="900" scrollable>
    <v-card class="steady">
      <form class="form" @submit.prevent="create">
        <div class="who">
          <h2>New party</h2>
          <div class="choice-row">
            <ChipChoice :options="days" :on="sitDown" @choose="sitDown = $event" />
          </div>
          <v-text-field v-model="sitDown" label="Sitting down" type="datetime-local" />
          <v-textarea
            v-model="names"
            label="Who comes? One name a line"
            rows="4"
            max-rows="9"
            auto-grow
            autofocus
          />
          <div v-if="people.length > 0" class="choice-row" role="group" aria-label="People you know">
            <ChipChoice :options="people" :on="there" @choose="names = withName(names, $event)" />
          </div>
          <v-text-field v-model="title" label="Title, or leave it to us" maxlength="80" />
        </div>
        <fieldset class="starts" :aria-busy="counting">
          <legend>
            Begin with
            <span class="quiet">{{ counting ? 'counting …' : forWhom }}</span>
          </legend>
          <label v-for="offer in offers" :key="keyOf(offer)" :class="{ on: keyOf(offer) === keyOf(chosen) }">
            <input
              type="radio"
              name="start"
              :checked="keyOf(offer) === keyOf(chosen)"
              @change="chosen = { start: offer.start, from: offer.from }"
            />
            <span class="name">{{ offer.label }}</span>
            <span class="hands">{{ offer.comesTo?.hands }}</span>
            <span class="quiet remark">{{ offer.remark }}</span>
            <span class="quiet figures">{{ figuresOf(offer) }}</span>
          </label>
        </fieldset>
        <p v-if="problem" class="unmet problem" role="alert">{{ problem }}</p>
        <div class="actions">
          <v-btn variant="text" @click="open = false">Cancel</v-btn>
          <v-btn color="primary" type="submit">Set the table</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
/* as high as with all that is offered, or it would jump from under the finger when that comes */
.steady {
  min-height: min(700px, calc(100dvh - 48px));
}

.form {
  flex: 1;
  display: grid;
  grid-template-rows: 1fr;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
  gap: 14px 28px;
  overflow: auto;
}

.who {
  display: grid;
  gap: 12px;
  align-content: start;
}

.starts {
  border: 0;
  margin: 0;
  padding: 0;
  min-width: 0;
}

legend {
  font: 650 18px var(--head);
  padding: 4px 0 8px;
}

legend .quiet {
  font: 400 14px var(--text);
  margin-left: 6px;
}

.starts label {
  display: grid;
  grid-template-columns: 26px minmax(0, 1fr) auto;
  grid-template-areas: 'dot name hands' '. remark remark' '. figures figures';
  align-items: baseline;
  padding: 8px 10px;
  border-radius: 12px;
  cursor: pointer;
  border-bottom: 1px solid var(--hair);
}

.starts label:hover {
  background: var(--well);
}

.starts label.on {
  background: var(--well);
  box-shadow: inset 0 0 0 2px var(--rim);
}

input[type='radio'] {
  grid-area: dot;
  accent-color: var(--rim);
}

.name {
  grid-area: name;
  font: 650 16px var(--head);
}

.hands {
  grid-area: hands;
  font: 650 17px var(--head);
}

.remark {
  grid-area: remark;
  font-size: 14px;
}

.figures {
  grid-area: figures;
  font-size: 14px;
}

.starts[aria-busy='true'] .hands,
.starts[aria-busy='true'] .figures {
  opacity: 0.4;
}

.problem,
.actions {
  grid-column: 1 / -1;
}

/* in sight however long the list is */
.actions {
  position: sticky;
  bottom: 0;
  display: flex;
  justify-content: flex-end;
  gap: 8px;
  padding-top: 8px;
  background: var(--sheet);
}

@media (max-width: 839px) {
  .form {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
