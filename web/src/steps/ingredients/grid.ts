import type { Brief, Category, Figure, Plan } from '@/api/types'
import { shownGrams } from '@/ui/units'
import { saidOf } from './state'

/** One guest's share of one cut as a cell shows it. */
export interface Cell {
  guest: string
  text: string
  /** What opens the working; none where the guest gets nothing. */
  figure?: Figure
  grams: number
  pinned: boolean
  /** Kept apart for this guest. */
  reserved: boolean
  /** Why the guest does not get it. */
  barred?: string
}

export interface Row {
  cut: string
  name: string
  detail: string
  total: Figure
  pieces?: Figure
  tooFew: boolean
  cells: Cell[]
}

export interface Group {
  category: Category
  rows: Row[]
}

/**
 * The guests-by-ingredients grid, by category in menu order.
 *
 * @param called how one of a cut is called as it is sold, empty without a word
 */
export function gridOf(brief: Brief, plan: Plan, called: (cut: string) => string): Group[] {
  const lines = new Map(plan.portions.lines.map((line) => [`${line.guest} ${line.cut}`, line]))
  const barred = new Map(
    plan.portions.barred.map((b) => [
      `${b.guest} ${b.cut}`,
      b.instead ? `${b.reason}; ${b.instead} instead` : b.reason,
    ]),
  )
  const said = new Map(brief.menu.map((item) => [item.cut, saidOf(brief.units, item, called(item.cut))]))
  const groups: Group[] = []
  for (const cut of plan.portions.cuts) {
    const [name, ...detail] = cut.name.split(', ')
    const row: Row = {
      cut: cut.cut,
      name: name ?? cut.name,
      detail: [...detail, said.get(cut.cut)].filter(Boolean).join(', '),
      total: cut.grams,
      pieces: cut.pieces,
      tooFew: cut.tooFew,
      cells: brief.guests.map((guest) => {
        const line = lines.get(`${guest.id} ${cut.cut}`)
        return {
          guest: guest.id,
          text: line
            ? String(line.pieces ? line.pieces.value : shownGrams(brief.units, line.served.value))
            : '',
          figure: line?.pieces ?? line?.grams,
          grams: line?.grams.value ?? 0,
          pinned: line?.pinned ?? false,
          reserved: line?.reserved ?? false,
          barred: barred.get(`${guest.id} ${cut.cut}`),
        }
      }),
    }
    const last = groups.at(-1)
    if (last?.category === cut.category) last.rows.push(row)
    else groups.push({ category: cut.category, rows: [row] })
  }
  return groups
}

/** A line of the grid as drawn: a category's heading or a cut. */
export type GridLine = { kind: 'category'; category: Category } | { kind: 'row'; row: Row }

export const gridLines = (groups: Group[]): GridLine[] =>
  groups.flatMap((group) => [
    { kind: 'category' as const, category: group.category },
    ...group.rows.map((row) => ({ kind: 'row' as const, row })),
  ])

/**
 * The line and column an arrow key leads to, over headings and not beyond the edges.
 * @example step(lines, 9, { line: 1, column: 0 }, 'ArrowDown') is the next cut, same guest
 */
export function step(
  lines: GridLine[],
  columns: number,
  from: { line: number; column: number },
  key: string,
): { line: number; column: number } {
  const clamp = (n: number, most: number) => Math.min(Math.max(n, 0), most)
  const rows = lines.flatMap((line, i) => (line.kind === 'row' ? [i] : []))
  const at = rows.indexOf(from.line)
  const row = (by: number) => rows[clamp(at + by, rows.length - 1)] ?? from.line
  const moves: Record<string, { line: number; column: number }> = {
    ArrowUp: { line: row(-1), column: from.column },
    ArrowDown: { line: row(1), column: from.column },
    ArrowLeft: { line: from.line, column: clamp(from.column - 1, columns - 1) },
    ArrowRight: { line: from.line, column: clamp(from.column + 1, columns - 1) },
    Home: { line: from.line, column: 0 },
    End: { line: from.line, column: columns - 1 },
    PageUp: { line: row(-10), column: from.column },
    PageDown: { line: row(10), column: from.column },
  }
  return moves[key] ?? from
}
