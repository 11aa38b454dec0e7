/** Differences between two versions of a brief, by entity and field; the ground of undo and of merging. */

import keys from '@/api/keys.json'

export type Json = string | number | boolean | null | undefined | Json[] | { [key: string]: Json }

/** One field or entity that differs. A step of a path is a field name, or `#key` for an entity of a list. */
export interface Change {
  path: string[]
  from: Json
  to: Json
  /** Place of an added or removed entity in its list. */
  at?: number
}

type Entity = { [key: string]: Json }

/**
 * What makes an entity of a list itself, by the list's name: each way a list of that name has. A list not named here is
 * one value.
 */
const KEYS: Record<string, string[][]> = keys

function keyOf(list: string, entity: Json): string | undefined {
  if (typeof entity !== 'object' || entity === null) return `#${String(entity)}`
  if (Array.isArray(entity)) return undefined
  const fields = KEYS[list]?.find(
    (way) => way.length > 0 && way.every((field) => entity[field] !== undefined),
  )
  return fields && '#' + fields.map((field) => String(entity[field])).join('|')
}

function isEntity(value: Json): value is Entity {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

function same(a: Json, b: Json): boolean {
  return JSON.stringify(a) === JSON.stringify(b)
}

/** All changes that lead from one value to another. */
export function diff(from: Json, to: Json, path: string[] = []): Change[] {
  if (same(from, to)) return []
  if (isEntity(from) && isEntity(to)) {
    const keys = [...new Set([...Object.keys(from), ...Object.keys(to)])]
    return keys.flatMap((key) => diff(from[key], to[key], [...path, key]))
  }
  const list = path.at(-1) ?? ''
  if (Array.isArray(from) && Array.isArray(to) && KEYS[list]) return diffList(from, to, path, list)
  return [{ path, from, to }]
}

function diffList(from: Json[], to: Json[], path: string[], list: string): Change[] {
  const before = new Map(from.map((entity) => [keyOf(list, entity), entity]))
  const after = new Map(to.map((entity) => [keyOf(list, entity), entity]))
  const changes: Change[] = []
  from.forEach((entity, at) => {
    const key = keyOf(list, entity) as string
    if (!after.has(key)) changes.push({ path: [...path, key], from: entity, to: undefined, at })
  })
  to.forEach((entity, at) => {
    const key = keyOf(list, entity) as string
    if (before.has(key)) changes.push(...diff(before.get(key), entity, [...path, key]))
    else changes.push({ path: [...path, key], from: undefined, to: entity, at })
  })
  return changes
}

/** What stands at a path; undefined where there is nothing. */
export function valueAt(root: Json, path: string[]): Json {
  let node = root
  let list = ''
  for (const step of path) {
    node = step.startsWith('#') ? findIn(node, list, step) : isEntity(node) ? node[step] : undefined
    list = step
  }
  return node
}

/** The changes that take these back, last first. */
export function inverse(changes: Change[]): Change[] {
  return [...changes].reverse().map((change) => ({ ...change, from: change.to, to: change.from }))
}

/** A copy with the changes made; a change to something that is gone is left out. */
export function apply<T>(document: T, changes: Change[]): T {
  const copy = JSON.parse(JSON.stringify(document)) as T
  changes.forEach((change) => applyOne(copy as Json, change))
  return copy
}

function applyOne(root: Json, change: Change): void {
  const node = valueAt(root, change.path.slice(0, -1))
  if (node === undefined) return
  const list = change.path.at(-2) ?? ''
  const last = change.path.at(-1) ?? ''
  if (last.startsWith('#')) replaceIn(node as Json[], list, last, change)
  else if (isEntity(node)) {
    if (change.to === undefined) Reflect.deleteProperty(node, last)
    else node[last] = change.to
  }
}

function findIn(node: Json, list: string, key: string): Json {
  return Array.isArray(node) ? node.find((entity) => keyOf(list, entity) === key) : undefined
}

function replaceIn(list: Json[], name: string, key: string, change: Change): void {
  const place = list.findIndex((entity) => keyOf(name, entity) === key)
  if (change.to === undefined) {
    if (place >= 0) list.splice(place, 1)
  } else if (place >= 0) list[place] = change.to
  else list.splice(Math.min(change.at ?? list.length, list.length), 0, change.to)
}

/** Both versions of what two editors changed at once. */
export interface Clash<T> {
  theirs: T
  mine: T
  changes: Change[]
}

/** Both versions where a merge has something to ask; undefined where it has not. */
export const clashOf = <T>({ merged, clashes }: Merge<T>): Clash<T> | undefined =>
  clashes.length > 0 ? { theirs: merged, mine: apply(merged, clashes), changes: clashes } : undefined

/** What a merge comes to: a document, and the changes of mine that somebody else changed otherwise. */
export interface Merge<T> {
  merged: T
  clashes: Change[]
}

/** Three-way merge: my changes since `base` on top of `theirs`; asks only where both changed the same field. */
export function merge<T>(base: T, mine: T, theirs: T): Merge<T> {
  const myChanges = diff(base as Json, mine as Json)
  const theirChanges = diff(base as Json, theirs as Json)
  const clashes = myChanges.filter((my) => theirChanges.some((their) => meet(my, their)))
  return {
    merged: apply(
      theirs,
      myChanges.filter((change) => !clashes.includes(change)),
    ),
    clashes: clashes.map((change) => whole(change, mine as Json, theirs as Json)),
  }
}

/** A change inside something they took away is about all of it: as I have it, or gone. */
function whole(change: Change, mine: Json, theirs: Json): Change {
  for (let length = 1; length < change.path.length; length++) {
    const path = change.path.slice(0, length)
    if (valueAt(theirs, path) === undefined) return { path, from: undefined, to: valueAt(mine, path) }
  }
  return change
}

/** True when one path begins with the other and the results differ. */
function meet(a: Change, b: Change): boolean {
  const shorter = Math.min(a.path.length, b.path.length)
  const nested = a.path.slice(0, shorter).every((step, i) => step === b.path[i])
  return nested && !(a.path.length === b.path.length && same(a.to, b.to))
}
