import { computed, type Ref } from 'vue'
import { api, ask, NoConnection } from '@/api/client'
import type { Brief, BriefEdit, Catalogue, PartyView, Working } from '@/api/types'
import { briefEditor } from './briefEditor'
import { diff, type Json } from './changes'
import { findSeen } from './drafts'
import { eventLog } from './eventLog'
import { said } from './failures'
import { planFeed } from './planFeed'
import { saver as saverOf } from './saver'

export type OpenedParty = ReturnType<typeof openedParty>

/** Everything that works for one party while it is open: nothing of it can land on another. */
export function openedParty(id: string, builtIn: Ref<Catalogue | undefined>, follows: Ref<boolean>) {
  const editor = briefEditor((next, before) => {
    feed.changed(next, before)
    log.trouble.value = ''
    saver.changed()
  })
  const saver = saverOf(id, editor)
  const log = eventLog(id, () => feed.replan())
  const feed = planFeed(id, { editor, saver, log }, builtIn, follows)
  const path = { path: { id } }

  async function load(): Promise<void> {
    const [view] = await Promise.all([newestOrSeen(), log.findKept()])
    saver.adopt(view)
    await saver.takeUpDrafts()
    await log.send()
    await feed.replan()
  }

  /** From the server, or without a connection as it was last seen here. */
  async function newestOrSeen(): Promise<PartyView> {
    try {
      const [catalogue, view] = await Promise.all([
        builtIn.value ?? ask(api.GET('/api/catalogue')),
        ask(api.GET('/api/parties/{id}', { params: path })),
      ])
      builtIn.value = catalogue
      return view
    } catch (e) {
      const last = e instanceof NoConnection ? await findSeen(id) : undefined
      if (!last) throw e
      builtIn.value = last.catalogue
      feed.show(last)
      return last.view
    }
  }

  /** What somebody is offered, done by the server as one gesture. */
  async function take(label: string, edit: BriefEdit): Promise<void> {
    const brief = editor.brief.value
    if (!brief) return
    try {
      const edited = await ask(api.POST('/api/briefs/edits', { body: { brief, edits: [edit] } }))
      editor.add(label, diff(brief as Json, edited.brief as Json))
    } catch (e) {
      feed.trouble.value = said(e)
    }
  }

  /** Shows the plan of a gesture that is not finished. */
  function preview(change: (draft: Brief) => void): void {
    const draft = editor.draft(change)
    if (draft) feed.preview(draft)
  }

  async function refresh(): Promise<void> {
    if (await saver.refresh()) await feed.replan()
  }

  /** How a figure of the plan on screen came about. */
  async function working(figure: string): Promise<Working> {
    await saver.save()
    return ask(api.GET('/api/parties/{id}/working', { params: { ...path, query: { figure } } }))
  }

  /** Saves what is left; nothing is tried again after that. */
  async function close(): Promise<void> {
    await saver.save()
    for (const engine of [saver, log, feed]) engine.close()
  }

  return {
    id,
    ...{ editor, saver, log, feed },
    offline: computed(() => feed.offline.value || log.offline.value),
    message: computed(() => saver.trouble.value || log.trouble.value || feed.trouble.value),
    ...{ load, take, preview, refresh, working, close },
  }
}
