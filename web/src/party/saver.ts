import { ref, shallowRef } from 'vue'
import { api, ask, NoConnection, RequestRefused } from '@/api/client'
import type { Brief, PartyView } from '@/api/types'
import type { BriefEditor } from './briefEditor'
import { apply, clashOf, diff, merge, type Clash, type Json } from './changes'
import { dropDraft, dropDrafts, findDrafts, keepDraft, keepDraftAtOnce, type Draft } from './drafts'
import { isAway, RETRY_AFTER_MS, said } from './failures'
import { onceSoon } from './onceSoon'

const SAVE_AFTER_MS = 400

export type SaveState = 'saved' | 'saving' | 'unsaved' | 'offline'

export type Saver = ReturnType<typeof saver>

/** Saves the brief of one party, merges it with what others saved, and keeps what is not saved on this device. */
export function saver(party: string, editor: BriefEditor) {
  const base = shallowRef<Brief>()
  const revision = ref(0)
  const state = ref<SaveState>('saved')
  const clash = shallowRef<Clash<Brief>>()
  const trouble = ref('')
  let saving: Promise<void> = Promise.resolve()
  const saveSoon = onceSoon(() => void save())

  /** As the server has it, in place of what is here. */
  function adopt(view: PartyView): void {
    revision.value = view.revision
    base.value = view.brief
    editor.brief.value = view.brief
    state.value = 'saved'
  }

  const mine = (): Draft | undefined =>
    base.value &&
    editor.brief.value && { revision: revision.value, base: base.value, brief: editor.brief.value }

  async function keepMine(): Promise<void> {
    const draft = mine()
    if (draft) await keepDraft(party, draft)
  }

  /** The page is being left: what is not saved is kept without waiting for anything. */
  function leave(): void {
    const draft = mine()
    if (draft && state.value !== 'saved') keepDraftAtOnce(party, draft)
  }

  /** The brief is another one: it is kept here at once and sent soon. */
  function changed(): void {
    trouble.value = ''
    if (!base.value) return
    state.value = 'unsaved'
    void keepMine()
    saveSoon.after(SAVE_AFTER_MS)
  }

  /** Whatever windows of this device could not save is put on top of the newest revision, one after another. */
  async function takeUpDrafts(): Promise<void> {
    const taken: string[] = []
    for (const [key, draft] of await findDrafts(party)) {
      if (!editor.brief.value || clash.value) break
      putOnTop(draft.base, draft.brief, editor.brief.value)
      taken.push(key)
    }
    if (taken.length === 0) return
    await keepMine()
    await dropDrafts(party, taken)
  }

  /** Sends what is not saved; one request at a time. */
  async function save(): Promise<void> {
    saveSoon.cancel()
    saving = saving.then(() =>
      editor.brief.value && state.value !== 'saved' && !clash.value ? send(editor.brief.value) : undefined,
    )
    await saving
  }

  async function send(sent: Brief): Promise<void> {
    state.value = 'saving'
    try {
      const asked = api.PUT('/api/parties/{id}/brief', {
        params: {
          path: { id: party },
          header: { 'If-Match': `"${revision.value}"` },
          query: { tidy: true },
        },
        body: sent,
      })
      const view = await ask(asked)
      const isTidied = (await asked).response.headers.get('Ladle-Tidied') === 'true'
      revision.value = view.revision
      base.value = isTidied ? view.brief : sent
      trouble.value = ''
      await saved(sent, isTidied ? view.brief : undefined)
    } catch (e) {
      notSaved(e)
    }
  }

  async function saved(sent: Brief, tidied?: Brief): Promise<void> {
    const isNewest = editor.brief.value === sent
    if (tidied && editor.brief.value) {
      const swept = diff(sent as Json, tidied as Json)
      editor.amend(swept)
      editor.brief.value = isNewest ? tidied : apply(editor.brief.value, swept)
    }
    state.value = isNewest ? 'saved' : 'unsaved'
    if (isNewest) await dropDraft(party)
    else saveSoon.after(SAVE_AFTER_MS)
  }

  function notSaved(e: unknown): void {
    state.value = 'unsaved'
    if (e instanceof RequestRefused && e.status === 412) {
      const current = e.problem.current as PartyView
      const common = base.value as Brief
      revision.value = current.revision
      base.value = current.brief
      putOnTop(common, editor.brief.value as Brief, current.brief)
      return
    }
    if (e instanceof NoConnection) state.value = 'offline'
    else trouble.value = `Not saved: ${said(e)}`
    if (isAway(e)) saveSoon.after(RETRY_AFTER_MS)
  }

  /** Merges mine into theirs; asks where both changed the same. */
  function putOnTop(common: Brief, mine: Brief, theirs: Brief): void {
    const both = merge(common, mine, theirs)
    editor.put(both.merged)
    clash.value = clashOf(both)
    if (clash.value) saveSoon.cancel()
  }

  /** Ends a clash with one of the two versions. */
  function choose(version: 'mine' | 'theirs'): void {
    const open = clash.value
    clash.value = undefined
    if (open) editor.put(version === 'mine' ? open.mine : open.theirs)
  }

  /** Looks whether another editor was here; only when nothing of ours is open. True when there is something new. */
  async function refresh(): Promise<boolean> {
    if (state.value !== 'saved') return false
    try {
      const view = await ask(api.GET('/api/parties/{id}', { params: { path: { id: party } } }))
      if (view.revision === revision.value || (state.value as SaveState) !== 'saved') return false
      adopt(view)
      return true
    } catch (e) {
      if (!(e instanceof NoConnection)) throw e
      return false
    }
  }

  return {
    ...{ base, revision, state, clash, trouble },
    ...{ adopt, changed, takeUpDrafts, save, leave, choose, refresh, close: saveSoon.cancel },
  }
}
