<script setup lang="ts">
import { mdiPlus } from '@mdi/js'
import { usual } from '@/api/parts'
import { computed, defineAsyncComponent, ref } from 'vue'
import { freshId } from '@/party/edits'
import { useOpenParty } from '@/party/useOpenParty'
import { needLabel, numberWord } from '@/party/words'
import StepNotes from '@/ui/StepNotes.vue'
import FigureText from '@/ui/FigureText.vue'
import { clockAfter } from '@/ui/time'
import ImportDialog from '../imports/ImportDialog.vue'
import AppetiteBowls from './AppetiteBowls.vue'
import GuestEditor from './GuestEditor.vue'
import SeveralGuests from './SeveralGuests.vue'

const guest = defineModel<string>('guest')
const { party, brief, plan } = useOpenParty()
const editing = ref<string>()
const importing = ref(false)
const phones = ref(false)
/** Fetched when it is asked for. */
const PhonesDialog = defineAsyncComponent(() => import('@/phones/PhonesDialog.vue'))
const several = ref(false)

const rows = computed(() =>
  brief.value.guests.map((g) => ({
    guest: g,
    total: plan.value.portions.guests.find((total) => total.guest === g.id),
    unmet: plan.value.unmet.filter((unmet) => unmet.guest === g.id && unmet.severity !== 'WISH'),
    sides: plan.value.table.guests.find((pace) => pace.guest === g.id)?.sides.length ?? 0,
  })),
)

function add(): void {
  const id = freshId('guest', brief.value.guests)
  party.edit('add a guest', (draft) => {
    draft.guests.push({
      ...usual('Guest'),
      id,
      name: `Guest ${draft.guests.length + 1}`,
      appetite: 'REGULAR',
      needs: [],
      wishes: [],
      heat: 'MEDIUM',
      arrivesAfterMinutes: 0,
    })
  })
  editing.value = id
}
</script>

<template>
  <div class="head-line">
    <h1>{{ numberWord(brief.guests.length) }} at the table</h1>
    <span class="quiet">eat like</span>
    <span class="key"><FigureText :figure="plan.portions.eaters" /></span>
    <span class="quiet">regular eaters ·</span>
    <FigureText :figure="plan.portions.food" />
    <button type="button" class="chip push" @click="phones = true">Phones</button>
    <button type="button" class="chip" @click="importing = true">From a file</button>
    <v-btn color="primary" :prepend-icon="mdiPlus" @click="add">Add a guest</v-btn>
  </div>
  <ol class="guests">
    <li
      v-for="({ guest: g, total, unmet, sides }, i) in rows"
      :key="g.id"
      :class="{ chosen: g.id === guest }"
      @pointerenter="guest = g.id"
      @pointerleave="guest = undefined"
    >
      <span class="number quiet">{{ i + 1 }}</span>
      <button
        type="button"
        class="row-button name"
        :aria-label="`Edit ${g.name}`"
        @focus="guest = g.id"
        @click="editing = g.id"
      >
        {{ g.name }}
      </button>
      <AppetiteBowls class="bowls" :appetite="g.appetite" />
      <span class="needs">
        <span
          v-for="need in g.needs"
          :key="need.kind"
          class="chip"
          :class="{ solid: need.strength === 'MEDICAL', faint: need.strength === 'DISLIKE' }"
        >
          {{ needLabel(need.kind) }}
        </span>
        <span v-if="g.heat === 'HOT'" class="chip faint">loves heat</span>
        <span v-if="g.arrivesAfterMinutes > 0" class="chip faint">
          from {{ clockAfter(brief.sitDown, g.arrivesAfterMinutes * 60) }}
        </span>
        <span v-if="g.leavesAfterMinutes && g.leavesAfterMinutes < brief.mealMinutes" class="chip faint">
          until {{ clockAfter(brief.sitDown, g.leavesAfterMinutes * 60) }}
        </span>
        <span v-if="g.portionPercent !== 100" class="chip faint">{{ g.portionPercent }} % portion</span>
        <span v-for="problem in unmet" :key="problem.id" class="unmet">{{ problem.text }}</span>
      </span>
      <span class="sides quiet">{{ sides }} {{ sides === 1 ? 'side' : 'sides' }}</span>
      <span v-if="total" class="food"><FigureText :figure="total.food" /></span>
    </li>
  </ol>
  <p v-if="rows.length > 1" class="choice-row several">
    <button type="button" class="chip" @click="several = true">Say the same of several</button>
  </p>
  <p v-if="rows.length === 0" class="quiet">Nobody yet. Add the first guest; the plan grows with each one.</p>
  <StepNotes step="GUESTS" />
  <PhonesDialog v-if="phones" v-model="phones" />
  <ImportDialog v-if="importing" kind="GUESTS" @close="importing = false" />
  <SeveralGuests v-if="several" @close="several = false" />
  <GuestEditor v-if="editing" :guest-id="editing" @close="editing = undefined" />
</template>

<style scoped>
.guests {
  list-style: none;
  padding: 0;
  margin: 0;
}

li {
  display: grid;
  grid-template-columns: 22px 120px 74px minmax(0, 1fr) 62px 84px;
  align-items: center;
  gap: 10px;
  min-height: 50px;
  padding: 5px 4px;
  border-bottom: 1px solid var(--hair);
}

li.chosen {
  background: var(--well);
}

.several {
  padding-top: 10px;
}

.name {
  font: 650 18px var(--head);
  padding: 8px 0;
  overflow: hidden;
  text-overflow: ellipsis;
}

.name:hover {
  text-decoration: underline;
  text-underline-offset: 4px;
}

.needs {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
}

.sides {
  font-size: 14px;
  white-space: nowrap;
}

.food {
  text-align: right;
  font: 600 17px var(--head);
  display: grid;
  justify-items: end;
}

@media (max-width: 839px) {
  li {
    grid-template-columns: 1fr auto auto;
    grid-template-areas: 'name bowls food' 'needs needs needs';
    padding: 4px 2px;
  }

  .number,
  .sides {
    display: none;
  }

  .name {
    grid-area: name;
    min-height: 44px;
    line-height: 28px;
  }

  .bowls {
    grid-area: bowls;
  }

  .food {
    grid-area: food;
    min-width: 76px;
  }

  .needs {
    grid-area: needs;
    padding-bottom: 6px;
  }
}
</style>
