<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { StepName } from '@/app/router'
import { useOpenParty } from '@/party/useOpenParty'
import { nowIn } from '@/ui/time'
import { useNow } from '@/ui/useNow'
import { nowShare, stations } from './stations'

/** Days before, shops, prep, sitting down and finish on one line; the steps of the work are its stations. */
const props = defineProps<{ step: StepName; party: string }>()

const { brief, plan } = useOpenParty()
const now = useNow()
const line = computed(() => stations(brief.value, plan.value))
const share = computed(() => nowShare(line.value, nowIn(brief.value.zone, now.value)))
const nav = ref<HTMLElement>()

/** Of several stations of one step (shops; sitting down and finish) only the first is the current page. */
const isCurrent = (key: string) => line.value.find((station) => station.step === props.step)?.key === key

watch(
  () => props.step,
  async () => {
    await nextTick()
    const current = nav.value?.querySelector('[aria-current]')
    if (nav.value && current instanceof HTMLElement) {
      nav.value.scrollLeft = current.offsetLeft - nav.value.clientWidth / 2 + current.clientWidth / 2
    }
  },
  { immediate: true },
)
</script>

<template>
  <nav ref="nav" class="line" aria-label="Steps" tabindex="-1">
    <div class="track" :style="{ '--count': line.length }">
      <span class="meal" aria-hidden="true" />
      <span class="now" aria-hidden="true" :style="{ '--share': share }" />
      <router-link
        v-for="station in line"
        :key="station.key"
        :to="`/party/${party}/${station.step}`"
        class="station"
        :class="{ current: isCurrent(station.key), open: station.open }"
        :aria-current="isCurrent(station.key) ? 'step' : undefined"
      >
        <span class="mark" aria-hidden="true" />
        <span class="name">{{ station.name }}</span>
        <span class="figure">{{ station.figure }}</span>
        <span v-if="station.open" class="sr">, something is open</span>
      </router-link>
    </div>
  </nav>
</template>

<style scoped>
.line {
  height: 72px;
  padding: 0 20px;
}

.track {
  position: relative;
  height: 100%;
  display: grid;
  grid-template-columns: repeat(var(--count), 1fr);
}

.track::before {
  content: '';
  position: absolute;
  top: 19px;
  left: calc(50% / var(--count));
  right: calc(50% / var(--count));
  height: 3px;
  background: var(--hair);
}

.meal {
  position: absolute;
  top: 16px;
  height: 9px;
  border-radius: 5px;
  background: var(--rim);
  right: calc(50% / var(--count));
  width: calc(100% / var(--count));
}

.now {
  position: absolute;
  top: 2px;
  left: calc(50% / var(--count) + var(--share) * (100% - 100% / var(--count)));
  width: 2.5px;
  height: 22px;
  background: var(--now);
}

.now::after {
  content: '';
  position: absolute;
  left: -3px;
  bottom: -5px;
  width: 9px;
  height: 9px;
  border-radius: 50%;
  background: var(--now);
}

.station {
  position: relative;
  display: flex;
  flex-direction: column;
  align-items: center;
  text-decoration: none;
  color: var(--ink);
  padding-top: 11px;
  border-radius: 10px;
}

.mark {
  width: 18px;
  height: 18px;
  border-radius: 50%;
  background: var(--rim);
  border: 3px solid var(--ground);
  margin-bottom: 3px;
}

.open .mark {
  background: var(--ground);
  border: 2.5px solid var(--rim);
  border-radius: 2px;
  transform: rotate(45deg) scale(0.78);
}

.current .mark {
  box-shadow:
    0 0 0 4px var(--ground),
    0 0 0 6.5px var(--rim);
}

.name {
  font-size: 14px;
  font-weight: 500;
  white-space: nowrap;
}

.current .name {
  font-weight: 700;
}

.station:hover .name {
  text-decoration: underline;
  text-underline-offset: 3px;
}

.figure {
  font-size: 12.5px;
  color: var(--soft);
  white-space: nowrap;
}

.sr {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}

@media (max-width: 839px) {
  .line {
    overflow-x: auto;
    scrollbar-width: none;
    padding: 0 8px;
  }

  .track {
    width: calc(var(--count) * 92px);
  }
}

@media print {
  .line {
    display: none;
  }
}
</style>
