<script setup lang="ts">
import { computed } from 'vue'
import type { SideForYou, Turn } from '@/api/types'
import SideName from './SideName.vue'
import { DO, spoken } from './turns'

/** Something this person may eat now: what, where, for how long. */
const props = defineProps<{ turn: Turn; side?: SideForYou }>()
defineEmits<{ start: []; taken: [] }>()
const isTimed = computed(() => props.turn.act !== 'FISH' && props.turn.act !== 'SERVED')
</script>

<template>
  <article class="turn">
    <h3>
      {{ turn.name }} <span v-if="turn.forWhom" class="for">for {{ turn.forWhom }}</span>
    </h3>
    <p class="where">
      <SideName v-if="side" :name="side.name" :tint="side.tint" />
      <span class="quiet">{{ turn.amount }}{{ turn.helpings > 1 ? `, ${turn.helpings} times` : '' }}</span>
    </p>
    <p v-if="isTimed" class="time">
      <b>{{ spoken(turn.seconds) }}</b>
      <span>
        <template v-if="turn.plateSeconds">after {{ spoken(turn.plateSeconds) }} on the plate</template>
        <template v-else>in the broth</template>
        <template v-if="turn.how">, {{ turn.how }}</template>
      </span>
    </p>
    <p v-if="turn.look && isTimed" class="quiet look">{{ turn.look }}</p>
    <p v-if="turn.act === 'SERVED'" class="quiet">Somebody brings it to you.</p>
    <button v-if="isTimed" type="button" class="big now" @click="$emit('start')">
      {{ DO[turn.act] }}
    </button>
    <button v-else-if="turn.act === 'FISH'" type="button" class="big now" @click="$emit('taken')">
      Fished it out
    </button>
  </article>
</template>

<style scoped>
.turn {
  display: grid;
  gap: 6px;
  background: var(--sheet);
  border: 2.5px solid var(--now);
  border-radius: 20px;
  padding: 16px;
  margin-bottom: 12px;
}

h3 {
  font-size: 26px;
}

.for {
  font-weight: 500;
  color: var(--soft);
}

.where {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 4px 12px;
  align-items: center;
}

.time {
  display: flex;
  align-items: baseline;
  gap: 10px;
}

.time b {
  font: 750 56px/1 var(--head);
}

.look {
  font-size: 15px;
}

.big {
  min-height: 64px;
  font-size: 20px;
}
</style>
