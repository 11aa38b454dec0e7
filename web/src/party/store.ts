import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { api, ask, NoConnection, RequestRefused, serverNow } from '@/api/client'
import type { Brief, Catalogue, PartyEvent, PartyView, Plan, Working } from '@/api/types'
import { apply, diff, inverse, merge, type Change, type Json } from './changes'
import {
  addEvent,
  dropDraft,
  dropDrafts,
  dropEvents,
  findDrafts,
  findEvents,
  findSeen,
  keepDraft,
  keepDraftAtOnce,
  keepSeen,
  type Draft,
} from './drafts'
import { changedFigures, figureTexts } from './figures'
import { latest } from './latest'
import { onceSoon } from './onceSoon'
import { withOwnFood } from './ownFood'
import { withPending } from './outbox'
import { sweep } from './sweep'

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

/** A plan, and the number of the last event it knows of. */
interface Told {
  plan: Plan
  knows: number
}

/** The last event an answer knows of; everything for a server that does not say. */
const knownTo = async (answer: Promise<{ response: Response }>) =>
  Number((await answer).response.headers.get('Ladle-Sequence') ?? Infinity)

/** The server read it and will say the same next time. */
const isNotAccepted = (e: unknown) => e instanceof RequestRefused && [400, 422].includes(e.status)

/** No answer, or none that says anything of what was sent: to be tried again. */
const isAway = (e: unknown) => e instanceof NoConnection || (e instanceof RequestRefused && e.status >= 500)

const said = (e: unknown) => (e instanceof Error ? e.message : String(e))

const copyOf = <T>(document: T) => JSON.parse(JSON.stringify(document)) as T

