<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask } from '@/api/client'
import type { BrothChoice } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { HEATS, labelOf } from '@/party/words'
import { grouped, workOf } from './recipes'

/** All broths a side could hold: by work, with their heat and whom each would shut out; found by typing. */
const props = defineProps<{ broth: string }>()
const emit = defineEmits<{
  close: []
  choose: [broth: string]
  write: []
  copy: [broth: string]
  hotter: [broth: string]
}>()

const { brief } = useOpenParty()
const open = ref(true)
const asked = ref('')
const choices = ref<BrothChoice[]>([])
const problem = ref('')
const groups = computed(() => grouped(choices.value, asked.value))
const nameOf = (id: string) => brief.value.guests.find((guest) => guest.id === id)?.name ?? id
const closedTo = (choice: BrothChoice) =>
  choice.closedTo.map(({ guest, reason }) => `${nameOf(guest)} (${reason})`).join(', ')

onMounted(async () => {
  try {
    choices.value = await ask(api.POST('/api/broths/choices', { body: brief.value }))
  } catch (e) {
    problem.value = e instanceof Error ? e.message : String(e)
  }
})

function choose(broth: string): void {
  if (broth !== props.broth) emit('choose', broth)
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="720" scrollable @after-leave="emit('close')">
    <v-card>
      <div class="top">
        <input v-model="asked" class="line-input" placeholder="Which broth?" aria-label="Find a broth" />
        <button type="button" class="chip" @click="emit('hotter', broth)">The same, hotter</button>
        <button type="button" class="chip" @click="emit('write')">Write our own</button>
        <v-btn color="primary" @click="open = false">Done</v-btn>
      </div>
      <p v-if="problem" class="unmet" role="alert">{{ problem }}</p>
      <div class="dialog-body">
        <section v-for="group in groups" :key="group.label">
          <h3>{{ group.label }}</h3>
          <ul>
            <li v-for="choice in group.choices" :key="choice.broth" :class="{ on: choice.broth === broth }">
              <button
                type="button"
                class="row-button"
                :aria-pressed="choice.broth === broth"
                @click="choose(choice.broth)"
              >
                <svg viewBox="0 0 30 30" width="30" height="30" aria-hidden="true">
                  <circle cx="15" cy="15" r="12" :fill="`url(#broth-${choice.tint})`" class="dot" />
                </svg>
                <span class="name"
                  ><b>{{ choice.name }}</b> <span class="quiet">{{ choice.remark }}</span></span
                >
                <span class="work"
                  >{{ workOf(choice)
                  }}{{ choice.heat === 'NONE' ? '' : ` · heat: ${labelOf(HEATS, choice.heat)}` }}</span
                >
                <span v-if="choice.closedTo.length > 0" class="closed">Not for {{ closedTo(choice) }}</span>
              </button>
              <button
                type="button"
                class="chip faint"
                :aria-label="`${choice.own ? 'Change' : 'Copy and change'} ${choice.name}`"
                @click="emit('copy', choice.broth)"
              >
                {{ choice.own ? 'Change' : 'Copy' }}
              </button>
            </li>
          </ul>
        </section>
        <p v-if="choices.length > 0 && groups.length === 0" class="quiet">
          No broth of these words.
          <button type="button" class="chip" @click="emit('write')">Write it as our own</button>
        </p>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.top {
  display: flex;
  align-items: center;
  gap: 12px;
  padding-bottom: 8px;
}

.top input {
  flex: 1;
  min-width: 0;
}

h3 {
  font-size: 14px;
  color: var(--soft);
  padding-top: 12px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: flex;
  align-items: center;
  gap: 8px;
  border-bottom: 1px solid var(--hair);
}

li.on {
  background: var(--well);
}

.row-button {
  flex: 1;
  display: grid;
  grid-template-columns: 40px minmax(0, 1fr);
  align-items: center;
  column-gap: 8px;
  padding: 7px 4px;
}

svg {
  grid-row: 1 / span 2;
}

.dot {
  stroke: var(--rim);
  stroke-width: 2;
}

.work,
.closed {
  grid-column: 2;
  font-size: 13.5px;
}

.closed {
  color: var(--warn);
}
</style>
