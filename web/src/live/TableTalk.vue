<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, NoConnection, serverNow } from '@/api/client'
import type { Said } from '@/api/types'
import { sideName, sideNames } from '@/party/sideNames'
import { useOpenParty } from '@/party/useOpenParty'
import { weight } from '@/ui/units'
import BrothTalk from './BrothTalk.vue'
import { newId } from '@/ui/newId'
import { helping, minutes, type Helping, type Run } from './running'
import type { Probe } from './useProbe'

/** What people do otherwise: who is full, late or gone, wants more, drops something, pours, gives a speech. */
const open = defineModel<boolean>({ required: true })
defineProps<{ run: Run; probe: Probe }>()
const emit = defineEmits<{ say: [event: Said, text: string] }>()
const { party, brief, plan, catalogue } = useOpenParty()

const now = computed(() => plan.value.table.now)
const guests = computed(() =>
  brief.value.guests.map((guest) => ({
    ...guest,
    state: now.value.guests.find((one) => one.guest === guest.id),
  })),
)
const cuts = computed(() => plan.value.portions.cuts)
const spare = computed(() =>
  now.value.spare.map((one) => ({
    ...one,
    name: cuts.value.find((cut) => cut.cut === one.cut)?.name ?? one.cut,
  })),
)
const offered = computed(() =>
  spare.value.filter((one) => !wanting.value || one.mayEat.includes(wanting.value)),
)
const notFor = computed(() =>
  spare.value.filter((one) => !offered.value.includes(one)).map((one) => one.name),
)
const ingredients = computed(() => {
  const seen = new Map<string, string>()
  for (const cut of cuts.value) {
    const id = catalogue.value.cuts.find((one) => one.id === cut.cut)?.ingredient
    const name = catalogue.value.ingredients.find((one) => one.id === id)?.name
    if (id && name) seen.set(id, name)
  }
  return [...seen].map(([id, name]) => ({ id, name }))
})
const sides = computed(() => sideNames(brief.value, plan.value))
const wanting = ref<string>()
const fellInto = ref<string>()
const tab = ref<'guests' | 'more' | 'fell' | 'broth' | 'out'>('guests')
const TABS = [
  { value: 'guests', label: 'A guest' },
  { value: 'more', label: 'Second helping' },
  { value: 'fell', label: 'Fell into a side' },
  { value: 'broth', label: 'A broth' },
  { value: 'out', label: 'None left' },
] as const

function say(event: Said, text: string): void {
  emit('say', event, text)
  open.value = false
  wanting.value = fellInto.value = offer.value = undefined
}
const everything = computed(() =>
  [...catalogue.value.ingredients].sort((a, b) => a.name.localeCompare(b.name)),
)
function fell(id: string): void {
  const what = everything.value.find((one) => one.id === id)?.name ?? id
  if (fellInto.value) say({ type: 'FELL_IN', side: fellInto.value, ingredient: id }, `${what} fell in`)
}

/** A helping somebody asked for, looked at before it is given. */
interface Offer {
  guest: string
  cut: string
  name: string
  helping?: Helping
}
const offer = ref<Offer>()
const offerBox = ref<HTMLElement>()
watch(wanting, () => (offer.value = undefined))
watch(offerBox, (box) => box?.scrollIntoView({ block: 'nearest' }))

async function look(guest: string, cut: string, name: string): Promise<void> {
  const event = { type: 'WANTS', guest, cut } as const
  const body = { ...event, id: newId(), at: new Date(serverNow()).toISOString() }
  try {
    const after = await ask(api.POST('/api/parties/{id}/table', { params: { path: { id: party.id } }, body }))
    offer.value = { guest, cut, name, helping: helping(plan.value.table, after, guest, cut) }
  } catch (e) {
    if (!(e instanceof NoConnection)) throw e
    // nobody can look ahead now: it is marked, and found a place for as soon as there is a connection
    give({ guest, cut, name })
  }
}

const give = ({ guest, cut, name }: Offer) =>
  say({ type: 'WANTS', guest, cut }, `More ${name} for ${nameOf(guest)}`)
const grams = (of: number) => weight(brief.value.units, of)

const nameOf = (id: string) => brief.value.guests.find((guest) => guest.id === id)?.name ?? id
const bite = (next?: number) =>
  next === undefined ? 'nothing more to come' : `next bite in ${minutes(next - now.value.at)}`
</script>

