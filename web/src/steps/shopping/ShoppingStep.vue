<script setup lang="ts">
import { mdiDotsHorizontal } from '@mdi/js'
import { computed, ref } from 'vue'
import { useDisplay } from 'vuetify'
import { usual } from '@/api/parts'
import type { Line, Plan } from '@/api/types'
import KeepChip from '@/household/KeepChip.vue'
import { freshId } from '@/party/edits'
import { useOpenParty } from '@/party/useOpenParty'
import StepNotes from '@/ui/StepNotes.vue'
import FigureText from '@/ui/FigureText.vue'
import TickBox from '@/ui/TickBox.vue'
import { clockText, dayText, nowIn } from '@/ui/time'
import { useKept } from '@/ui/useKept'
import ImportDialog from '../imports/ImportDialog.vue'
import type { ImportKind } from '../imports/imports'
import LineSheet from './LineSheet.vue'
import { nextTrip, tripLists } from './lists'
import MarketNotice from './MarketNotice.vue'
import OfferSheet from './OfferSheet.vue'
import PantryList from './PantryList.vue'
import Savings from './Savings.vue'
import TakeAlong from './TakeAlong.vue'
import TripSheet from './TripSheet.vue'

const MOST_SHOPS = 10
const { party, brief, plan } = useOpenParty()
/** In the shop the list comes first, all else below it. */
const { mobile } = useDisplay()
const trips = computed(() => tripLists(plan.value))
const opened = useKept<Line | undefined>('line', undefined)
const moving = ref<string>()
const importing = ref<ImportKind>()
const pricing = useKept<Plan['purchases']['unoffered'][number] | undefined>('offer', undefined)

function needOf(line: Line) {
  return plan.value.purchases.needs.find((need) => need.ingredient === line.ingredient)
}

/** Shops of the party from whose list nothing is bought. */
const idle = computed(() =>
  brief.value.shops.filter((shop) => !trips.value.some((trip) => trip.shop === shop.id)),
)

/** A shop of which nobody knows the prices; what no other offers is on its list. */
function addShop(): void {
  const id = freshId('shop', brief.value.shops)
  party.edit('add a shop', (draft) =>
    draft.shops.push({
      ...usual('Shop'),
      id,
      name: 'Shop',
      onMarket: false,
      tripAt: nextTrip(draft, nowIn(draft.zone, new Date())),
    }),
  )
  moving.value = id
}

/** Once all is bought no price matters any more. */
const asksMarket = computed(
  () =>
    brief.value.shops.some((shop) => shop.onMarket !== false) && trips.value.some((trip) => trip.left > 0),
)

const shopOf = (line: Line) =>
  trips.value.find((trip) => trip.lines.some(({ id }) => id === line.id))?.shop ?? ''

const left = (count: number, none: string) => (count === 0 ? none : `${count} left`)

async function tick(line: Line): Promise<void> {
  if (line.boughtEvent) {
    await party.record({ type: 'RETURNED', subject: line.boughtEvent })
  } else {
    await party.record({
      type: 'BOUGHT',
      subject: line.offer,
      ingredient: line.ingredient,
      count: line.count,
      grams: line.grams,
      priceCents: Math.round(line.cost.value),
    })
  }
}
</script>

