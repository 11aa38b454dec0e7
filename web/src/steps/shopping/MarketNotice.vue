<script setup lang="ts">
import { computed, onMounted, onScopeDispose, ref, watch } from 'vue'
import { api, ask, NoConnection } from '@/api/client'
import type { MarketNews } from '@/api/types'
import { onceSoon } from '@/party/onceSoon'
import { useOpenParty } from '@/party/useOpenParty'

/** What the market says: new prices as one edit with its effect, or of when the prices are that serve. */
/** What is bought is paid, so the market is asked again a while after the last tick [ms]. */
const PAUSE_MS = 1500
const { party, plan } = useOpenParty()
const news = ref<MarketNews>()
const asking = ref(false)

async function askMarket(): Promise<void> {
  asking.value = true
  try {
    await party.save()
    news.value = await ask(api.GET('/api/parties/{id}/market', { params: { path: { id: party.id } } }))
  } catch (e) {
    if (!(e instanceof NoConnection)) throw e
    news.value = undefined
  } finally {
    asking.value = false
  }
}
onMounted(askMarket)

const askSoon = onceSoon(() => void askMarket())
onScopeDispose(askSoon.cancel)
const bought = computed(() =>
  plan.value.purchases.trips.flatMap((trip) => trip.lines.map((line) => line.boughtEvent ?? '')).join(),
)
watch(bought, () => askSoon.after(PAUSE_MS))

function take(): void {
  const edit = news.value?.edit
  if (!edit) return
  party.edit('take the market’s prices', (draft) => {
    draft.prices = edit.prices
    draft.shops = edit.shops
  })
  news.value = undefined
}
</script>

<template>
  <section v-if="news?.state === 'NEW' && news.effect" class="panel" aria-label="New prices">
    <div class="head">
      <p>
        {{ news.message }}
        <b v-if="news.effect.billBefore === news.effect.billAfter">The bill stays as it is.</b>
        <b v-else>The bill would go from {{ news.effect.billBefore }} to {{ news.effect.billAfter }}.</b>
      </p>
      <button type="button" class="chip solid" @click="take">Take these prices</button>
    </div>
    <details>
      <summary class="quiet">
        {{ news.effect.changes.length }} on your list change<template v-if="news.effect.soldOut.length > 0"
          >, {{ news.effect.soldOut.length }} sold out</template
        >
      </summary>
      <ul>
        <li v-for="change in news.effect.changes" :key="change.name">
          <span>{{ change.name }}</span> <span class="quiet">{{ change.was }}</span> <b>{{ change.now }}</b>
        </li>
        <li v-for="name in news.effect.soldOut" :key="name" class="unmet">{{ name }}: sold out</li>
        <li v-for="deal in news.effect.deals" :key="deal">{{ deal }}</li>
      </ul>
    </details>
  </section>
  <p v-else-if="news" class="market quiet" role="status">
    {{ news.message }}
    <button type="button" class="chip faint" :disabled="asking" @click="askMarket">Ask again</button>
  </p>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 6px 16px;
}

.head p {
  flex: 1 1 300px;
}

details {
  padding-top: 4px;
  font-size: 14.5px;
}

summary {
  cursor: pointer;
  min-height: 30px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 4px 0;
}

li {
  display: flex;
  gap: 10px;
  padding: 2px 0;
}

li span:first-child {
  flex: 1;
}

.market {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
  font-size: 14px;
  padding-bottom: 8px;
}

@media (max-width: 839px) {
  .head .chip,
  .market .chip {
    min-height: 44px;
  }
}
</style>
