import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, onBeforeUnmount, onMounted, ref, toValue, type MaybeRefOrGetter, type Ref } from 'vue'

/** How large things are drawn [px]. */
export interface GridSizes {
  row: number
  category: number
  column: number
}

/**
 * Which rows and columns of a large grid are in sight. Rows scroll with the sheet around the grid, columns inside the
 * grid's own frame.
 *
 * @param frame the element that scrolls sideways
 * @param rows height of each row in order [px]
 */
export function useGridWindow(
  frame: Ref<HTMLElement | undefined>,
  rows: MaybeRefOrGetter<number[]>,
  columns: MaybeRefOrGetter<number>,
  columnWidth: MaybeRefOrGetter<number>,
) {
  const sheet = ref<HTMLElement | null>(null)
  const above = ref(0)
  let observer: MutationObserver | undefined

  /** Where the grid begins within the sheet; what unfolds above it moves it. */
  function measure(): void {
    if (!frame.value || !sheet.value) return
    const offset = frame.value.getBoundingClientRect().top - sheet.value.getBoundingClientRect().top
    above.value = Math.round(offset + sheet.value.scrollTop)
  }

  onMounted(() => {
    sheet.value = frame.value?.closest<HTMLElement>('.sheet') ?? null
    sheet.value?.addEventListener('scroll', measure, { passive: true })
    observer = new MutationObserver(measure)
    if (sheet.value) observer.observe(sheet.value, { childList: true })
    measure()
  })
  onBeforeUnmount(() => {
    sheet.value?.removeEventListener('scroll', measure)
    observer?.disconnect()
  })

  const down = useVirtualizer(
    computed(() => ({
      count: toValue(rows).length,
      getScrollElement: () => sheet.value,
      estimateSize: (i: number) => toValue(rows)[i] ?? 0,
      scrollMargin: above.value,
      overscan: 2,
    })),
  )
  const across = useVirtualizer(
    computed(() => ({
      horizontal: true,
      count: toValue(columns),
      getScrollElement: () => frame.value ?? null,
      estimateSize: () => toValue(columnWidth),
      overscan: 1,
    })),
  )

  return {
    rows: computed(() => {
      const items = down.value.getVirtualItems()
      return {
        indexes: items.map((item) => item.index),
        before: (items[0]?.start ?? above.value) - above.value,
        after: down.value.getTotalSize() - ((items.at(-1)?.end ?? above.value) - above.value),
      }
    }),
    columns: computed(() => {
      const items = across.value.getVirtualItems()
      return {
        indexes: items.map((item) => item.index),
        before: items[0]?.start ?? 0,
        after: across.value.getTotalSize() - (items.at(-1)?.end ?? 0),
      }
    }),
    /** Brings a cell into sight. */
    show(row: number, column: number): void {
      down.value.scrollToIndex(row)
      across.value.scrollToIndex(column)
    },
  }
}
