<script setup lang="ts">
import { computed, ref, useTemplateRef, onMounted } from 'vue'
import type { Mine, Need, Said, Seat } from '@/api/types'
import { NEEDS } from '@/party/words'
import SideName from './SideName.vue'

/** What a guest can say: full, more, not for me, something fell in, a need nobody knew of. */
const props = defineProps<{ mine: Mine; seat: Seat; running: boolean }>()
const emit = defineEmits<{ say: [said: Said, text: string]; leave: []; close: [] }>()

const topic = ref<'' | 'more' | 'not' | 'fell' | 'need' | 'out'>('')
const side = ref('')
const sheet = useTemplateRef<HTMLDialogElement>('sheet')
onMounted(() => sheet.value?.showModal())

const known = computed(() => new Set(props.seat.needs.map((need) => need.need)))
const unknown = computed(() => NEEDS.filter(({ value }) => !known.value.has(value)))
const wanted = computed(() => props.seat.foods.filter((food) => !food.declined))
const declined = computed(() => props.seat.foods.filter((food) => food.declined))
/** What others leave, and what they had declined themselves. */
const more = computed(() => [...props.seat.more, ...declined.value])

function say(said: Said, text: string): void {
  emit('say', said, text)
  emit('close')
}
const guest = computed(() => props.seat.guest)
const sayNeed = (need: Need['kind'], label: string) =>
  say({ type: 'NEED_SAID', guest: guest.value, need }, `The host is told: ${label}`)
const sideName = computed(() => props.seat.sides.find((one) => one.side === side.value)?.name ?? '')
</script>

<template>
  <dialog ref="sheet" class="sheet" aria-label="Tell the table" @close="emit('close')">
    <header>
      <h2>{{ topic === '' ? 'Tell the table' : '' }}</h2>
      <button type="button" class="pick" @click="topic === '' ? emit('close') : (topic = '')">
        {{ topic === '' ? 'Close' : 'Back' }}
      </button>
    </header>
    <div v-if="topic === ''" class="topics">
      <template v-if="running">
        <button
          v-if="seat.there"
          type="button"
          class="pick"
          @click="say({ type: 'FULL', guest }, 'You are full')"
        >
          I am full
        </button>
        <button v-else type="button" class="pick" @click="say({ type: 'ARRIVED', guest }, 'You are here')">
          I am here
        </button>
        <button type="button" class="pick" @click="topic = 'more'">More of something</button>
        <button type="button" class="pick" @click="topic = 'not'">Not for me</button>
        <button type="button" class="pick" @click="topic = 'fell'">Something fell in</button>
      </template>
      <button type="button" class="pick" @click="topic = 'need'">Something I keep away from</button>
      <button type="button" class="pick" @click="topic = 'out'">This phone leaves the table</button>
    </div>
    <template v-else-if="topic === 'more'">
      <p class="ask">More of what? This is what is left and suits you.</p>
      <div class="picks">
        <button
          v-for="food in more"
          :key="food.cut"
          type="button"
          class="pick"
          @click="say({ type: 'WANTS', guest, cut: food.cut }, `More ${food.name}`)"
        >
          {{ food.name }}
        </button>
      </div>
      <p v-if="more.length === 0" class="quiet">Nothing is left over yet. Ask again later.</p>
    </template>
    <template v-else-if="topic === 'not'">
      <p class="ask">What would you rather not have? Others get it.</p>
      <div class="picks">
        <button
          v-for="food in wanted"
          :key="food.cut"
          type="button"
          class="pick"
          @click="say({ type: 'DECLINED', guest, cut: food.cut }, `No ${food.name} for you`)"
        >
          {{ food.name }}
        </button>
      </div>
    </template>
    <template v-else-if="topic === 'fell'">
      <p class="ask">Into which side?</p>
      <div class="picks">
        <button
          v-for="one in seat.sides"
          :key="one.side"
          type="button"
          class="pick"
          :aria-pressed="side === one.side"
          @click="side = one.side"
        >
          <SideName :name="one.name" :tint="one.tint" />
        </button>
      </div>
      <template v-if="side">
        <p class="ask">What?</p>
        <div class="picks">
          <button
            v-for="food in mine.onTheTable"
            :key="food.id"
            type="button"
            class="pick"
            @click="say({ type: 'FELL_IN', side, ingredient: food.id }, `${food.name} fell into ${sideName}`)"
          >
            {{ food.name }}
          </button>
        </div>
        <p class="care">
          Fishing it out does not make the side safe again. Something else: call the host now.
        </p>
      </template>
    </template>
    <template v-else-if="topic === 'need'">
      <p class="ask">What do you keep away from? It holds at once, and the host is told.</p>
      <div class="picks">
        <button
          v-for="need in unknown"
          :key="need.value"
          type="button"
          class="pick"
          @click="sayNeed(need.value, need.label)"
        >
          {{ need.label }}
        </button>
      </div>
      <p class="care">
        Had some of it already and feel unwell? Tell the people at the table, and call for help.
      </p>
    </template>
    <template v-else>
      <p class="ask">This phone forgets your place. Come again with a new invitation.</p>
      <button type="button" class="big" @click="emit('leave')">Leave</button>
    </template>
  </dialog>
</template>

<style scoped>
.sheet {
  position: fixed;
  inset: auto 0 0;
  width: 100%;
  max-width: 560px;
  max-height: 88vh;
  margin: 0 auto;
  overflow: auto;
  border: 0;
  border-radius: 22px 22px 0 0;
  background: var(--ground);
  color: var(--ink);
  padding: 16px 16px calc(24px + env(safe-area-inset-bottom));
}

.sheet::backdrop {
  background: rgb(12 18 28 / 55%);
}

header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding-bottom: 10px;
}

h2 {
  font-size: 24px;
}

.topics {
  display: grid;
  gap: 10px;
}

.topics .pick {
  min-height: 60px;
  font: 650 20px var(--head);
}

.ask {
  font: 600 19px/1.3 var(--head);
  padding: 8px 0;
}

.care {
  margin-top: 12px;
}
</style>
