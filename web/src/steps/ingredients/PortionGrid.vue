<script setup lang="ts">
import { computed, ref } from 'vue'
import { useOpenParty } from '@/party/useOpenParty'
import { CATEGORIES, labelOf } from '@/party/words'
import FigureText from '@/ui/FigureText.vue'
import { gridOf, type Cell, type Row } from './grid'
import PortionEditor from './PortionEditor.vue'

const { brief, plan } = useOpenParty()
const groups = computed(() => gridOf(brief.value, plan.value))
const editing = ref<{ guest: string; cut: string }>()

const nameOf = (guest: string) => brief.value.guests.find((g) => g.id === guest)?.name ?? guest
const describe = (row: Row, cell: Cell) =>
  `${nameOf(cell.guest)}: ${row.name}, ${cell.text} ${row.pieces ? 'pieces' : 'grams'}${cell.pinned ? ', pinned' : ''}`
</script>

<template>
  <div class="scroll" tabindex="0" role="region" aria-label="Portions by guest">
    <table>
      <thead>
        <tr>
          <th class="cut" scope="col">pieces or g</th>
          <th v-for="guest in brief.guests" :key="guest.id" scope="col">{{ guest.name }}</th>
          <th class="total" scope="col">in all</th>
        </tr>
      </thead>
      <tbody v-for="group in groups" :key="group.category">
        <tr class="category">
          <th :colspan="brief.guests.length + 2" scope="rowgroup">
            {{ labelOf(CATEGORIES, group.category) }}
          </th>
        </tr>
        <tr v-for="row in group.rows" :key="row.cut">
          <th class="cut" scope="row">
            {{ row.name }} <span class="quiet">{{ row.detail }}</span>
            <span v-if="row.tooFew" class="unmet">too few for all who love it</span>
          </th>
          <td v-for="cell in row.cells" :key="cell.guest">
            <span v-if="cell.barred" class="barred" :title="`${nameOf(cell.guest)}: ${cell.barred}`">
              <span aria-hidden="true">×</span><span class="sr">{{ cell.barred }}</span>
            </span>
            <button
              v-else
              type="button"
              class="cell"
              :class="{ pinned: cell.pinned, none: cell.text === '0' }"
              :aria-label="describe(row, cell)"
              @click="editing = { guest: cell.guest, cut: row.cut }"
            >
              {{ cell.text }}
            </button>
          </td>
          <td class="total"><FigureText :figure="row.total" /></td>
        </tr>
      </tbody>
    </table>
  </div>
  <p class="quiet note">Tap a number to pin it. × keeps away from it; a dot marks a pin.</p>
  <PortionEditor v-if="editing" v-bind="editing" @close="editing = undefined" />
</template>

<style scoped>
/* relative, so that what only screen readers see stays inside */
.scroll {
  position: relative;
  overflow-x: auto;
}

table {
  border-collapse: collapse;
  width: 100%;
}

th,
td {
  text-align: right;
  padding: 0 3px;
  height: 33px;
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
  min-width: 190px;
  font-size: 14.5px;
}

.cut .quiet {
  font-size: 12.5px;
}

.category th {
  text-align: left;
  font: 650 15px var(--head);
  padding-top: 12px;
}

.cell {
  all: unset;
  box-sizing: border-box;
  cursor: pointer;
  min-width: 34px;
  line-height: 30px;
  border-radius: 7px;
  padding: 0 5px;
  text-align: right;
}

.cell:hover {
  background: var(--well);
  box-shadow: inset 0 0 0 1.5px var(--rim);
}

.cell:focus-visible {
  outline: 3px solid var(--rim);
}

.cell.none {
  color: var(--soft);
}

.pinned {
  font-weight: 700;
}

.pinned::before {
  content: '';
  display: inline-block;
  width: 6px;
  height: 6px;
  border-radius: 50%;
  background: var(--rim);
  margin-right: 4px;
  vertical-align: middle;
}

.barred {
  color: var(--soft);
  padding-right: 5px;
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

.sr {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}

@media (max-width: 839px) {
  .cut {
    min-width: 128px;
    max-width: 128px;
  }

  th,
  td {
    height: 48px;
  }

  .cell {
    line-height: 44px;
    min-width: 44px;
  }
}
</style>
