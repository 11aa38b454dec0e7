<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Course } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { courseName, editCourses, moveBorder } from './eating'

/** The courses side by side, as long as their share of the meal; borders can be dragged. Noodles stand where they come. */
const NOODLES = 12
const STEP = 2

const emit = defineEmits<{ change: [] }>()
const { party, brief, plan, catalogue } = useOpenParty()
const strip = ref<HTMLElement>()
const drag = ref<{ index: number; from: number; by: number }>()

const shown = computed<Course[]>(() => {
  const courses = plan.value.table.courses.map((course) => ({ ...course }))
  if (drag.value) moveBorder(courses, drag.value.index, drag.value.by)
  return courses
})
const all = computed(() => shown.value.reduce((sum, course) => sum + course.share, 0))
const nameOf = (cut: string) => {
  const known = catalogue.value.cuts.find((c) => c.id === cut)
  const ingredient = catalogue.value.ingredients.find((i) => i.id === known?.ingredient)
  return ingredient?.name ?? plan.value.windows.find((w) => w.cut === cut)?.name.split(',')[0] ?? cut
}
const starch = computed(() => brief.value.starch)
const hasStarch = computed(() =>
  plan.value.portions.cuts.some((cut) => cut.category === 'STARCH' && cut.grams.value > 0),
)
const noodles = computed(() => hasStarch.value && starch.value !== 'IN_THE_BOWL')
/** How many courses stand before the noodles. */
const before = computed(() => {
  if (starch.value === 'FIRST') return 0
  return starch.value === 'LAST' ? shown.value.length : Math.ceil(shown.value.length / 2)
})
const parts = computed(() =>
  shown.value.map((course, index) => ({
    index,
    name: courseName(course, shown.value, nameOf),
    percent: Math.round((100 * course.share) / all.value),
    share: course.share,
    last: index === shown.value.length - 1,
  })),
)

function press(event: PointerEvent, index: number): void {
  ;(event.target as HTMLElement).setPointerCapture(event.pointerId)
  drag.value = { index, from: event.clientX, by: 0 }
}

function slide(event: PointerEvent): void {
  const width = strip.value?.clientWidth ?? 1
  if (drag.value) drag.value.by = ((event.clientX - drag.value.from) / width) * all.value
}

function release(): void {
  const gesture = drag.value
  drag.value = undefined
  if (gesture && Math.abs(gesture.by) >= 1) move(gesture.index, gesture.by)
}

function move(index: number, by: number): void {
  party.edit(
    'drag a course',
    editCourses(plan.value.table.courses, (courses) => moveBorder(courses, index, by)),
  )
}
</script>

<template>
  <div ref="strip" class="strip" role="group" aria-label="Courses" @pointermove="slide" @pointerup="release">
    <span v-if="noodles && before === 0" class="course noodles" :style="{ flexGrow: NOODLES }">Noodles</span>
    <template v-for="part in parts" :key="part.index">
      <button
        type="button"
        class="course"
        :style="{ flexGrow: part.share }"
        :title="part.name"
        :aria-label="`Course ${part.index + 1}: ${part.name}, ${part.percent} %`"
        @click="emit('change')"
      >
        <span class="name">{{ part.name }}</span> <span class="quiet">{{ part.percent }} %</span>
      </button>
      <span
        v-if="!part.last"
        class="border"
        role="slider"
        tabindex="0"
        :aria-label="`Border after course ${part.index + 1}`"
        :aria-valuenow="part.percent"
        aria-valuemin="0"
        aria-valuemax="100"
        @pointerdown="press($event, part.index)"
        @keydown.left.prevent="move(part.index, -STEP)"
        @keydown.right.prevent="move(part.index, STEP)"
      />
      <span v-if="noodles && before === part.index + 1" class="course noodles" :style="{ flexGrow: NOODLES }"
        >Noodles</span
      >
    </template>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  align-items: stretch;
  height: 32px;
  margin: 2px 0 6px;
  border-radius: 8px;
  background: var(--well);
  overflow: hidden;
  touch-action: pan-y;
}

.course {
  all: unset;
  flex: 1 1 0;
  min-width: 0;
  box-sizing: border-box;
  padding: 0 8px;
  font-size: 12.5px;
  line-height: 32px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  cursor: pointer;
}

.course:focus-visible {
  outline: 3px solid var(--rim);
  outline-offset: -3px;
}

.name {
  font-weight: 600;
}

.noodles {
  cursor: default;
  font-weight: 600;
  background: var(--hair);
}

.border {
  flex: none;
  width: 25px;
  margin: 0 -12px;
  z-index: 1;
  cursor: ew-resize;
  background: linear-gradient(var(--rim), var(--rim)) center / 3px 60% no-repeat;
  touch-action: none;
}

.border:focus-visible {
  outline: 3px solid var(--rim);
  outline-offset: -3px;
}

@media (max-width: 839px) {
  .strip {
    flex-direction: column;
    height: auto;
  }

  .course {
    flex-grow: 0 !important;
    flex-basis: auto;
    line-height: 40px;
    border-top: 1px solid var(--hair);
  }

  .border {
    display: none;
  }
}
</style>
