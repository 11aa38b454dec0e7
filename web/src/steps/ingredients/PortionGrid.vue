<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { useDisplay } from 'vuetify'
import { useOpenParty } from '@/party/useOpenParty'
import { CATEGORIES, labelOf } from '@/party/words'
import FigureText from '@/ui/FigureText.vue'
import { typed } from '@/ui/units'
import { pinPortion } from '@/party/edits'
import { gridLines, gridOf, step, type Cell, type Row } from './grid'
import PortionCell from './PortionCell.vue'
import CutSheet from './CutSheet.vue'
import PortionEditor from './PortionEditor.vue'
import { useGridWindow } from './useGridWindow'

/** Guests by ingredients. Only what is in sight is in the page; arrow keys walk through all of it. */
const { party, brief, plan, catalogue } = useOpenParty()
const { mobile } = useDisplay()
const frame = ref<HTMLElement>()
/** How one of a cut is called as it is sold. */
function called(cut: string): string {
  const own = catalogue.value.cuts.find(({ id }) => id === cut)?.ingredient
  return catalogue.value.ingredients.find(({ id }) => id === own)?.oneCalled ?? ''
}
const lines = computed(() => gridLines(gridOf(brief.value, plan.value, called)))
const editing = ref<{ guest: string; cut: string }>()
/** The cut whose size and window are looked at. */
const sheet = ref<string>()
/** The cell Tab reaches. */
const current = ref({ line: 1, column: 0 })

const sizes = computed(() => ({ row: mobile.value ? 49 : 34, category: 42, column: mobile.value ? 52 : 46 }))
const heights = computed(() =>
  lines.value.map((line) => (line.kind === 'row' ? sizes.value.row : sizes.value.category)),
)
const { rows, columns, show } = useGridWindow(
  frame,
  heights,
  () => brief.value.guests.length,
  () => sizes.value.column,
)
const shownGuests = computed(() => columns.value.indexes.flatMap((i) => brief.value.guests[i] ?? []))
const span = computed(() => columns.value.indexes.length + 4)

const nameOf = (guest: string) => brief.value.guests.find((g) => g.id === guest)?.name ?? guest
function describe(row: Row, cell: Cell): string {
  if (cell.barred) return `${nameOf(cell.guest)}: ${row.name}, ${cell.barred}`
  const unit = row.pieces ? 'pieces' : 'grams'
  return `${nameOf(cell.guest)}: ${row.name}, ${cell.text} ${unit}${cell.pinned ? ', pinned' : ''}${cell.reserved ? ', kept apart' : ''}`
}

/** One drag step of a cut: its piece, or 5 g. */
const steps = computed(() => new Map(catalogue.value.cuts.map((cut) => [cut.id, cut.pieceGrams ?? 5])))

async function walk(event: KeyboardEvent, line: number, column: number): Promise<void> {
  const to = step(lines.value, brief.value.guests.length, { line, column }, event.key)
  if (to.line === line && to.column === column) return
  event.preventDefault()
  current.value = to
  show(to.line, to.column)
  await nextTick()
  // what was out of sight is drawn one frame after the scrolling
  requestAnimationFrame(() => {
    frame.value?.querySelector<HTMLElement>(`[data-at="${to.line}:${to.column}"] .cell`)?.focus()
  })
}
</script>

