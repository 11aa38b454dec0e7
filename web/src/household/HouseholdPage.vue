<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Household } from '@/api/types'
import { useMode } from '@/app/useMode'
import ClashDialog from '@/ui/ClashDialog.vue'
import BackupPart from './BackupPart.vue'
import LookBack from './LookBack.vue'
import PeopleList from './PeopleList.vue'
import { houseOf, ownOf } from './rows'
import { useHousehold } from './store'

/** What is kept from party to party: looked through, forgotten, taken out as a file and put in from one. */
const household = useHousehold()
const { mode, toggle } = useMode()
const kept = computed(() => household.view?.household)
const replaced = ref(false)
void household.load()
document.title = 'Your household · Lively Ladle'

const groups = computed(() =>
  kept.value
    ? [
        { title: 'House', rows: houseOf(kept.value), none: '' },
        { title: 'Of your own', rows: ownOf(kept.value), none: 'No food or broth of your own yet.' },
      ]
    : [],
)

const file = computed(() =>
  URL.createObjectURL(new Blob([JSON.stringify(kept.value, null, 2)], { type: 'application/json' })),
)

async function read(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const text = await input.files?.[0]?.text()
  input.value = ''
  if (text === undefined) return
  try {
    replaced.value = await household.replace(JSON.parse(text) as Household)
  } catch {
    household.problem = 'This is no household.json: it could not be read as JSON.'
  }
}
</script>

<template>
  <div class="page">
    <header>
      <router-link to="/" class="brand">Lively Ladle</router-link>
      <button type="button" class="chip push" @click="toggle">{{ mode === 'day' ? 'Night' : 'Day' }}</button>
    </header>
    <main>
      <div class="head-line">
        <h1>Your household</h1>
        <span class="quiet">What every new party begins with. A party stays as it was.</span>
      </div>
      <p v-if="household.problem" class="unmet" role="alert">{{ household.problem }}</p>
      <p v-if="replaced" role="status">The file is taken in.</p>
      <template v-if="kept">
        <PeopleList :kept="kept" />
        <section v-for="group in groups" :key="group.title" class="kept-group" :aria-label="group.title">
          <h2>{{ group.title }}</h2>
          <p v-if="group.rows.length === 0" class="quiet">{{ group.none }}</p>
          <ul class="kept">
            <li v-for="row in group.rows" :key="row.part + row.id">
              <b>{{ row.name }}</b>
              <span class="quiet says">{{ row.says }}</span>
              <button
                v-if="!row.usual"
                type="button"
                class="chip faint"
                :aria-label="`Forget ${row.name}`"
                @click="household.forget(row.part, row.id)"
              >
                Forget
              </button>
            </li>
          </ul>
        </section>
        <div class="choice-row files">
          <a class="chip" :href="file" download="household.json">Take it along as a file</a>
          <label class="chip">
            Put in from a file
            <input type="file" accept=".json,application/json" @change="read" />
          </label>
        </div>
        <LookBack />
        <BackupPart @restored="household.load()" />
      </template>
    </main>
    <ClashDialog :clash="household.clash" @choose="household.choose" />
    <v-snackbar
      :model-value="household.before !== undefined"
      timeout="8000"
      color="primary"
      @update:model-value="household.before = undefined"
    >
      Forgotten.
      <template #actions>
        <v-btn variant="text" @click="household.bringBack()">Undo</v-btn>
      </template>
    </v-snackbar>
  </div>
</template>

<style src="./kept.css" />

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
  height: 60px;
}

.push {
  margin-left: auto;
}

.brand {
  font: 700 20px var(--head);
  color: var(--ink);
  text-decoration: none;
}

main {
  background: var(--sheet);
  border-radius: 22px;
  padding: 26px 28px;
  box-shadow: 0 1px 0 var(--hair);
}

.files {
  padding-top: 20px;
}

.files input {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}

.files label:focus-within {
  outline: 3px solid var(--rim);
}

@media (max-width: 839px) {
  .page {
    padding: 0 8px 40px;
  }

  main {
    padding: 18px 14px;
  }
}
</style>
