<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Brief } from '@/api/types'
import { goAt } from '@/party/edits'
import { useOpenParty } from '@/party/useOpenParty'
import { AISLES, labelOf } from '@/party/words'
import { serverNow } from '@/api/client'
import ChipChoice from '@/ui/ChipChoice.vue'
import OrderedList from '@/ui/OrderedList.vue'
import { clockText, dayText, nowIn } from '@/ui/time'
import { inOneTrip, secondTrip, todayAt } from './lists'
import { vSaid } from '@/ui/said'
import WhenInput from '@/ui/WhenInput.vue'

type Shop = Brief['shops'][number]
type Day = Shop['closedOn'][number]

/** A shop: its name, when the host goes there, when it opens, how the host walks it. */
const props = defineProps<{ shopId: string }>()
const emit = defineEmits<{ close: [] }>()

const DAYS: { value: Day; label: string }[] = [
  { value: 'MONDAY', label: 'Mon' },
  { value: 'TUESDAY', label: 'Tue' },
  { value: 'WEDNESDAY', label: 'Wed' },
  { value: 'THURSDAY', label: 'Thu' },
  { value: 'FRIDAY', label: 'Fri' },
  { value: 'SATURDAY', label: 'Sat' },
  { value: 'SUNDAY', label: 'Sun' },
]
const { party, brief } = useOpenParty()
const open = ref(true)
const shop = computed(() => brief.value.shops.find((s) => s.id === props.shopId))

function change(label: string, edit: (shop: Shop) => void): void {
  party.edit(label, (draft) => {
    const found = draft.shops.find((s) => s.id === props.shopId)
    if (found) edit(found)
  })
}

function rename(event: Event): void {
  const name = (event.target as HTMLInputElement).value.trim()
  if (name) change('rename a shop', (s) => (s.name = name))
}

function remove(): void {
  party.edit('remove a shop', (draft) => (draft.shops = draft.shops.filter((s) => s.id !== props.shopId)))
  open.value = false
}

function move(at: string): void {
  if (at) change('move a trip', (s) => goAt(s, `${at}:00`))
}

function toggle(day: Day): void {
  change('change closing days', (s) => {
    s.closedOn = s.closedOn.includes(day) ? s.closedOn.filter((d) => d !== day) : [...s.closedOn, day]
  })
}

/** Every aisle, the host's own order first. */
const walk = computed(() => [
  ...new Set([...(shop.value?.aisles ?? []), ...AISLES.map((aisle) => aisle.value)]),
])

const aisles = computed(() => walk.value.map((aisle) => ({ value: aisle, label: labelOf(AISLES, aisle) })))
const setWalk = (order: typeof walk.value) => change('change the order of aisles', (s) => (s.aisles = order))

const today = computed(
  () => shop.value && todayAt(shop.value, nowIn(brief.value.zone, new Date(serverNow()))),
)
const goToday = (at: string) => change('go today', (s) => goAt(s, at))

const again = computed(() => shop.value && secondTrip(brief.value, shop.value))
const goAgain = (at?: string) => change('change the second trip', (s) => goAt(s, s.tripAt, at))

/** An empty field means that nobody knows; closing before opening is put right by leaving the other open. */
function setHour(field: 'opens' | 'closes', time: string): void {
  change('change opening hours', (s) => {
    s[field] = time ? `${time}:00` : undefined
    if (s.opens && s.closes && s.opens >= s.closes) s[field === 'opens' ? 'closes' : 'opens'] = undefined
  })
}
</script>

<template>
  <v-dialog v-if="shop" v-model="open" max-width="440" scrollable @after-leave="emit('close')">
    <v-card>
      <label class="name">
        <span class="quiet">Shop</span>
        <input v-said="shop.name" class="line-input" maxlength="60" @change="rename" />
      </label>
      <label class="at">
        <span class="quiet">Going there</span>
        <WhenInput type="datetime-local" :value="shop.tripAt.slice(0, 16)" @said="move" />
      </label>
      <label v-if="shop.againAt" class="at">
        <span class="quiet">And again, for what does not keep</span>
        <WhenInput
          type="datetime-local"
          :value="shop.againAt.slice(0, 16)"
          @said="goAgain($event && `${$event}:00`)"
        />
      </label>
      <div class="choice-row trips">
        <button v-if="today" type="button" class="chip" @click="goToday(today)">
          Today at {{ clockText(today) }}
        </button>
        <button
          v-if="brief.shops.length > 1"
          type="button"
          class="chip"
          @click="party.edit('shop in one trip', inOneTrip(shopId))"
        >
          All shops in one trip
        </button>
        <button v-if="shop.againAt" type="button" class="chip faint" @click="goAgain('')">Only once</button>
        <button v-else-if="again" type="button" class="chip" @click="goAgain(again)">
          Again on {{ dayText(again) }}, {{ clockText(again) }}
        </button>
      </div>
      <p class="quiet">Closed on</p>
      <div class="days">
        <ChipChoice :options="DAYS" :on="shop.closedOn ?? []" @choose="toggle" />
      </div>
      <div class="hours">
        <label class="field">
          <span class="quiet">Opens</span>
          <WhenInput type="time" :value="shop.opens?.slice(0, 5) ?? ''" @said="setHour('opens', $event)" />
        </label>
        <label class="field">
          <span class="quiet">Closes</span>
          <WhenInput type="time" :value="shop.closes?.slice(0, 5) ?? ''" @said="setHour('closes', $event)" />
        </label>
      </div>
      <div class="choice-row market">
        <button
          type="button"
          class="chip"
          :aria-pressed="shop.onMarket !== false"
          @click="change('change where prices come from', (s) => (s.onMarket = s.onMarket === false))"
        >
          prices from the market
        </button>
        <span class="quiet">{{
          shop.onMarket === false
            ? 'You say what things cost, or nobody does.'
            : 'It tells what the shop has.'
        }}</span>
      </div>
      <p class="quiet">Aisles in the order you walk</p>
      <OrderedList class="aisles" :options="aisles" @order="setWalk" />
      <div class="foot">
        <button type="button" class="chip faint" @click="remove">Not this shop</button>
        <v-btn color="primary" @click="open = false">Done</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.at {
  display: grid;
  padding: 12px 0;
}

.at input {
  font: 650 18px var(--text);
  color: inherit;
  background: transparent;
  border: 0;
  border-bottom: 2px solid var(--rim);
  padding: 6px 2px;
}

.days {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 4px 0 16px;
}

.hours {
  display: flex;
  gap: 20px;
  padding-bottom: 14px;
}

.market {
  padding-bottom: 14px;
}

.aisles {
  margin: 0 0 14px;
}

.trips {
  padding-bottom: 14px;
}

.name {
  display: grid;
}

.name input {
  font: 650 20px var(--head);
}

.foot {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
</style>