<template>
  <div class="head-line">
    <h1>Shopping</h1>
    <span class="key"><FigureText :figure="plan.purchases.bill" /></span>
    <span class="quiet"
      >in {{ trips.length }} {{ trips.length === 1 ? 'shop' : 'shops' }}, prices of
      {{ dayText(brief.prices.asOf) }}</span
    >
    <TakeAlong v-if="!mobile" class="push no-print" />
  </div>
  <template v-if="!mobile">
    <MarketNotice v-if="asksMarket" class="no-print" />
    <Savings class="no-print" />
  </template>
  <section v-for="trip in trips" :key="trip.id" class="trip" :aria-label="trip.name">
    <div class="shop">
      <h2>{{ trip.name }}</h2>
      <button
        type="button"
        class="when row-button quiet"
        :aria-label="`Move the trip to ${trip.name}`"
        @click="moving = trip.shop"
      >
        {{ dayText(trip.at) }}, {{ clockText(trip.at) }}
      </button>
      <span class="left">{{ left(trip.left, 'all bought') }}</span>
      <span v-if="trip.paid.value > 0" class="quiet"> <FigureText :figure="trip.paid" /> paid of </span>
      <b><FigureText :figure="trip.bill" /></b>
    </div>
    <div v-for="{ aisle, left: inAisle, lines } in trip.aisles" :key="aisle" class="aisle">
      <h3>
        {{ aisle }} <span class="count">{{ left(inAisle, 'done') }}</span>
      </h3>
      <ul>
        <li v-for="line in lines" :key="line.id" :class="{ bought: line.boughtEvent }">
          <TickBox
            class="tick"
            :ticked="Boolean(line.boughtEvent)"
            :label="`${line.name}, ${line.amount}`"
            @tick="tick(line)"
          />
          <span class="name">{{ line.name }}</span>
          <span class="amount">{{ line.amount }}</span>
          <span class="why quiet">
            <template v-if="!line.boughtEvent && needOf(line)">
              for <FigureText :figure="needOf(line)!.missing" />{{ line.over ? `, ${line.over}` : ''
              }}{{ line.deal ? `, ${line.deal}` : '' }}
            </template>
            <template v-else>bought</template>
          </span>
          <span class="unit quiet">{{ line.unitPrice }}</span>
          <span class="cost"><FigureText :figure="line.cost" /></span>
          <button
            v-if="!line.boughtEvent"
            type="button"
            class="more no-print"
            :aria-label="`${line.name}: other size or price, none left, at home`"
            @click="opened = line"
          >
            <v-icon :icon="mdiDotsHorizontal" size="22" />
          </button>
        </li>
      </ul>
    </div>
    <p v-for="offer in trip.soldOut" :key="offer.offer" class="sold quiet">
      <span>{{ offer.name }}: none left on the shelf</span>
      <button
        type="button"
        class="chip"
        @click="party.record({ type: 'BACK_ON_SHELF', subject: offer.offer })"
      >
        There is some after all
      </button>
    </p>
  </section>
  <section v-if="plan.purchases.unoffered.length > 0" class="trip" aria-label="No offer">
    <h2>No shop offers</h2>
    <p v-for="rest in plan.purchases.unoffered" :key="rest.ingredient" class="unoffered">
      <span>{{ rest.name }}, <FigureText :figure="rest.missing" /></span>
      <button type="button" class="chip no-print" @click="pricing = rest">Say what it costs</button>
    </p>
  </section>
  <p class="no-print choice-row shops">
    <button v-for="shop in idle" :key="shop.id" type="button" class="chip faint" @click="moving = shop.id">
      {{ shop.name }}: nothing to buy there
    </button>
    <button type="button" class="chip" :disabled="brief.shops.length >= MOST_SHOPS" @click="addShop">
      Add a shop
    </button>
  </p>
  <p v-if="trips.length === 0" class="quiet">
    Nothing to buy: no guest eats anything yet, or all of it is at home.
  </p>
  <template v-if="mobile">
    <MarketNotice v-if="asksMarket" class="no-print" />
    <Savings class="no-print" />
    <TakeAlong class="no-print" />
  </template>
  <PantryList class="no-print" @import="importing = 'PANTRY'" />
  <p class="no-print prices choice-row">
    <span class="quiet"
      >Prices of {{ dayText(brief.prices.asOf) }}, {{ brief.prices.offers.length }} offers</span
    >
    <button type="button" class="chip faint" @click="importing = 'PRICES'">Add prices from a file</button>
    <KeepChip part="SHOPS" what="these shops and prices" />
  </p>
  <StepNotes step="SHOPPING" />
  <TripSheet v-if="moving" :key="moving" :shop-id="moving" @close="moving = undefined" />
  <ImportDialog v-if="importing" :kind="importing" @close="importing = undefined" />
  <OfferSheet
    v-if="pricing"
    :ingredient="pricing.ingredient"
    :name="pricing.name"
    :missing="pricing.missing.value"
    @close="pricing = undefined"
  />
  <LineSheet
    v-if="opened"
    :line="opened"
    :shop="shopOf(opened)"
    :needed="needOf(opened)?.withMargin.value ?? opened.grams"
    @close="opened = undefined"
  />
</template>

<style scoped>
.trip {
  margin-bottom: 22px;
}

.shop {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 12px;
  border-bottom: 2.5px solid var(--rim);
  padding-bottom: 4px;
}

.when {
  border-bottom: 1.5px dotted var(--hair);
}

.when:hover {
  border-bottom: 1.5px solid var(--rim);
}

.left {
  margin-left: auto;
}

.shop b {
  font: 650 20px var(--head);
}

h3 {
  font-size: 14px;
  color: var(--soft);
  padding-top: 10px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 44px minmax(120px, 1.3fr) 96px minmax(130px, 1.1fr) 96px 74px 40px;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  border-bottom: 1px solid var(--hair);
}

.bought .name,
.bought .amount {
  color: var(--soft);
  text-decoration: line-through;
}

.name {
  font-weight: 600;
}

.amount {
  font-weight: 600;
  white-space: nowrap;
}

.more {
  all: unset;
  cursor: pointer;
  width: 40px;
  height: 40px;
  display: grid;
  place-items: center;
  border-radius: 50%;
}

.more:hover {
  background: var(--well);
}

.more:focus-visible {
  outline: 3px solid var(--rim);
}

.count {
  font-weight: 400;
  margin-left: 6px;
}

.sold {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  padding: 6px 0 6px 52px;
  text-decoration-line: none;
}

.prices {
  padding: 14px 0 4px;
}

.shops {
  padding-bottom: 18px;
}

.unoffered {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 44px;
}

.why,
.unit {
  font-size: 13px;
}

.unit,
.cost {
  text-align: right;
  white-space: nowrap;
}

.cost {
  display: grid;
  justify-items: end;
  font-weight: 600;
}

@media (max-width: 839px) {
  li {
    grid-template-columns: 48px auto minmax(0, 1fr) auto 44px;
    grid-template-areas: 'tick name name cost more' 'tick amount why why more';
    gap: 0 10px;
    padding: 4px 0;
  }

  .tick {
    grid-area: tick;
  }

  .name {
    grid-area: name;
  }

  .amount {
    grid-area: amount;
    font-size: 14px;
  }

  .cost {
    grid-area: cost;
  }

  .why {
    grid-area: why;
  }

  /* it stands in the cost's working too */
  .unit {
    display: none;
  }

  .more {
    grid-area: more;
    width: 48px;
    height: 48px;
    justify-self: end;
  }

  .sold {
    padding-left: 0;
  }
}
</style>
