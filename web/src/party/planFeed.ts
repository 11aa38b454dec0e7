import { computed, ref, shallowRef, type Ref } from 'vue'
import { api, ask, NoConnection } from '@/api/client'
import type { Brief, Catalogue, Plan } from '@/api/types'
import type { BriefEditor } from './briefEditor'
import { findSeen, keepSeen, type Seen } from './drafts'
import type { EventLog } from './eventLog'
import { isAway, RETRY_AFTER_MS, said } from './failures'
import { changedFigures, figureTexts } from './figures'
import { latest } from './latest'
import { onceSoon } from './onceSoon'
import { withPending } from './pendingPlan'
import type { Saver } from './saver'

/** A plan, and the number of the last event it knows of. */
interface Told {
  plan: Plan
  knows: number
}

/** The last event an answer knows of; everything for a server that does not say. */
const knownTo = async (answer: Promise<{ response: Response }>) =>
  Number((await answer).response.headers.get('Ladle-Sequence') ?? Infinity)

export type PlanFeed = ReturnType<typeof planFeed>

/**
 * The plan of one party as the server computes it, with what happened here since on top.
 *
 * @param builtIn the catalogue, kept with the plan for opening without a connection
 * @param follows true where a table runs: its plan is the one all screens are told
 */
export function planFeed(
  party: string,
  { editor, saver, log }: { editor: BriefEditor; saver: Saver; log: EventLog },
  builtIn: Ref<Catalogue | undefined>,
  follows: Ref<boolean>,
) {
  const computedPlan = shallowRef<Plan>()
  const plan = computed(
    () =>
      computedPlan.value &&
      withPending(computedPlan.value, log.pending.value, editor.brief.value?.zone ?? 'UTC'),
  )
  const offline = ref(false)
  const trouble = ref('')
  /** Figures as they were before the last edit. */
  const was = shallowRef(new Map<string, string>())
  let beforeEdit = new Map<string, string>()
  let isFollowing = false
  let hasNews = false
  const replanSoon = onceSoon(() => void replan())

  const plans = latest<{ brief: Brief; asItRuns?: boolean }, Told>(
    async ({ brief: body, asItRuns }, signal) => {
      const path = { id: party }
      const before = computedPlan.value
      if (asItRuns && before) {
        const asked = api.GET('/api/parties/{id}/table', { params: { path }, signal })
        return { plan: { ...before, table: await ask(asked) }, knows: await knownTo(asked) }
      }
      const params = { path, query: { tidy: true } }
      const asked = api.POST('/api/parties/{id}/plan', { params, body, signal })
      return { plan: await ask(asked), knows: await knownTo(asked) }
    },
    ({ plan: next, knows }) => {
      log.forgetKnown(knows)
      if (beforeEdit.size > 0) was.value = changedFigures(beforeEdit, figureTexts(next))
      computedPlan.value = next
      offline.value = false
      trouble.value = ''
      remember(next)
    },
    (e) => {
      offline.value = e instanceof NoConnection
      if (!offline.value) trouble.value = said(e)
      if (isAway(e)) replanSoon.after(RETRY_AFTER_MS)
      if (!computedPlan.value) void showLastSeen()
    },
  )

  /** Where no plan can be made, the last one of this device keeps the party open, so that it can be mended. */
  async function showLastSeen(): Promise<void> {
    const last = await findSeen(party)
    if (last) computedPlan.value ??= last.plan
  }

  function remember(next: Plan): void {
    const { base, revision } = saver
    if (!base.value || !builtIn.value) return
    const view = { id: party, revision: revision.value, brief: base.value }
    void keepSeen(party, { view, plan: next, catalogue: builtIn.value })
  }

  /** Without a connection: as it was last seen here. */
  function show(last: Seen): void {
    offline.value = true
    computedPlan.value = last.plan
  }

  /** The brief is another one; the same figures in other units are not changed. */
  function changed(next: Brief, before: Brief): void {
    trouble.value = ''
    const sameUnits = before.units === next.units
    beforeEdit = plan.value && sameUnits ? figureTexts(plan.value) : new Map()
    if (!sameUnits) was.value = new Map()
    if (saver.base.value) preview(next)
  }

  /** The plan of a brief that is not the party's yet. */
  const preview = (brief: Brief) => void plans({ brief })

  async function replan(): Promise<void> {
    if (follows.value && editor.brief.value === saver.base.value) await follow()
    else if (editor.brief.value) await plans({ brief: editor.brief.value })
  }

  /** News that come while a plan is on its way are one more question after it, and never put an end to it. */
  async function follow(): Promise<void> {
    hasNews = true
    if (isFollowing) return
    isFollowing = true
    while (hasNews && editor.brief.value) {
      hasNews = false
      await plans({ brief: editor.brief.value, asItRuns: true })
    }
    isFollowing = false
  }

  return {
    ...{ plan, offline, trouble, was },
    ownFood: computed(() => computedPlan.value?.ownFood),
    ...{ show, changed, preview, replan, close: replanSoon.cancel },
  }
}
