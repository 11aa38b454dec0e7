<script setup lang="ts">
import { ref } from 'vue'
import { api, ask } from '@/api/client'
import { range, usual } from '@/api/parts'
import type { BusyPreview, Cook } from '@/api/types'
import { freshId } from '@/party/edits'
import KeepChip from '@/household/KeepChip.vue'
import { useOpenParty } from '@/party/useOpenParty'
import { SKILLS } from '@/party/words'
import ChipChoice from '@/ui/ChipChoice.vue'
import WhenInput from '@/ui/WhenInput.vue'
import { clockText, weekday } from '@/ui/time'
import { KITCHEN_PARTS } from './crew'
import { vSaid } from '@/ui/said'

/** Who cooks, what each may be asked, when each is there; and what the kitchen has. */
const emit = defineEmits<{ close: [] }>()
const { party, brief } = useOpenParty()
const open = ref(true)
const said = ref<Record<string, string>>({})

function change(label: string, id: string, edit: (cook: Cook) => void): void {
  party.edit(label, (draft) => {
    const cook = draft.cooks.find((c) => c.id === id)
    if (cook) edit(cook)
  })
}

const rename = (id: string, event: Event) => {
  const name = (event.target as HTMLInputElement).value.trim()
  if (name) change('rename a cook', id, (cook) => (cook.name = name.slice(0, 40)))
}

function toggleSkill(id: string, skill: NonNullable<Cook['skills']>[number]): void {
  change('change what a cook does', id, (cook) => {
    const all = SKILLS.map((s) => s.value)
    const now = cook.skills ?? all
    const next = now.includes(skill) ? now.filter((s) => s !== skill) : [...now, skill]
    cook.skills = next.length === all.length ? undefined : next
  })
}

/** An empty field means the usual hours; an end before the beginning gives the beginning up. */
function setHour(id: string, field: 'from' | 'until', time: string): void {
  change('change a cook’s hours', id, (cook) => {
    const other = field === 'from' ? 'until' : 'from'
    cook[field] = time ? `${time}:00` : usual('Cook')[field]
    if (cook.from >= cook.until) cook[other] = usual('Cook')[other]
  })
}

async function read(cook: Cook, event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  try {
    take(cook.id, await look(file))
  } catch (e) {
    said.value[cook.id] = e instanceof Error ? e.message : String(e)
  }
}

const look = (file: File): Promise<BusyPreview> =>
  ask(
    api.POST('/api/parties/{id}/busy', {
      params: { path: { id: party.id } },
      headers: { 'Content-Type': 'text/calendar' },
      body: file as unknown as string,
      bodySerializer: (body: unknown) => body as Blob,
    }),
  )

function take(id: string, preview: BusyPreview): void {
  change('read a calendar', id, (cook) => (cook.busy = preview.busy))
  const count = preview.busy.length
  said.value[id] = [`${count} ${count === 1 ? 'time' : 'times'} away taken.`, ...preview.leftOut].join(' ')
}

function addCook(): void {
  party.edit('add a cook', (draft) => {
    draft.cooks.push({
      ...usual('Cook'),
      id: freshId('cook', draft.cooks),
      name: `Cook ${draft.cooks.length + 1}`,
    })
  })
}

function removeCook(id: string): void {
  party.edit('remove a cook', (draft) => {
    draft.cooks = draft.cooks.filter((cook) => cook.id !== id)
  })
}

function setKitchen(part: (typeof KITCHEN_PARTS)[number], event: Event): void {
  const count = Math.round(Number((event.target as HTMLInputElement).value))
  const { min, max } = range('Kitchen', part.key)
  if (count >= min && count <= max)
    party.edit('describe the kitchen', (draft) => (draft.kitchen[part.key] = count))
}
</script>

<template>
  <v-dialog v-model="open" max-width="640" scrollable @after-leave="emit('close')">
    <v-card>
      <h2>Cooks and kitchen</h2>
      <div class="dialog-body">
        <section v-for="cook in brief.cooks" :key="cook.id" class="cook" :aria-label="cook.name">
          <div class="choice-row">
            <input
              v-said="cook.name"
              class="line-input name"
              maxlength="40"
              aria-label="Name of the cook"
              @change="rename(cook.id, $event)"
            />
            <button
              type="button"
              class="chip"
              :aria-pressed="cook.helper"
              @click="change('change a helper', cook.id, (c) => (c.helper = !c.helper))"
            >
              helps when asked
            </button>
            <button
              type="button"
              class="chip faint"
              :aria-label="`Remove ${cook.name}`"
              @click="removeCook(cook.id)"
            >
              Remove
            </button>
          </div>
          <div class="choice-row">
            <span class="quiet">may be asked</span>
            <ChipChoice
              :options="SKILLS"
              :on="cook.skills ?? SKILLS.map((s) => s.value)"
              :of="`for ${cook.name}`"
              @choose="toggleSkill(cook.id, $event)"
            />
          </div>
          <div class="choice-row">
            <label class="field">
              <span class="quiet">from</span>
              <WhenInput
                type="time"
                :value="(cook.from ?? '08:00').slice(0, 5)"
                @said="setHour(cook.id, 'from', $event)"
              />
            </label>
            <label class="field">
              <span class="quiet">until, on other days</span>
              <WhenInput
                type="time"
                :value="(cook.until ?? '22:30').slice(0, 5)"
                @said="setHour(cook.id, 'until', $event)"
              />
            </label>
            <label class="field grow">
              <span class="quiet">away, from a calendar (.ics)</span>
              <input class="file" type="file" accept=".ics,text/calendar" @change="read(cook, $event)" />
            </label>
          </div>
          <p v-if="said[cook.id]" role="status">{{ said[cook.id] }}</p>
          <ul v-if="cook.busy.length > 0" class="busy">
            <li v-for="(away, i) in cook.busy" :key="away.from">
              {{ weekday(away.from) }} {{ clockText(away.from) }} to {{ clockText(away.until) }},
              {{ away.what }}
              <button
                type="button"
                class="chip faint"
                :aria-label="`Forget ${away.what}`"
                @click="change('forget a time away', cook.id, (c) => c.busy?.splice(i, 1))"
              >
                Forget
              </button>
            </li>
          </ul>
        </section>
        <div class="choice-row">
          <button type="button" class="chip" @click="addCook">Add a cook</button>
          <KeepChip part="COOKS" what="these cooks" />
        </div>
        <h3>Kitchen</h3>
        <div class="kitchen">
          <label v-for="part in KITCHEN_PARTS" :key="part.key" class="field">
            <span class="quiet">{{ part.label }}</span>
            <input
              v-said="brief.kitchen[part.key]"
              class="line-input"
              type="number"
              v-bind="range('Kitchen', part.key)"
              @change="setKitchen(part, $event)"
            />
          </label>
        </div>
      </div>
      <div class="dialog-foot">
        <v-btn color="primary" @click="open = false">Done</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.cook {
  border-bottom: 1px solid var(--hair);
  padding: 10px 0;
  margin-bottom: 10px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
}

.name {
  flex: 1 1 130px;
  font-size: 18px;
}

.choice-row {
  gap: 6px 14px;
}

.grow {
  flex: 1 1 220px;
}

.file {
  padding: 0;
}

.busy {
  list-style: none;
  margin: 0;
  padding: 0;
}

.busy li {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 2px 0;
}

.kitchen {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
  gap: 10px 20px;
}

.kitchen .line-input {
  width: 100%;
}
</style>
