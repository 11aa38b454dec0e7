<script setup lang="ts">
import { mdiArrowULeftTop, mdiArrowURightTop, mdiWeatherNight, mdiWhiteBalanceSunny } from '@mdi/js'
import { computed } from 'vue'
import { useMode } from '@/app/useMode'
import { useOpenParty } from '@/party/useOpenParty'
import { clockText, countdown, dayText, localMs, nowIn } from '@/ui/time'
import { useNow } from '@/ui/useNow'
import { useKept } from '@/ui/useKept'
import PartySettings from './PartySettings.vue'

const { party, brief } = useOpenParty()
const { mode, toggle } = useMode()
const now = useNow()
const settings = useKept('settings', false)
const until = computed(() => countdown(localMs(brief.value.sitDown) - nowIn(brief.value.zone, now.value)))

const SAVED: Record<typeof party.saveState, string> = {
  saved: 'Saved',
  saving: 'Saving …',
  unsaved: 'Saving …',
  offline: 'Kept here, no connection',
}

function switchUnits(): void {
  party.edit('change units', (draft) => {
    draft.units = draft.units === 'METRIC' ? 'US' : 'METRIC'
  })
}
</script>

<template>
  <header class="bar">
    <router-link to="/" class="brand">Lively Ladle</router-link>
    <button type="button" class="title" @click="settings = true">
      <span class="name">{{ brief.title }}</span>
      <span class="when quiet">
        {{ dayText(brief.sitDown) }}, {{ clockText(brief.sitDown) }} · {{ until }}
      </span>
    </button>
    <router-link class="chip run" :to="`/party/${party.id}/live`">Run the table</router-link>
    <span class="saved quiet" role="status">{{ SAVED[party.saveState] }}</span>
    <button
      type="button"
      class="tool"
      :disabled="!party.canUndo"
      :aria-label="party.canUndo ? `Undo: ${party.canUndo}` : 'Nothing to undo'"
      @click="party.undo"
    >
      <v-icon :icon="mdiArrowULeftTop" size="20" />
    </button>
    <button
      type="button"
      class="tool"
      :disabled="!party.canRedo"
      :aria-label="party.canRedo ? `Redo: ${party.canRedo}` : 'Nothing to redo'"
      @click="party.redo"
    >
      <v-icon :icon="mdiArrowURightTop" size="20" />
    </button>
    <button type="button" class="chip units" aria-label="Switch units" @click="switchUnits">
      {{ brief.units === 'METRIC' ? 'g · ml' : 'oz · cups' }}
    </button>
    <button
      type="button"
      class="tool"
      :aria-label="mode === 'day' ? 'Night colours' : 'Day colours'"
      @click="toggle"
    >
      <v-icon :icon="mode === 'day' ? mdiWeatherNight : mdiWhiteBalanceSunny" size="19" />
    </button>
    <PartySettings v-if="settings" v-model="settings" />
  </header>
</template>

<style scoped>
.run {
  min-height: 30px;
  padding: 3px 11px;
  text-decoration: none;
}

@media (max-width: 839px) {
  .run {
    display: none;
  }
}

.bar {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 0 20px;
  min-width: 0;
}

.brand {
  font: 700 19px var(--head);
  color: var(--ink);
  text-decoration: none;
  white-space: nowrap;
}

.title {
  all: unset;
  cursor: pointer;
  display: flex;
  align-items: baseline;
  gap: 12px;
  min-width: 0;
  flex: 1;
  padding: 4px 6px;
  border-radius: 8px;
  overflow: hidden;
  white-space: nowrap;
}

.title:hover .name {
  text-decoration: underline;
  text-underline-offset: 4px;
}

.title:focus-visible {
  outline: 3px solid var(--rim);
  outline-offset: -3px;
}

.name {
  font-size: 16px;
  font-weight: 600;
  overflow: hidden;
  text-overflow: ellipsis;
}

.saved {
  font-size: 14px;
  white-space: nowrap;
}

.tool {
  all: unset;
  cursor: pointer;
  width: 36px;
  height: 36px;
  display: grid;
  place-items: center;
  border-radius: 50%;
}

.tool:hover {
  background: var(--hair);
}

.tool:focus-visible {
  outline: 3px solid var(--rim);
}

.tool:disabled {
  opacity: 0.35;
  cursor: default;
  background: none;
}

@media (max-width: 839px) {
  .bar {
    gap: 2px;
    padding: 0 4px 0 8px;
  }

  .brand,
  .when,
  .saved {
    display: none;
  }

  .tool {
    width: 44px;
    height: 44px;
  }

  .units {
    border: 0;
    padding: 3px 6px;
  }
}
</style>
