<script setup lang="ts">
import { computed, ref } from 'vue'
import { useOpenParty } from '@/party/useOpenParty'
import { CATEGORIES } from '@/party/words'
import ChipChoice from '@/ui/ChipChoice.vue'

/** All cuts of the catalogue by category; a tap puts one on the menu or takes it off. */
const emit = defineEmits<{ close: [] }>()
const { party, brief, catalogue } = useOpenParty()
const open = ref(true)

const groups = computed(() =>
  CATEGORIES.map((category) => ({
    ...category,
    cuts: catalogue.value.cuts
      .map((cut) => ({ cut, ingredient: catalogue.value.ingredients.find((i) => i.id === cut.ingredient) }))
      .filter(({ ingredient }) => ingredient?.category === category.value)
      .map(({ cut, ingredient }) => ({
        value: cut.id,
        label: cut.name ? `${ingredient?.name}, ${cut.name}` : (ingredient?.name ?? cut.id),
      })),
  })),
)

const onMenu = computed(() => brief.value.menu.map((item) => item.cut))

function toggle(id: string): void {
  const on = onMenu.value.includes(id)
  party.edit(on ? 'take off the menu' : 'add to the menu', (draft) => {
    if (on) draft.menu = draft.menu.filter((item) => item.cut !== id)
    else draft.menu.push({ cut: id, fromFrozen: false })
  })
}
</script>

<template>
  <v-dialog v-model="open" max-width="760" scrollable @after-leave="emit('close')">
    <v-card>
      <div class="top">
        <h2>The menu</h2>
        <v-btn color="primary" @click="open = false">Done</v-btn>
      </div>
      <div class="groups">
        <section v-for="group in groups" :key="group.value">
          <h3>{{ group.label }}</h3>
          <ChipChoice :options="group.cuts" :on="onMenu" @choose="toggle" />
        </section>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.top {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding-bottom: 8px;
}

.groups {
  overflow: auto;
  display: grid;
  gap: 14px;
}

section {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

h3 {
  flex-basis: 100%;
}
</style>
