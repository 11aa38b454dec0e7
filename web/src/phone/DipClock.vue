<script setup lang="ts">
import { computed, onScopeDispose, ref, watch } from 'vue'
import type { SideForYou } from '@/api/types'
import { alongOf, figureOf, phaseOf, type Dip, type Phase } from './dip'
import SideName from './SideName.vue'
import { sound } from './sound'

/** The whole screen while something is held in the broth: too early, good, too late, by word, form and sound. */
const props = defineProps<{ dip: Dip; side?: SideForYou }>()
const emit = defineEmits<{ slide: []; taken: []; lost: []; back: [] }>()

const SAYS: Record<Phase, string> = {
  BROWNING: 'Brown it',
  SLIDE: 'Slide it in',
  EARLY: 'Hold it in',
  GOOD: 'Good now',
  LATE: 'Out with it',
  OVER: 'Too long',
}
const now = ref(Date.now())
const timer = setInterval(() => (now.value = Date.now()), 200)
onScopeDispose(() => clearInterval(timer))

const phase = computed(() => phaseOf(props.dip, now.value))
const along = computed(() => alongOf(props.dip, now.value))
const percent = (share: number) => `${(share * 100).toFixed(1)}%`
watch(phase, (is) => sound(is))
</script>

<template>
  <section
    class="clock"
    :class="phase.toLowerCase()"
    role="timer"
    :aria-label="`${dip.turn.name}: ${SAYS[phase]}`"
  >
    <p class="what">
      <b>{{ dip.turn.name }}</b><SideName v-if="side" :name="side.name" :tint="side.tint" />
    </p>
    <p class="figure">{{ figureOf(dip, now) }}<small>s</small></p>
    <p class="says" aria-live="assertive">{{ SAYS[phase] }}</p>
    <div class="along" aria-hidden="true">
      <i class="good" :style="{ left: percent(along.ready), right: percent(1 - along.best) }" />
      <i class="hand" :style="{ left: percent(along.at) }" />
    </div>
    <p class="look">{{ dip.turn.look }}</p>
    <div class="acts">
      <button v-if="dip.onPlate" type="button" class="big now" @click="emit('slide')">Slid in</button>
      <button v-else type="button" class="big" :class="{ now: phase !== 'EARLY' }" @click="emit('taken')">
        Taken out
      </button>
      <div class="small">
        <button type="button" class="pick" @click="emit('lost')">It is lost</button>
        <button type="button" class="pick" @click="emit('back')">Not in after all</button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.clock {
  position: fixed;
  inset: 0;
  z-index: 3;
  display: grid;
  grid-template-rows: auto 1fr auto auto auto auto;
  justify-items: center;
  text-align: center;
  gap: 10px;
  padding: 24px 20px calc(20px + env(safe-area-inset-bottom));
  background: var(--sheet);
}

.clock.good,
.clock.slide {
  background: var(--now);
  color: #14130f;
}

.clock.late,
.clock.over {
  background: repeating-linear-gradient(135deg, var(--warn-ground) 0 22px, var(--sheet) 22px 44px);
}

.what {
  display: grid;
  gap: 6px;
  justify-items: center;
}

.what b {
  font: 700 26px/1.15 var(--head);
}

.figure {
  align-self: center;
  font: 800 168px/0.9 var(--head);
  font-variant-numeric: tabular-nums;
}

.figure small {
  font-size: 44px;
  font-weight: 650;
  padding-left: 6px;
}

.says {
  font: 750 38px/1.1 var(--head);
}

.along {
  position: relative;
  width: 100%;
  height: 18px;
  border: 2.5px solid currentcolor;
  border-radius: 9px;
}

.along i {
  position: absolute;
  top: 0;
  bottom: 0;
}

.along .good {
  background: currentcolor;
  opacity: 0.35;
}

.along .hand {
  width: 6px;
  margin-left: -3px;
  top: -8px;
  bottom: -8px;
  background: currentcolor;
  border-radius: 3px;
}

.look {
  min-height: 1.4em;
  font-size: 16px;
}

.acts {
  display: grid;
  gap: 10px;
  width: 100%;
}

.acts .big {
  min-height: 76px;
  font-size: 24px;
}

.clock.good .big,
.clock.slide .big {
  background: #14130f;
  border-color: #14130f;
  color: #ffffff;
}

.small {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

.small .pick {
  text-align: center;
  background: transparent;
  border-color: currentcolor;
}
</style>
