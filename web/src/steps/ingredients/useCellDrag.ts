import { ref } from 'vue'

/** So far the finger moves for one step [px]. */
const STEP_PX = 7
const MOST_GRAMS = 400

export interface CellDrag {
  /** Where the drag starts from [g]. */
  grams: () => number
  /** One step: a piece, or some grams [g]. */
  step: () => number
  /** While it moves [g]. */
  slide: (grams: number) => void
  /** When it is let go [g]. */
  pin: (grams: number) => void
}

/**
 * Grams after moving sideways: whole steps, never below none.
 * @example draggedGrams(24, 12, 15) === 48
 */
export function draggedGrams(from: number, step: number, dx: number): number {
  const start = Math.round(from / step) * step
  const grams = start + Math.trunc(dx / STEP_PX) * step
  return Math.min(MOST_GRAMS, Math.max(0, grams))
}

/**
 * Dragging a number sideways with mouse or pen, or stepping it with + and -. A finger scrolls the grid instead: it taps
 * the number and moves the slider.
 */
export function useCellDrag({ grams, step, slide, pin }: CellDrag) {
  const dragging = ref(false)
  let startX = 0
  let from = 0
  let last = 0
  let moved = false

  function down(event: PointerEvent): void {
    if (event.pointerType === 'touch' || event.button !== 0) return
    ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
    dragging.value = true
    startX = event.clientX
    from = last = grams()
    moved = false
  }

  function move(event: PointerEvent): void {
    if (!dragging.value) return
    const next = draggedGrams(from, step(), event.clientX - startX)
    if (!moved && Math.abs(event.clientX - startX) < STEP_PX) return
    moved = true
    if (next !== last) slide((last = next))
  }

  function up(): void {
    if (!dragging.value) return
    dragging.value = false
    if (moved) pin(last)
  }

  /** True for the click that ends a drag: it opens nothing. */
  const endsDrag = () => moved && !(moved = false)

  function key(event: KeyboardEvent): void {
    const by = event.key === '+' ? STEP_PX : event.key === '-' ? -STEP_PX : 0
    if (by === 0) return
    event.preventDefault()
    pin(draggedGrams(grams(), step(), by))
  }

  return { dragging, down, move, up, endsDrag, key }
}
