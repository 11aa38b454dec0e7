import type { Brief, Category, Figure, Plan } from '@/api/types'

/** One guest's share of one cut as a cell shows it. */
export interface Cell {
  guest: string
  text: string
  /** What opens the working; none where the guest gets nothing. */
  figure?: Figure
  grams: number
  pinned: boolean
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

/** The guests-by-ingredients grid, by category in menu order. */
export function gridOf(brief: Brief, plan: Plan): Group[] {
  const lines = new Map(plan.portions.lines.map((line) => [`${line.guest} ${line.cut}`, line]))
  const barred = new Map(plan.portions.barred.map((b) => [`${b.guest} ${b.cut}`, b.reason]))
  const groups: Group[] = []
  for (const cut of plan.portions.cuts) {
    const [name, ...detail] = cut.name.split(', ')
    const row: Row = {
      cut: cut.cut,
      name: name ?? cut.name,
      detail: detail.join(', '),
      total: cut.grams,
      pieces: cut.pieces,
      tooFew: cut.tooFew,
      cells: brief.guests.map((guest) => {
        const line = lines.get(`${guest.id} ${cut.cut}`)
        return {
          guest: guest.id,
          text: line ? String(line.pieces ? line.pieces.value : Math.round(line.served.value)) : '',
          figure: line?.pieces ?? line?.grams,
          grams: line?.grams.value ?? 0,
          pinned: line?.pinned ?? false,
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