<template>
  <div ref="frame" class="scroll" role="region" aria-label="Portions by guest">
    <table :style="{ minWidth: `${(mobile ? 128 : 190) + 92 + brief.guests.length * sizes.column}px` }">
      <colgroup>
        <col />
        <col :style="{ width: `${columns.before}px` }" />
        <col v-for="guest in shownGuests" :key="guest.id" :style="{ width: `${sizes.column}px` }" />
        <col :style="{ width: `${columns.after}px` }" />
        <col style="width: 92px" />
      </colgroup>
      <thead>
        <tr>
          <th class="cut" scope="col">pieces or {{ typed.weight.unit[brief.units] }}</th>
          <td aria-hidden="true" class="gap"></td>
          <th v-for="guest in shownGuests" :key="guest.id" scope="col" class="guest" :title="guest.name">
            {{ guest.name }}
          </th>
          <td aria-hidden="true" class="gap"></td>
          <th class="total" scope="col">in all</th>
        </tr>
      </thead>
      <tbody>
        <tr v-if="rows.before > 0" aria-hidden="true" :style="{ height: `${rows.before}px` }"></tr>
        <template v-for="i in rows.indexes" :key="i">
          <tr
            v-if="lines[i]?.kind === 'category'"
            class="category"
            :style="{ height: `${sizes.category}px` }"
          >
            <th :colspan="span" scope="rowgroup">{{ labelOf(CATEGORIES, lines[i].category) }}</th>
          </tr>
          <tr v-else-if="lines[i]?.kind === 'row'" :style="{ height: `${sizes.row}px` }">
            <th class="cut" scope="row">
              <button type="button" class="row-button" @click="sheet = lines[i].row.cut">
                {{ lines[i].row.name }} <span class="quiet">{{ lines[i].row.detail }}</span>
              </button>
              <span v-if="lines[i].row.tooFew" class="unmet">too few for all who love it</span>
            </th>
            <td aria-hidden="true" class="gap"></td>
            <td
              v-for="j in columns.indexes"
              :key="lines[i].row.cells[j]?.guest"
              :data-at="`${i}:${j}`"
              @keydown="walk($event, i, j)"
              @focusin="current = { line: i, column: j }"
            >
              <PortionCell
                v-if="lines[i].row.cells[j]"
                :text="lines[i].row.cells[j].text"
                :grams="lines[i].row.cells[j].grams"
                :step="steps.get(lines[i].row.cut) ?? 5"
                :label="describe(lines[i].row, lines[i].row.cells[j])"
                :pinned="lines[i].row.cells[j].pinned"
                :reserved="lines[i].row.cells[j].reserved"
                :barred="lines[i].row.cells[j].barred"
                :reachable="current.line === i && current.column === j"
                @slide="party.preview(pinPortion(lines[i].row.cells[j].guest, lines[i].row.cut, $event))"
                @pin="
                  party.edit(
                    'pin a portion',
                    pinPortion(lines[i].row.cells[j].guest, lines[i].row.cut, $event),
                  )
                "
                @open="editing = { guest: lines[i].row.cells[j].guest, cut: lines[i].row.cut }"
              />
            </td>
            <td aria-hidden="true" class="gap"></td>
            <td class="total"><FigureText :figure="lines[i].row.total" /></td>
          </tr>
        </template>
        <tr v-if="rows.after > 0" aria-hidden="true" :style="{ height: `${rows.after}px` }"></tr>
      </tbody>
    </table>
  </div>
  <p class="quiet note">
    Drag a number or press + and − to pin it, tap it for the slider; arrow keys walk. × keeps away from it, a
    dot marks a pin, a ring a share kept apart.
  </p>
  <CutSheet v-if="sheet" :cut="sheet" @close="sheet = undefined" />
  <PortionEditor v-if="editing" v-bind="editing" @close="editing = undefined" />
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}

table {
  border-collapse: collapse;
  table-layout: fixed;
  width: 100%;
}

th,
td {
  text-align: right;
  padding: 0 2px;
  overflow: hidden;
  border-bottom: 1px solid var(--hair);
  font-weight: 400;
}

thead th {
  font-size: 13px;
  color: var(--soft);
  vertical-align: bottom;
}

.cut {
  text-align: left;
  position: sticky;
  left: 0;
  background: var(--sheet);
  z-index: 1;
  font-size: 14.5px;
  line-height: 1.15;
}

.cut .quiet {
  font-size: 12.5px;
}

.guest {
  text-overflow: ellipsis;
  white-space: nowrap;
  padding-right: 6px;
}

.gap {
  padding: 0;
}

.category th {
  text-align: left;
  font: 650 15px var(--head);
  padding-top: 12px;
}

.total {
  font-weight: 600;
  padding-left: 10px;
  white-space: nowrap;
}

.note {
  font-size: 13.5px;
  padding-top: 8px;
}

@media (max-width: 839px) {
  .cut {
    font-size: 14px;
  }
}
</style>
