<script setup lang="ts">
import { computed, defineAsyncComponent, onScopeDispose, ref, watch, type Component } from 'vue'
import { useDisplay } from 'vuetify'
import { serverNow } from '@/api/client'
import { STEPS, type StepName } from '@/app/router'
import EveningLine from '@/eveningline/EveningLine.vue'
import HouseholdNews from '@/household/HouseholdNews.vue'
import { useRunningTable } from '@/live/useRunningTable'
import { swapBroths } from '@/party/edits'
import { useParty } from '@/party/store'
import GuestAnswers from '@/phones/GuestAnswers.vue'
import SaidNeeds from '@/phones/SaidNeeds.vue'
import { useNow } from '@/ui/useNow'
import DrawnTable from '@/table/DrawnTable.vue'
import TableStrip from '@/table/TableStrip.vue'
import ClashDialog from '@/ui/ClashDialog.vue'
import NoPlan from './NoPlan.vue'
import OpenQuestion from './OpenQuestion.vue'
import TopBar from './TopBar.vue'

/** The frame of a party: the line and the drawn table stay, the worksheet at the right changes with the step. */
const props = defineProps<{ id: string; step: StepName }>()

const SHEETS: Record<StepName, () => Promise<{ default: Component }>> = {
  guests: () => import('./guests/GuestsStep.vue'),
  pots: () => import('./pots/PotsStep.vue'),
  ingredients: () => import('./ingredients/IngredientsStep.vue'),
  sauces: () => import('./sauces/SaucesStep.vue'),
  shopping: () => import('./shopping/ShoppingStep.vue'),
  prep: () => import('./prep/PrepStep.vue'),
  table: () => import('./sequence/TableStep.vue'),
  afterwards: () => import('@/afterwards/AfterwardsStep.vue'),
}

const party = useParty()
useRunningTable()
const { mobile } = useDisplay()
const problem = ref('')
const guest = ref<string>()
const second = ref(0)
const now = useNow()
/** While a table runs the drawing shows its minute, until the host looks at another one. */
let isLookingElsewhere = false
watch([now, () => party.plan?.table.now.satDown], ([, satDown]) => {
  if (satDown && !isLookingElsewhere) second.value = Math.floor((serverNow() - Date.parse(satDown)) / 1000)
})
const sheets = Object.fromEntries(STEPS.map((step) => [step, defineAsyncComponent(SHEETS[step])]))
const sheet = computed(() => sheets[props.step])
// on its way while the party is, and not only after it
void SHEETS[props.step]().catch(() => undefined)
/** What a step shares with the drawn table. */
const shared = computed(() => {
  if (props.step === 'guests')
    return { guest: guest.value, 'onUpdate:guest': (id?: string) => (guest.value = id) }
  if (props.step === 'table') return { second: second.value, 'onUpdate:second': lookAt }
  return {}
})

function lookAt(at: number): void {
  isLookingElsewhere = true
  second.value = at
}

watch(
  () => props.id,
  async (id) => {
    problem.value = ''
    await party.open(id).catch((e: unknown) => {
      problem.value = e instanceof Error ? e.message : String(e)
    })
    document.title = party.brief ? `${party.brief.title} · Lively Ladle` : 'Lively Ladle'
  },
  { immediate: true },
)

function keys(event: KeyboardEvent): void {
  const typing = event.target instanceof HTMLElement && event.target.closest('input, textarea')
  if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || typing) return
  event.preventDefault()
  if (event.shiftKey) party.redo()
  else party.undo()
}
/** What is typed in a field counts when it is left: so a field is left before the page is. */
const leaving = () => {
  if (document.activeElement instanceof HTMLElement) document.activeElement.blur()
  party.leave()
}
const refresh = () => void (document.visibilityState === 'visible' && party.refresh())
window.addEventListener('keydown', keys)
window.addEventListener('focus', refresh)
window.addEventListener('pagehide', leaving)
document.addEventListener('visibilitychange', refresh)
onScopeDispose(() => {
  window.removeEventListener('keydown', keys)
  window.removeEventListener('focus', refresh)
  window.removeEventListener('pagehide', leaving)
  document.removeEventListener('visibilitychange', refresh)
})
</script>

<template>
  <div v-if="party.brief && party.plan" class="frame">
    <TopBar class="top" />
    <EveningLine class="line" :step="step" :party="id" />
    <div class="table">
      <TableStrip v-if="mobile" :step="step" :second="second" :guest="guest" />
      <DrawnTable
        v-else
        :step="step"
        :second="second"
        :guest="guest"
        @guest="guest = $event"
        @swap="(from, to) => party.edit('swap broths', swapBroths(from, to))"
      />
    </div>
    <main class="sheet">
      <SaidNeeds v-if="step === 'guests' || step === 'table'" />
      <template v-if="step === 'guests'">
        <HouseholdNews />
        <GuestAnswers />
      </template>
      <component :is="sheet" v-bind="shared" />
    </main>
    <OpenQuestion class="foot" :step="step" />
    <ClashDialog :clash="party.clash" @choose="party.choose" />
  </div>
  <NoPlan v-else-if="party.brief && party.message && !problem" :brief="party.brief" />
  <main v-else class="waiting">
    <p v-if="problem" class="unmet" role="alert">{{ problem }}</p>
    <p v-else class="quiet">Setting the table …</p>
    <router-link to="/">All parties</router-link>
  </main>
</template>

<style scoped>
.frame {
  height: 100dvh;
  display: grid;
  grid-template: 48px 72px minmax(0, 1fr) 44px / 420px minmax(0, 1fr);
  grid-template-areas: 'top top' 'line line' 'table sheet' 'foot foot';
}

.top {
  grid-area: top;
}

.line {
  grid-area: line;
}

.table {
  grid-area: table;
  min-height: 0;
  padding-left: 8px;
}

.sheet {
  grid-area: sheet;
  background: var(--sheet);
  border-radius: 22px;
  margin: 4px 20px 10px 6px;
  padding: 20px 24px;
  overflow: auto;
  box-shadow: 0 1px 0 var(--hair);
}

.foot {
  grid-area: foot;
}

.waiting {
  padding: 40px;
  display: grid;
  gap: 12px;
}

@media (max-width: 839px) {
  .frame {
    grid-template: 44px 112px minmax(0, 1fr) 68px auto / minmax(0, 1fr);
    grid-template-areas: 'top' 'table' 'sheet' 'line' 'foot';
  }

  .table {
    padding: 0;
    overflow: hidden;
  }

  .sheet {
    margin: 0 6px;
    padding: 14px 14px 24px;
    border-radius: 16px;
  }
}

@media print {
  .frame {
    display: block;
    height: auto;
  }

  .table,
  .top,
  .foot {
    display: none;
  }

  .sheet {
    margin: 0;
    padding: 0;
    overflow: visible;
    box-shadow: none;
  }
}
</style>
