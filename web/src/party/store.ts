import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { api, ask, NoConnection, RequestRefused } from '@/api/client'
import type { Brief, Catalogue, PartyEvent, PartyView, Plan, Working } from '@/api/types'
import { apply, diff, inverse, merge, type Change, type Json } from './changes'
import { dropDraft, findDraft, findEvents, findSeen, keepDraft, keepEvents, keepSeen } from './drafts'
import { changedFigures, figureTexts } from './figures'
import { latest } from './latest'
import { withOwnFood } from './ownFood'
import { withPending } from './outbox'

const SAVE_AFTER_MS = 400
const RETRY_AFTER_MS = 3000

/** One gesture of the host and what it changed. */
interface Command {
  label: string
  changes: Change[]
}

/** Both versions of what two editors changed at once. */
export interface Clash {
  theirs: Brief
  mine: Brief
  changes: Change[]
}

export type SaveState = 'saved' | 'saving' | 'unsaved' | 'offline'

/** The server read it and will say the same next time. */
const isNotAccepted = (e: unknown) => e instanceof RequestRefused && [400, 422].includes(e.status)

/** The party on screen: its brief as edited here, the plan computed for it, undo, saving, and its events. */
export const useParty = defineStore('party', () => {
  const id = ref('')
  const revision = ref(0)
  const base = shallowRef<Brief>()
  const brief = shallowRef<Brief>()
  /** As the server computed it last; {@link plan} shows what happened since on top of it. */
  const computedPlan = shallowRef<Plan>()
  const pending = shallowRef<PartyEvent[]>([])
  const plan = computed(
    () => computedPlan.value && withPending(computedPlan.value, pending.value, brief.value?.zone ?? 'UTC'),
  )
  const offline = ref(false)
  const builtIn = shallowRef<Catalogue>()
  const catalogue = computed(() => builtIn.value && withOwnFood(builtIn.value, computedPlan.value?.ownFood))
  const undone = shallowRef<Command[]>([])
  const done = shallowRef<Command[]>([])
  const saveState = ref<SaveState>('saved')
  const message = ref('')
  const clash = shallowRef<Clash>()
  const was = shallowRef(new Map<string, string>())
  let beforeEdit = new Map<string, string>()
  let timer: ReturnType<typeof setTimeout> | undefined
  let saving: Promise<void> | undefined

  const path = () => ({ params: { path: { id: id.value } } })

  async function open(party: string): Promise<void> {
    id.value = party
    brief.value = computedPlan.value = undefined
    done.value = []
    undone.value = []
    was.value = new Map()
    beforeEdit = new Map()
    pending.value = await findEvents(party)
    const view = await newestOrSeen(party)
    adopt(view)
    await takeUpDraft(view.brief)
    await sendEvents()
    await plans(brief.value ?? view.brief)
  }

  /** From the server, or without a connection as it was last seen here. */
  async function newestOrSeen(party: string): Promise<PartyView> {
    try {
      builtIn.value ??= await ask(api.GET('/api/catalogue'))
      return await ask(api.GET('/api/parties/{id}', path()))
    } catch (e) {
      const last = e instanceof NoConnection ? await findSeen(party) : undefined
      if (!last) throw e
      offline.value = true
      builtIn.value = last.catalogue
      computedPlan.value = last.plan
      return last.view
    }
  }

  function adopt(view: PartyView): void {
    revision.value = view.revision
    base.value = view.brief
    brief.value = view.brief
    saveState.value = 'saved'
  }

  /** Whatever this device could not save last time is put on top of the newest revision. */
  async function takeUpDraft(newest: Brief): Promise<void> {
    const draft = await findDraft(id.value)
    if (draft) settle(draft.base, draft.brief, newest)
  }

  const plans = latest<Brief, Plan>(
    (draft) => ask(api.POST('/api/parties/{id}/plan', { ...path(), body: draft })),
    (next) => {
      if (beforeEdit.size > 0) was.value = changedFigures(beforeEdit, figureTexts(next))
      computedPlan.value = next
      offline.value = false
      remember(next)
    },
    (e) => {
      offline.value = e instanceof NoConnection
      if (offline.value) setTimeout(() => void replan(), RETRY_AFTER_MS)
      else message.value = e instanceof Error ? e.message : String(e)
    },
  )

  async function replan(): Promise<void> {
    if (brief.value) await plans(brief.value)
  }

  function remember(next: Plan): void {
    if (!base.value || !builtIn.value) return
    const view = { id: id.value, revision: revision.value, brief: base.value }
    void keepSeen(id.value, { view, plan: next, catalogue: builtIn.value })
  }

  /** One gesture, one command, one undo step. */
  function edit(label: string, change: (draft: Brief) => void): void {
    const before = brief.value
    if (!before) return
    const draft = JSON.parse(JSON.stringify(before)) as Brief
    change(draft)
    const changes = diff(before as Json, draft as Json)
    if (changes.length === 0) return
    done.value = [...done.value, { label, changes }]
    undone.value = []
    take(draft)
  }

  /** Shows the plan of a gesture that is not finished. */
  function preview(change: (draft: Brief) => void): void {
    const draft = JSON.parse(JSON.stringify(brief.value)) as Brief
    change(draft)
    void plans(draft)
  }

  function undo(): void {
    const command = done.value.at(-1)
    if (!command || !brief.value) return
    done.value = done.value.slice(0, -1)
    undone.value = [...undone.value, command]
    take(apply(brief.value, inverse(command.changes)))
  }

  function redo(): void {
    const command = undone.value.at(-1)
    if (!command || !brief.value) return
    undone.value = undone.value.slice(0, -1)
    done.value = [...done.value, command]
    take(apply(brief.value, command.changes))
  }

  function take(next: Brief): void {
    beforeEdit = plan.value ? figureTexts(plan.value) : new Map()
    brief.value = next
    message.value = ''
    if (!base.value) return
    saveState.value = 'unsaved'
    void keepDraft(id.value, { revision: revision.value, base: base.value, brief: next })
    void plans(next)
    saveSoon(SAVE_AFTER_MS)
  }

  function saveSoon(after: number): void {
    clearTimeout(timer)
    timer = setTimeout(() => void save(), after)
  }

  /** Sends what is not saved; one request at a time. */
  async function save(): Promise<void> {
    clearTimeout(timer)
    await saving
    if (!brief.value || saveState.value === 'saved' || clash.value) return
    saving = send(brief.value).finally(() => (saving = undefined))
    await saving
  }

  async function send(sent: Brief): Promise<void> {
    saveState.value = 'saving'
    try {
      const view = await ask(
        api.PUT('/api/parties/{id}/brief', {
          params: { path: { id: id.value }, header: { 'If-Match': `"${revision.value}"` } },
          body: sent,
        }),
      )
      revision.value = view.revision
      base.value = sent
      if (brief.value === sent) {
        saveState.value = 'saved'
        await dropDraft(id.value)
      } else {
        saveState.value = 'unsaved'
        saveSoon(SAVE_AFTER_MS)
      }
    } catch (e) {
      notSaved(e)
    }
  }

  function notSaved(e: unknown): void {
    saveState.value = 'unsaved'
    if (e instanceof RequestRefused && e.status === 412) {
      const current = e.problem.current as PartyView
      revision.value = current.revision
      settle(base.value as Brief, brief.value as Brief, current.brief)
    } else if (e instanceof NoConnection) {
      saveState.value = 'offline'
      saveSoon(RETRY_AFTER_MS)
    } else {
      message.value = e instanceof Error ? e.message : String(e)
    }
  }

  /** Merges mine into theirs; asks where both changed the same. */
  function settle(common: Brief, mine: Brief, theirs: Brief): void {
    const { merged, clashes } = merge(common, mine, theirs)
    base.value = theirs
    take(merged)
    if (clashes.length > 0) {
      clearTimeout(timer)
      clash.value = { theirs: merged, mine: apply(merged, clashes), changes: clashes }
    }
  }

  /** Ends a clash with one of the two versions. */
  function choose(version: 'mine' | 'theirs'): void {
    const open = clash.value
    clash.value = undefined
    if (open) take(version === 'mine' ? open.mine : open.theirs)
  }

  /** Looks whether another editor was here; only when nothing of ours is open. */
  async function refresh(): Promise<void> {
    if (!id.value || saveState.value !== 'saved') return
    try {
      const view = await ask(api.GET('/api/parties/{id}', path()))
      if (view.revision !== revision.value && saveState.value === 'saved') {
        adopt(view)
        await plans(view.brief)
      }
    } catch (e) {
      if (!(e instanceof NoConnection)) throw e
    }
  }

  /** Records something that happened; kept on this device until the server has it. */
  async function record(event: Omit<PartyEvent, 'id' | 'at'>): Promise<void> {
    pending.value = [...pending.value, { ...event, id: crypto.randomUUID(), at: new Date().toISOString() }]
    await keepEvents(id.value, pending.value)
    await sendEvents()
  }

  async function sendEvents(): Promise<void> {
    const batch = pending.value
    if (batch.length === 0) return
    try {
      await post(batch)
    } catch (e) {
      if (isNotAccepted(e) && batch.length > 1) {
        for (const event of batch) await sendAlone(event)
      } else {
        await keepOrDrop(e, batch)
      }
    }
  }

  async function post(batch: PartyEvent[]): Promise<void> {
    await ask(api.POST('/api/parties/{id}/events', { ...path(), body: batch }))
    await replan()
    await forget(batch)
  }

  /** So that one event that is not accepted holds up no other. */
  async function sendAlone(event: PartyEvent): Promise<void> {
    try {
      await post([event])
    } catch (e) {
      await keepOrDrop(e, [event])
    }
  }

  /** What is never going to be accepted is said and dropped; all else stays and is tried again. */
  async function keepOrDrop(e: unknown, batch: PartyEvent[]): Promise<void> {
    if (isNotAccepted(e)) {
      await forget(batch)
      message.value = `Not recorded: ${(e as RequestRefused).message}`
      return
    }
    if (e instanceof NoConnection) offline.value = true
    else message.value = e instanceof Error ? e.message : String(e)
    setTimeout(() => void sendEvents(), RETRY_AFTER_MS)
  }

  async function forget(batch: PartyEvent[]): Promise<void> {
    pending.value = pending.value.filter((event) => !batch.includes(event))
    await keepEvents(id.value, pending.value)
  }

  /** How a figure of the plan on screen came about. */
  async function working(figure: string): Promise<Working> {
    await save()
    return ask(
      api.GET('/api/parties/{id}/working', { params: { path: { id: id.value }, query: { figure } } }),
    )
  }

  return {
    id,
    brief,
    plan,
    catalogue,
    saveState,
    offline,
    message,
    clash,
    was,
    canUndo: computed(() => done.value.at(-1)?.label),
    canRedo: computed(() => undone.value.at(-1)?.label),
    open,
    edit,
    preview,
    undo,
    redo,
    save,
    choose,
    refresh,
    replan,
    record,
    working,
  }
})