/** The party on screen: its brief as edited here, the plan computed for it, undo, saving, and its events. */
export const useParty = defineStore('party', () => {
  const id = ref('')
  const revision = ref(0)
  const base = shallowRef<Brief>()
  const brief = shallowRef<Brief>()
  /** As the server computed it last; {@link plan} shows what happened since on top of it. */
  const computedPlan = shallowRef<Plan>()
  /** What happened here and the plan on screen does not know of. */
  const pending = shallowRef<PartyEvent[]>([])
  /** Of those the server has, the number of the last event recorded then. */
  const sent = new Map<string, number>()
  const plan = computed(
    () => computedPlan.value && withPending(computedPlan.value, pending.value, brief.value?.zone ?? 'UTC'),
  )
  const offline = ref(false)
  /** A table runs here: its plan is the one all screens are told. */
  const follows = ref(false)
  let isFollowing = false
  let hasNews = false
  const builtIn = shallowRef<Catalogue>()
  const catalogue = computed(() => builtIn.value && withOwnFood(builtIn.value, computedPlan.value?.ownFood))
  const undone = shallowRef<Command[]>([])
  const done = shallowRef<Command[]>([])
  const saveState = ref<SaveState>('saved')
  /** What went wrong with each of the three things that are sent; gone as soon as it goes well again. */
  const troubles = ref({ plan: '', save: '', events: '' })
  const message = computed(() => troubles.value.save || troubles.value.events || troubles.value.plan)
  const clash = shallowRef<Clash>()
  const was = shallowRef(new Map<string, string>())
  let beforeEdit = new Map<string, string>()
  let saving: Promise<void> = Promise.resolve()
  let sending: Promise<void> = Promise.resolve()
  const saveSoon = onceSoon(() => void save())
  const replanSoon = onceSoon(() => void replan())
  const sendSoon = onceSoon(() => void sendEvents())

  const path = () => ({ params: { path: { id: id.value } } })

  /** Opens another party; whatever is still on its way for the one before touches it no more. */
  async function open(party: string): Promise<void> {
    if (id.value && id.value !== party) await save()
    for (const soon of [saveSoon, replanSoon, sendSoon]) soon.cancel()
    id.value = party
    base.value = brief.value = computedPlan.value = clash.value = undefined
    pending.value = []
    sent.clear()
    done.value = []
    undone.value = []
    was.value = new Map()
    beforeEdit = new Map()
    saveState.value = 'saved'
    offline.value = false
    troubles.value = { plan: '', save: '', events: '' }
    const kept = await findEvents(party)
    const view = await newestOrSeen(party)
    if (id.value !== party) return
    pending.value = kept
    adopt(view)
    await takeUpDrafts()
    await sendEvents()
    await replan()
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

  /** Whatever windows of this device could not save is put on top of the newest revision, one after another. */
  async function takeUpDrafts(): Promise<void> {
    const party = id.value
    const taken: string[] = []
    for (const [key, draft] of await findDrafts(party)) {
      if (party !== id.value || !brief.value || clash.value) break
      putOnTop(draft.base, draft.brief, brief.value)
      taken.push(key)
    }
    if (taken.length === 0 || party !== id.value) return
    await keepMine()
    await dropDrafts(party, taken)
  }

  async function keepMine(): Promise<void> {
    const draft = mine()
    if (draft) await keepDraft(id.value, draft)
  }

  const mine = (): Draft | undefined =>
    base.value && brief.value && { revision: revision.value, base: base.value, brief: brief.value }

  /** The page is being left: what is not saved is kept without waiting for anything. */
  function leave(): void {
    const draft = mine()
    if (draft && saveState.value !== 'saved') keepDraftAtOnce(id.value, draft)
  }

  const plans = latest<{ party: string; brief: Brief; asItRuns?: boolean }, Told>(
    async ({ party, brief: draft, asItRuns }, signal) => {
      const params = { path: { id: party } }
      const before = computedPlan.value
      if (asItRuns && before) {
        const asked = api.GET('/api/parties/{id}/table', { params, signal })
        return { plan: { ...before, table: await ask(asked) }, knows: await knownTo(asked) }
      }
      const asked = api.POST('/api/parties/{id}/plan', { params, body: draft, signal })
      return { plan: await ask(asked), knows: await knownTo(asked) }
    },
    ({ plan: next, knows }, { party }) => {
      if (party !== id.value) return
      pending.value = pending.value.filter((event) => !isKnown(event, knows))
      if (beforeEdit.size > 0) was.value = changedFigures(beforeEdit, figureTexts(next))
      computedPlan.value = next
      offline.value = false
      troubles.value.plan = ''
      remember(next)
    },
    (e, { party }) => {
      if (party !== id.value) return
      offline.value = e instanceof NoConnection
      if (!offline.value) troubles.value.plan = said(e)
      if (isAway(e)) replanSoon.after(RETRY_AFTER_MS)
      if (!computedPlan.value) void showLastSeen(party)
    },
  )

  /** Where no plan can be made, the last one of this device keeps the party open, so that it can be mended. */
  async function showLastSeen(party: string): Promise<void> {
    const last = await findSeen(party)
    if (last && party === id.value) computedPlan.value ??= last.plan
  }

  function isKnown(event: PartyEvent, knows: number): boolean {
    const number = sent.get(event.id)
    return number !== undefined && number <= knows
  }

  async function replan(): Promise<void> {
    if (follows.value && brief.value === base.value) await follow()
    else if (brief.value) await plans({ party: id.value, brief: brief.value })
  }

  /** News that come while a plan is on its way are one more question after it, and never put an end to it. */
  async function follow(): Promise<void> {
    hasNews = true
    if (isFollowing) return
    isFollowing = true
    while (hasNews && brief.value) {
      hasNews = false
      await plans({ party: id.value, brief: brief.value, asItRuns: true })
    }
    isFollowing = false
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
    const draft = copyOf(before)
    change(draft)
    tidy(draft, before)
    const changes = diff(before as Json, draft as Json)
    if (changes.length === 0) return
    done.value = [...done.value, { label, changes }]
    undone.value = []
    take(draft)
  }

  /** Nothing refers to what is no longer there. */
  function tidy(draft: Brief, ...earlier: Brief[]): void {
    if (builtIn.value) sweep(draft, earlier, builtIn.value)
  }

  /** Shows the plan of a gesture that is not finished. */
  function preview(change: (draft: Brief) => void): void {
    if (!brief.value) return
    const draft = copyOf(brief.value)
    change(draft)
    tidy(draft, brief.value)
    void plans({ party: id.value, brief: draft })
  }

  function undo(): void {
    const command = done.value.at(-1)
    if (!command || !brief.value) return
    done.value = done.value.slice(0, -1)
    undone.value = [...undone.value, command]
    take(tidied(apply(brief.value, inverse(command.changes)), brief.value))
  }

  function redo(): void {
    const command = undone.value.at(-1)
    if (!command || !brief.value) return
    undone.value = undone.value.slice(0, -1)
    done.value = [...done.value, command]
    take(tidied(apply(brief.value, command.changes), brief.value))
  }

  /** After undo or a merge something may refer to what somebody else took away. */
  function tidied(next: Brief, ...earlier: Brief[]): Brief {
    const copy = copyOf(next)
    tidy(copy, ...earlier)
    return copy
  }

  function take(next: Brief): void {
    // the same figures in other units are not changed
    const sameUnits = brief.value?.units === next.units
    beforeEdit = plan.value && sameUnits ? figureTexts(plan.value) : new Map()
    if (!sameUnits) was.value = new Map()
    brief.value = next
    troubles.value = { plan: '', save: '', events: '' }
    if (!base.value) return
    saveState.value = 'unsaved'
    void keepMine()
    void plans({ party: id.value, brief: next })
    saveSoon.after(SAVE_AFTER_MS)
  }

  /** Sends what is not saved; one request at a time. */
  async function save(): Promise<void> {
    saveSoon.cancel()
    saving = saving.then(() =>
      brief.value && saveState.value !== 'saved' && !clash.value ? send(id.value, brief.value) : undefined,
    )
    await saving
  }

  async function send(party: string, sent: Brief): Promise<void> {
    saveState.value = 'saving'
    try {
      const view = await ask(
        api.PUT('/api/parties/{id}/brief', {
          params: { path: { id: party }, header: { 'If-Match': `"${revision.value}"` } },
          body: sent,
        }),
      )
      if (party !== id.value) return
      revision.value = view.revision
      base.value = sent
      troubles.value.save = ''
      if (brief.value === sent) {
        saveState.value = 'saved'
        await dropDraft(party)
      } else {
        saveState.value = 'unsaved'
        saveSoon.after(SAVE_AFTER_MS)
      }
    } catch (e) {
      if (party === id.value) notSaved(e)
    }
  }

  function notSaved(e: unknown): void {
    saveState.value = 'unsaved'
    if (e instanceof RequestRefused && e.status === 412) {
      const current = e.problem.current as PartyView
      revision.value = current.revision
      settle(base.value as Brief, brief.value as Brief, current.brief)
      return
    }
    if (e instanceof NoConnection) saveState.value = 'offline'
    else troubles.value.save = `Not saved: ${said(e)}`
    if (isAway(e)) saveSoon.after(RETRY_AFTER_MS)
  }

  /** Merges mine into theirs; asks where both changed the same. */
  function settle(common: Brief, mine: Brief, theirs: Brief): void {
    base.value = theirs
    putOnTop(common, mine, theirs)
  }

  function putOnTop(common: Brief, mine: Brief, theirs: Brief): void {
    const { merged, clashes } = merge(common, mine, theirs)
    take(tidied(merged, common, mine))
    if (clashes.length > 0) {
      saveSoon.cancel()
      clash.value = { theirs: merged, mine: apply(merged, clashes), changes: clashes }
    }
  }

  /** Ends a clash with one of the two versions. */
  function choose(version: 'mine' | 'theirs'): void {
    const open = clash.value
    clash.value = undefined
    if (open) take(tidied(version === 'mine' ? open.mine : open.theirs, open.mine, open.theirs))
  }

  /** Looks whether another editor was here; only when nothing of ours is open. */
  async function refresh(): Promise<void> {
    const party = id.value
    if (!party || saveState.value !== 'saved') return
    try {
      const view = await ask(api.GET('/api/parties/{id}', path()))
      if (party === id.value && view.revision !== revision.value && saveState.value === 'saved') {
        adopt(view)
        await replan()
      }
    } catch (e) {
      if (!(e instanceof NoConnection)) throw e
    }
  }

  /** Records something that happened, under an id by which it can be taken back; kept here until the server has it. */
  async function record(event: Omit<PartyEvent, 'id' | 'at'>, as = crypto.randomUUID()): Promise<void> {
    troubles.value.events = ''
    const recorded = { ...event, id: as, at: new Date(serverNow()).toISOString() }
    pending.value = [...pending.value, recorded]
    await addEvent(id.value, recorded)
    await sendEvents()
  }

  /** One batch at a time; what is recorded meanwhile goes with the next. */
  async function sendEvents(): Promise<void> {
    sendSoon.cancel()
    sending = sending.then(() => {
      const batch = pending.value.filter((event) => !sent.has(event.id))
      return batch.length > 0 ? sendBatch(id.value, batch) : undefined
    })
    await sending
  }

  async function sendBatch(party: string, batch: PartyEvent[]): Promise<void> {
    try {
      await post(party, batch)
    } catch (e) {
      if (isNotAccepted(e) && batch.length > 1) {
        for (const event of batch) await sendAlone(party, event)
      } else {
        await keepOrDrop(e, party, batch)
      }
    }
  }

  async function post(party: string, batch: PartyEvent[]): Promise<void> {
    const { last } = await ask(
      api.POST('/api/parties/{id}/events', {
        params: { path: { id: party }, header: { 'Ladle-Sent': new Date(serverNow()).toISOString() } },
        body: batch,
      }),
    )
    for (const event of batch) sent.set(event.id, last)
    await dropEvents(party, new Set(batch.map((event) => event.id)))
    if (party === id.value) await replan()
  }

  /** So that one event that is not accepted holds up no other. */
  async function sendAlone(party: string, event: PartyEvent): Promise<void> {
    try {
      await post(party, [event])
    } catch (e) {
      await keepOrDrop(e, party, [event])
    }
  }

  /** What is never going to be accepted is said and dropped; all else stays and is tried again. */
  async function keepOrDrop(e: unknown, party: string, batch: PartyEvent[]): Promise<void> {
    if (isNotAccepted(e)) await forget(party, batch)
    if (party !== id.value) return
    if (e instanceof NoConnection) offline.value = true
    else troubles.value.events = `Not recorded: ${said(e)}`
    if (!isNotAccepted(e)) sendSoon.after(RETRY_AFTER_MS)
  }

  async function forget(party: string, batch: PartyEvent[]): Promise<void> {
    const gone = new Set(batch.map((event) => event.id))
    if (party === id.value) pending.value = pending.value.filter((event) => !gone.has(event.id))
    await dropEvents(party, gone)
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
    builtIn,
    catalogue,
    saveState,
    offline,
    pending,
    follows,
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
    leave,
    choose,
    refresh,
    replan,
    record,
    sendEvents,
    working,
  }
})
