/** What the drawn table shows of a step, read off the plan. */

import type { Brief, Catalogue, Category, Drop, Plan } from '@/api/types'
import { inBroth } from '@/table/stays'

/** A share of a plate ring, from 0 to 1. */
export interface PlateSlice {
  category: Category
  from: number
  to: number
}

/** A guest's plate by category; what cannot be cooked for the guest leaves a gap at the end. */
export function plateRing(plan: Plan, guest: string): PlateSlice[] {
  const categoryOf = new Map(plan.portions.cuts.map((cut) => [cut.cut, cut.category]))
  const grams = new Map<Category, number>()
  let all = 0
  for (const line of plan.portions.lines.filter((l) => l.guest === guest)) {
    const lost = plan.table.remainders
      .filter((rest) => rest.guest === guest && rest.cut === line.cut)
      .reduce((sum, rest) => sum + rest.grams, 0)
    const category = categoryOf.get(line.cut) as Category
    all += line.served.value
    grams.set(category, (grams.get(category) ?? 0) + line.served.value - lost)
  }
  let at = 0
  return [...grams].map(([category, amount]) => {
    const from = at
    at += all > 0 ? amount / all : 0
    return { category, from, to: at }
  })
}

/** A sauce on the table as it stands at a place: struck when it does not suit the guest. */
export interface Dish {
  sauce: string
  struck: boolean
}

/** The house sauces at a place; undefined for a guest who stirs their own. */
export function sauceDishes(brief: Brief, plan: Plan, guest: string): Dish[] | undefined {
  if (plan.sauces.bar.guests.includes(guest)) return undefined
  return brief.sauces.map(({ sauce }) => ({
    sauce,
    struck: plan.sauces.clashes.some((clash) => clash.guest === guest && clash.sauce === sauce),
  }))
}

/** Share of a guest's ingredients that need no more shopping, from 0 to 1. */
export function shoppingShare(plan: Plan, cuts: Catalogue['cuts'], guest: string): number {
  const missing = new Set(
    plan.purchases.needs.filter((need) => need.missing.value > 0.5).map((need) => need.ingredient),
  )
  const lacking = new Set(cuts.filter((cut) => missing.has(cut.ingredient)).map((cut) => cut.id))
  const own = plan.portions.lines.filter((line) => line.guest === guest && line.served.value > 0)
  if (own.length === 0) return 1
  return own.filter((line) => !lacking.has(line.cut)).length / own.length
}

/** A plate of food on the table, there once it has been set out. */
export interface SetPlate {
  id: string
  category: Category
  isSet: boolean
}

/** A broth fills its sides once it has been carried to the table. */
export const isCarried = (plan: Plan, broth: string): boolean => isDone(plan, `broth:${broth}:carry`)

export const isDone = (plan: Plan, task: string): boolean =>
  plan.prep.tasks.some((t) => t.id === task && t.state === 'DONE')

/** A plate for each cut that is set out. */
export const setPlates = (plan: Plan): SetPlate[] =>
  plan.portions.cuts.flatMap((cut) => {
    const task = plan.prep.tasks.find((t) => t.id === `cut:${cut.cut}:plate`)
    return task ? [{ id: cut.cut, category: cut.category, isSet: task.state === 'DONE' }] : []
  })

/** Something in a side at a moment. */
export interface Floating {
  id: string
  name: string
  ready: boolean
}

/** What is in each side at a second of the evening. */
export function foodAt(drops: Drop[], second: number): Map<string, Floating[]> {
  const bySide = new Map<string, Floating[]>()
  for (const drop of drops) {
    const inside = inBroth(drop).filter((stay) => stay.putIn <= second && second < stay.takeOut)
    if (inside.length > 0) {
      const list = bySide.get(drop.side) ?? []
      list.push({ id: drop.id, name: drop.name, ready: inside.some((stay) => second >= stay.ready) })
      bySide.set(drop.side, list)
    }
  }
  return bySide
}