<template>
  <v-dialog v-model="open" max-width="720" scrollable>
    <v-card class="talk" title="At the table">
      <v-card-text>
        <div class="chips" role="group" aria-label="What">
          <button
            v-for="one in TABS"
            :key="one.value"
            type="button"
            class="chip"
            :aria-pressed="tab === one.value"
            @click="tab = one.value"
          >
            {{ one.label }}
          </button>
        </div>
        <ul v-if="tab === 'guests'" class="rows">
          <li v-for="guest in guests" :key="guest.id">
            <div>
              <b>{{ guest.name }}</b>
              <span class="quiet">
                {{ grams(guest.state?.grams ?? 0) }} eaten ·
                {{ guest.state?.there ? bite(guest.state?.nextBite) : 'not eating' }}
              </span>
            </div>
            <template v-if="guest.state?.there">
              <button
                type="button"
                class="chip"
                @click="say({ type: 'FULL', guest: guest.id }, `${guest.name} is full`)"
              >
                Full
              </button>
              <button
                type="button"
                class="chip"
                @click="say({ type: 'LEFT', guest: guest.id }, `${guest.name} is away`)"
              >
                Away
              </button>
            </template>
            <button
              v-else
              type="button"
              class="chip"
              @click="say({ type: 'ARRIVED', guest: guest.id }, `${guest.name} is there`)"
            >
              Is there
            </button>
          </li>
        </ul>
        <template v-else-if="tab === 'more'">
          <p class="ask">Who wants more?</p>
          <div class="chips">
            <button
              v-for="guest in guests.filter((one) => one.state?.there || one.state?.grams)"
              :key="guest.id"
              type="button"
              class="chip"
              :aria-pressed="wanting === guest.id"
              @click="wanting = guest.id"
            >
              {{ guest.name }}
            </button>
          </div>
          <p class="ask">Of what? This is what others leave.</p>
          <div class="chips">
            <button
              v-for="one in offered"
              :key="one.cut"
              type="button"
              class="chip"
              :disabled="!wanting"
              :aria-pressed="offer?.cut === one.cut"
              @click="wanting && look(wanting, one.cut, one.name)"
            >
              {{ one.name }}, {{ one.amount }}
            </button>
          </div>
          <p v-if="wanting && notFor.length > 0" class="quiet">
            Not for {{ nameOf(wanting) }}: {{ notFor.join(', ') }}.
          </p>
          <div v-if="offer" ref="offerBox" class="offer" role="status">
            <p v-if="offer.helping">
              <b>{{ grams(offer.helping.grams) }} of {{ offer.name }} for {{ nameOf(offer.guest) }}</b
              >, into {{ sideName(brief, plan, offer.helping.side) }}
              {{ offer.helping.putIn > now.at ? `in ${minutes(offer.helping.putIn - now.at)}` : 'at once' }}.
            </p>
            <p v-else>It finds no place in a side open to {{ nameOf(offer.guest) }} any more.</p>
            <p v-for="text in offer.helping?.moves" :key="text" class="quiet">Moves: {{ text }}</p>
            <button v-if="offer.helping" type="button" class="chip solid" @click="give(offer)">
              Put it in for {{ nameOf(offer.guest) }}
            </button>
          </div>
          <p v-if="spare.length === 0" class="quiet">
            Nothing yet: every piece is for somebody. What a full guest leaves, or what is skipped, shows
            here.
          </p>
        </template>
        <template v-else-if="tab === 'fell'">
          <p class="ask">Into which side?</p>
          <div class="chips">
            <button
              v-for="side in sides"
              :key="side.value"
              type="button"
              class="chip"
              :aria-pressed="fellInto === side.value"
              @click="fellInto = side.value"
            >
              {{ side.label }}
            </button>
          </div>
          <p class="ask">What?</p>
          <div class="chips">
            <button
              v-for="one in ingredients"
              :key="one.id"
              type="button"
              class="chip"
              :disabled="!fellInto"
              @click="fell(one.id)"
            >
              {{ one.name }}
            </button>
          </div>
          <v-autocomplete
            :model-value="null"
            :items="everything"
            item-title="name"
            item-value="id"
            :disabled="!fellInto"
            label="Something else: a sauce, nuts, a drink"
            hide-details
            @update:model-value="(id: string | null) => id && fell(id)"
          />
          <p class="caution">
            Fishing it out does not make the side safe again for somebody with an allergy. When in doubt,
            nobody with one eats from it.
          </p>
        </template>
        <BrothTalk v-else-if="tab === 'broth'" :probe="probe" @say="say" />
        <div v-else class="chips rows">
          <button
            v-for="cut in cuts"
            :key="cut.cut"
            type="button"
            class="chip"
            @click="say({ type: 'OUT_OF', cut: cut.cut }, `No ${cut.name} left`)"
          >
            {{ cut.name }}
          </button>
        </div>
      </v-card-text>
      <v-card-actions class="ends">
        <button
          v-if="!run.paused && !run.finished"
          type="button"
          class="chip"
          @click="say({ type: 'PAUSED' }, 'Paused')"
        >
          Pause for a speech
        </button>
        <button
          v-if="!run.finished"
          type="button"
          class="chip"
          @click="say({ type: 'FINISHED' }, 'Finished')"
        >
          Finish the meal
        </button>
        <v-spacer />
        <button type="button" class="chip" @click="open = false">Close</button>
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.offer {
  display: grid;
  gap: 8px;
  justify-items: start;
  padding: 12px 16px;
  margin-bottom: 12px;
  border: 2px solid var(--rim);
  border-radius: 14px;
}

.rows {
  list-style: none;
  margin: 0;
  padding: 0;
}

.rows li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 8px;
  align-items: center;
  padding: 5px 0;
  border-top: 1px solid var(--hair);
}

.rows li div {
  display: grid;
}

.ends {
  flex-wrap: wrap;
  gap: 8px;
  padding: 12px 24px;
}
</style>
