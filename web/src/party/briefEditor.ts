import { computed, shallowRef } from 'vue'
import type { Brief } from '@/api/types'
import { apply, diff, inverse, type Change, type Json } from './changes'

/** One gesture of the host and what it changed. */
interface Command {
  label: string
  changes: Change[]
}

const copyOf = <T>(document: T) => JSON.parse(JSON.stringify(document)) as T

export type BriefEditor = ReturnType<typeof briefEditor>

/**
 * The brief of one party as it is edited here: each gesture is one step that can be undone.
 *
 * @param changed what else is to happen once it is another one
 * @example
 * const editor = briefEditor(save)
 * editor.brief.value = opened
 * editor.edit('rename', (draft) => (draft.title = 'Feast'))
 * editor.undo()
 */
export function briefEditor(changed: (next: Brief, before: Brief) => void) {
  const brief = shallowRef<Brief>()
  const done = shallowRef<Command[]>([])
  const undone = shallowRef<Command[]>([])

  function put(next: Brief): void {
    const before = brief.value
    brief.value = next
    if (before) changed(next, before)
  }

  /** A copy, changed; undefined while there is no brief. */
  function draft(change: (draft: Brief) => void): Brief | undefined {
    if (!brief.value) return undefined
    const copy = copyOf(brief.value)
    change(copy)
    return copy
  }

  function edit(label: string, change: (draft: Brief) => void): void {
    const next = draft(change)
    if (next) add(label, diff(brief.value as Json, next as Json), next)
  }

  /** A gesture whose changes were found elsewhere. */
  function add(label: string, changes: Change[], next = brief.value && apply(brief.value, changes)): void {
    if (!next || changes.length === 0) return
    done.value = [...done.value, { label, changes }]
    undone.value = []
    put(next)
  }

  /** What the last gesture took along: undone with it. */
  function amend(changes: Change[]): void {
    const last = done.value.at(-1)
    if (last) done.value = [...done.value.slice(0, -1), { ...last, changes: [...last.changes, ...changes] }]
  }

  function undo(): void {
    const command = done.value.at(-1)
    if (!command || !brief.value) return
    done.value = done.value.slice(0, -1)
    undone.value = [...undone.value, command]
    put(apply(brief.value, inverse(command.changes)))
  }

  function redo(): void {
    const command = undone.value.at(-1)
    if (!command || !brief.value) return
    undone.value = undone.value.slice(0, -1)
    done.value = [...done.value, command]
    put(apply(brief.value, command.changes))
  }

  return {
    brief,
    canUndo: computed(() => done.value.at(-1)?.label),
    canRedo: computed(() => undone.value.at(-1)?.label),
    ...{ put, draft, edit, add, amend, undo, redo },
  }
}
