<script setup lang="ts">
import { computed } from 'vue'
import type { Line } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import CautionList from '@/ui/CautionList.vue'
import FigureText from '@/ui/FigureText.vue'
import TickBox from '@/ui/TickBox.vue'
import PantryList from './PantryList.vue'
import { clockText, dayText } from '@/ui/time'

const { party, brief, plan } = useOpenParty()
const trips = computed(() =>
  plan.value.purchases.trips.map((trip) => ({
    ...trip,
    left: trip.lines.filter((line) => !line.boughtEvent).length,
    aisles: [...new Set(trip.lines.map((line) => line.aisle))].map((aisle) => ({
      aisle,
      lines: trip.lines.filter((line) => line.aisle === aisle),
    })),
  })),
)

function needOf(line: Line) {
  return plan.value.purchases.needs.find((need) => need.ingredient === line.ingredient)
}

/** What is needed of it is at home already. */
function haveIt(line: Line): void {
  const grams = Math.ceil(needOf(line)?.withMargin.value ?? line.grams)
  party.edit('have it at home', (draft) => {
    draft.pantry = draft.pantry.filter((item) => item.ingredient !== line.ingredient)
    draft.pantry.push({ ingredient: line.ingredient, grams })
  })
}

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
  </div>
  <section v-for="trip in trips" :key="trip.shop" class="trip" :aria-label="trip.name">
    <div class="shop">
      <h2>{{ trip.name }}</h2>
      <span class="quiet">{{ dayText(trip.at) }}, {{ clockText(trip.at) }}</span>
      <span class="left">{{ trip.left === 0 ? 'all bought' : `${trip.left} to buy` }}</span>
      <b><FigureText :figure="trip.bill" /></b>
    </div>
    <div v-for="{ aisle, lines } in trip.aisles" :key="aisle" class="aisle">
      <h3>{{ aisle }}</h3>
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
              for <FigureText :figure="needOf(line)!.missing" />{{ line.over ? `, ${line.over}` : '' }}
            </template>
            <template v-else>bought</template>
            <button v-if="!line.boughtEvent" type="button" class="have" @click="haveIt(line)">have it</button>
          </span>
          <span class="unit quiet">{{ line.unitPrice }}</span>
          <span class="cost"><FigureText :figure="line.cost" /></span>
        </li>
      </ul>
    </div>
  </section>
  <section v-if="plan.purchases.unoffered.length > 0" class="trip" aria-label="No offer">
    <h2>No shop offers</h2>
    <p v-for="rest in plan.purchases.unoffered" :key="rest.ingredient">
      {{ rest.name }}, <FigureText :figure="rest.missing" />
    </p>
  </section>
  <p v-if="trips.length === 0" class="quiet">
    Nothing to buy: no guest eats anything yet, or all of it is at home.
  </p>
  <PantryList />
  <CautionList step="SHOPPING" />
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
  grid-template-columns: 44px minmax(120px, 1.2fr) 92px minmax(170px, 1.4fr) 96px 74px;
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

.have {
  all: unset;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
  margin-left: 10px;
  padding: 6px 4px;
}

.have:focus-visible {
  outline: 3px solid var(--rim);
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
    grid-template-columns: 48px minmax(0, 1fr) auto auto;
    grid-template-areas: 'tick name amount cost' 'tick why why unit';
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
  }

  .cost {
    grid-area: cost;
  }

  .why {
    grid-area: why;
  }

  .unit {
    grid-area: unit;
  }
}
</style>
