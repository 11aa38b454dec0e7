<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Brief } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import ChipChoice from '@/ui/ChipChoice.vue'

type Shop = Brief['shops'][number]
type Day = NonNullable<Shop['closedOn']>[number]

/** When the host goes to a shop, and when the shop is closed. */
const props = defineProps<{ shopId: string }>()
const emit = defineEmits<{ close: [] }>()

const DAYS: { value: Day; label: string }[] = [
  { value: 'MONDAY', label: 'Mon' },
  { value: 'TUESDAY', label: 'Tue' },
  { value: 'WEDNESDAY', label: 'Wed' },
  { value: 'THURSDAY', label: 'Thu' },
  { value: 'FRIDAY', label: 'Fri' },
  { value: 'SATURDAY', label: 'Sat' },
  { value: 'SUNDAY', label: 'Sun' },
]
const { party, brief } = useOpenParty()
const open = ref(true)
const shop = computed(() => brief.value.shops.find((s) => s.id === props.shopId))

function change(label: string, edit: (shop: Shop) => void): void {
  party.edit(label, (draft) => {
    const found = draft.shops.find((s) => s.id === props.shopId)
    if (found) edit(found)
  })
}

function move(event: Event): void {
  const at = (event.target as HTMLInputElement).value
  if (at) change('move a trip', (s) => (s.tripAt = `${at}:00`))
}

function toggle(day: Day): void {
  change('change closing days', (s) => {
    const closed = s.closedOn ?? []
    s.closedOn = closed.includes(day) ? closed.filter((d) => d !== day) : [...closed, day]
  })
}
</script>

<template>
  <v-dialog v-if="shop" v-model="open" max-width="440" @after-leave="emit('close')">
    <v-card>
      <h2>{{ shop.name }}</h2>
      <label class="at">
        <span class="quiet">Going there</span>
        <input type="datetime-local" :value="shop.tripAt.slice(0, 16)" @change="move" />
      </label>
      <p class="quiet">Closed on</p>
      <div class="days">
        <ChipChoice :options="DAYS" :on="shop.closedOn ?? []" @choose="toggle" />
      </div>
      <v-btn color="primary" class="done" @click="open = false">Done</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.at {
  display: grid;
  padding: 12px 0;
}

input {
  font: 650 18px var(--text);
  color: inherit;
  background: transparent;
  border: 0;
  border-bottom: 2px solid var(--rim);
  padding: 6px 2px;
}

.days {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 4px 0 16px;
}

.done {
  justify-self: end;
}
</style>
