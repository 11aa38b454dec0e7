<script setup lang="ts">
import { mdiDeleteOutline, mdiPlus } from '@mdi/js'
import { onScopeDispose, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import type { PartySummary } from '@/api/types'
import { useMode } from '@/app/useMode'
import { isAway, RETRY_AFTER_MS, said } from '@/party/failures'
import { onceSoon } from '@/party/onceSoon'
import { numberWord } from '@/party/words'
import { clockText, countdown, dayText, localMs, nowIn } from '@/ui/time'
import { useNow } from '@/ui/useNow'
import { useKept } from '@/ui/useKept'
import NewPartyDialog from './NewPartyDialog.vue'

const router = useRouter()
const route = useRoute()
const now = useNow()
const { mode, toggle } = useMode()
const parties = ref<PartySummary[]>()
const problem = ref('')
const deleted = ref<PartySummary>()
const like = ref<string>()
const asking = useKept('new party', false)

async function load(): Promise<void> {
  try {
    parties.value = await ask(api.GET('/api/parties'))
    problem.value = ''
  } catch (e) {
    problem.value = said(e)
    if (isAway(e)) loadSoon.after(RETRY_AFTER_MS)
  }
}

const loadSoon = onceSoon(() => void load())
onScopeDispose(loadSoon.cancel)

/** @param past a party the new one is to be like */
function begin(past?: string): void {
  like.value = past
  asking.value = true
}

async function remove(party: PartySummary): Promise<void> {
  await ask(api.DELETE('/api/parties/{id}', { params: { path: { id: party.id } } }))
  deleted.value = party
  await load()
}

async function restore(): Promise<void> {
  if (!deleted.value) return
  await ask(api.POST('/api/parties/{id}/restore', { params: { path: { id: deleted.value.id } } }))
  deleted.value = undefined
  await load()
}

const until = (party: PartySummary) => countdown(localMs(party.sitDown) - nowIn(party.zone, now.value))

document.title = 'Lively Ladle'
void load()
/** Coming from the end of an evening, the next one begins as it was. */
if (route.query.again) begin(String(route.query.again))
</script>

<template>
  <div class="page">
    <header>
      <span class="brand">Lively Ladle</span>
      <router-link to="/household" class="chip push">Your household</router-link>
      <button type="button" class="chip" @click="toggle">{{ mode === 'day' ? 'Night' : 'Day' }}</button>
    </header>
    <main>
      <div class="head-line">
        <h1>Your parties</h1>
        <v-btn class="push" color="primary" size="large" :prepend-icon="mdiPlus" @click="begin()">
          New party
        </v-btn>
      </div>
      <p v-if="problem" class="unmet" role="alert">{{ problem }}</p>
      <ol v-if="parties && parties.length > 0">
        <li v-for="party in parties" :key="party.id">
          <router-link :to="`/party/${party.id}/guests`" class="party">
            <span class="when">
              <b>{{ dayText(party.sitDown) }}</b>
              <span class="quiet">{{ clockText(party.sitDown) }} · {{ until(party) }}</span>
            </span>
            <span class="title">{{ party.title }}</span>
            <span class="figures quiet">
              {{ numberWord(party.guests).toLowerCase() }} at the table · {{ party.cuts }} cuts
            </span>
            <svg
              class="broths"
              :viewBox="`0 0 ${party.tints.length * 26} 30`"
              :width="party.tints.length * 26"
              height="30"
              aria-hidden="true"
            >
              <circle
                v-for="(tint, i) in party.tints"
                :key="i"
                :cx="14 + i * 26"
                cy="15"
                r="10.5"
                :fill="`url(#broth-${tint})`"
                class="pot"
              />
            </svg>
          </router-link>
          <button
            type="button"
            class="chip faint"
            :aria-label="`Again as ${party.title}`"
            @click="begin(party.id)"
          >
            Again
          </button>
          <button type="button" class="delete" :aria-label="`Delete ${party.title}`" @click="remove(party)">
            <v-icon :icon="mdiDeleteOutline" size="20" />
          </button>
        </li>
      </ol>
      <p v-else-if="parties" class="empty quiet">
        No party yet. Say who comes and when; pots, a menu, prices and a plan are there at once, for you to
        change.
      </p>
    </main>
    <NewPartyDialog
      v-if="asking"
      v-model="asking"
      :from="like"
      @created="router.push(`/party/${$event}/guests`)"
    />
    <v-snackbar
      :model-value="deleted !== undefined"
      timeout="8000"
      color="primary"
      @update:model-value="deleted = undefined"
    >
      “{{ deleted?.title }}” is deleted.
      <template #actions>
        <v-btn variant="text" @click="restore">Undo</v-btn>
      </template>
    </v-snackbar>
  </div>
</template>

<style scoped>
.page {
  width: 100%;
  max-width: 980px;
  margin: 0 auto;
  padding: 0 20px 60px;
}

header {
  display: flex;
  align-items: center;
  gap: 8px;
  height: 60px;
}

header .push {
  margin-left: auto;
}

.brand {
  font: 700 20px var(--head);
}

main {
  background: var(--sheet);
  border-radius: 22px;
  padding: 26px 28px;
  box-shadow: 0 1px 0 var(--hair);
}

ol {
  list-style: none;
  padding: 0;
  margin: 10px 0 0;
}

li {
  display: flex;
  align-items: center;
  border-top: 1px solid var(--hair);
}

.party {
  flex: 1;
  display: grid;
  grid-template-columns: 170px 1fr auto;
  grid-template-areas: 'when title broths' 'when figures broths';
  gap: 2px 20px;
  padding: 16px 6px;
  color: inherit;
  text-decoration: none;
  border-radius: 10px;
}

.party:hover .title {
  text-decoration: underline;
  text-underline-offset: 4px;
}

.when {
  grid-area: when;
  display: grid;
}

.when b {
  font: 650 18px var(--head);
}

.title {
  grid-area: title;
  font: 650 20px var(--head);
}

.figures {
  grid-area: figures;
}

.broths {
  grid-area: broths;
  align-self: center;
}

.pot {
  stroke: var(--rim);
  stroke-width: 2.5;
}

.delete {
  all: unset;
  cursor: pointer;
  width: 44px;
  height: 44px;
  display: grid;
  place-items: center;
  border-radius: 50%;
  color: var(--soft);
}

.delete:hover,
.delete:focus-visible {
  background: var(--hair);
  color: var(--ink);
}

.empty {
  padding: 20px 0;
  max-width: 46ch;
}

@media (max-width: 839px) {
  .page {
    padding: 0 8px 40px;
  }

  main {
    padding: 18px 14px;
  }

  .party {
    grid-template-columns: 1fr;
    grid-template-areas: 'title' 'when' 'figures' 'broths';
  }

  .broths {
    margin-top: 6px;
  }
}
</style>
