<script setup lang="ts">
import { computed, ref } from 'vue'
import { usual } from '@/api/parts'
import { useOpenParty } from '@/party/useOpenParty'
import ChipChoice from '@/ui/ChipChoice.vue'
import { menuGroups } from './menu'

/** All cuts of the catalogue by category; a tap puts one on the menu or takes it off. */
const emit = defineEmits<{ close: []; own: [name: string] }>()
const { party, brief, catalogue } = useOpenParty()
const open = ref(true)
const search = ref('')
const groups = computed(() => menuGroups(catalogue.value, brief.value, search.value))
const onMenu = computed(() => brief.value.menu.map((item) => item.cut))

function toggle(id: string): void {
  const on = onMenu.value.includes(id)
  party.edit(on ? 'take off the menu' : 'add to the menu', (draft) => {
    if (on) draft.menu = draft.menu.filter((item) => item.cut !== id)
    else draft.menu.push({ ...usual('MenuItem'), cut: id, fromFrozen: false })
  })
}
function addOwn(): void {
  emit('own', search.value.trim())
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="820" scrollable @after-leave="emit('close')">
    <v-card>
      <div class="top">
        <h2>The menu</h2>
        <span class="quiet">{{ onMenu.length }} of {{ catalogue.cuts.length }}</span>
        <input v-model="search" type="search" placeholder="Find" aria-label="Find an ingredient" />
        <v-btn color="primary" @click="open = false">Done</v-btn>
      </div>
      <div class="groups">
        <section v-for="group in groups" :key="group.value">
          <h3>{{ group.label }}</h3>
          <ChipChoice :options="group.cuts" :on="onMenu" @choose="toggle" />
          <p v-for="remark in group.remarks" :key="remark.name" class="remark quiet">
            {{ remark.name }}: {{ remark.text }}
          </p>
        </section>
        <div v-if="groups.length === 0" class="quiet">
          <p>Nothing in the catalogue is called “{{ search }}”. Try one word, or the kind of food.</p>
          <button type="button" class="chip solid" @click="addOwn">
            Add “{{ search.trim() }}” as our own
          </button>
        </div>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  padding-bottom: 10px;
}

.top input {
  flex: 1 1 140px;
  min-width: 0;
  font: 500 16px var(--text);
  color: inherit;
  background: transparent;
  border: 0;
  border-bottom: 2px solid var(--rim);
  padding: 6px 2px;
}

.groups {
  overflow: auto;
  display: grid;
  gap: 14px;
  align-content: start;
  min-height: min(60vh, 520px);
}

section {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

h3,
.remark {
  flex-basis: 100%;
}

.remark {
  font-size: 13.5px;
}
</style>
