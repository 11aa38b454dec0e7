import { ref, type Ref } from 'vue'
import type { Drop } from '@/api/types'
import { putIn } from '@/table/stays'
import { toSecond, type Scale } from './chart'

/** A shorter way is a tap [s]. */
const HARDLY_MOVED = 45
const HALF_MINUTE = 30

/** What becomes of a drop that is pressed, dragged along its band and let go. */
interface Gestures {
  choose: (drop: Drop) => void
  /** While it is held, over this minute. */
  hold: (drop: Drop, minute: number) => void
  letGo: () => void
  move: (drop: Drop, minute: number) => void
}

/** Drops dragged to another half minute of a chart so many of its units wide. */
export function useDrag(
  svg: Ref<SVGSVGElement | undefined>,
  width: number,
  scale: Ref<Scale>,
  gestures: Gestures,
) {
  const held = ref<{ drop: Drop; from: number; to: number }>()

  function pointX(event: PointerEvent): number {
    const box = svg.value?.getBoundingClientRect()
    return box ? ((event.clientX - box.left) / box.width) * width : 0
  }

  /** The half minute a drop is held over; none where it has hardly been moved. */
  function heldOver(gesture: { drop: Drop; from: number; to: number }): number | undefined {
    const seconds = toSecond(scale.value, gesture.to) - toSecond(scale.value, gesture.from)
    return Math.abs(seconds) < HARDLY_MOVED
      ? undefined
      : Math.round((putIn(gesture.drop) + seconds) / HALF_MINUTE) / 2
  }

  function press(event: PointerEvent, drop: Drop): void {
    svg.value?.setPointerCapture(event.pointerId)
    held.value = { drop, from: pointX(event), to: pointX(event) }
  }

  function slide(event: PointerEvent): void {
    if (!held.value) return
    held.value.to = pointX(event)
    const minute = heldOver(held.value)
    if (minute === undefined) gestures.letGo()
    else gestures.hold(held.value.drop, minute)
  }

  function release(): void {
    const gesture = held.value
    held.value = undefined
    if (!gesture) return
    const minute = heldOver(gesture)
    gestures.letGo()
    if (minute === undefined) gestures.choose(gesture.drop)
    else gestures.move(gesture.drop, minute)
  }

  /** A gesture the device breaks off moves nothing. */
  function breakOff(): void {
    held.value = undefined
    gestures.letGo()
  }

  const isHeld = (drop: Drop) => held.value?.drop.id === drop.id
  /** How far it is from where it lies, in the chart's units. */
  const shift = (drop: Drop) => (held.value && isHeld(drop) ? held.value.to - held.value.from : 0)

  return { press, slide, release, breakOff, isHeld, shift }
}
