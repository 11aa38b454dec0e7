import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import { api, ask, RequestRefused } from '@/api/client'
import type { Brief, Household, HouseholdPart, HouseholdView } from '@/api/types'
import { clashOf, merge, type Clash } from '@/party/changes'

/** What the household keeps from party to party, as the server has it; each change can be taken back. */
export const useHousehold = defineStore('household', () => {
  const view = shallowRef<HouseholdView>()
  const problem = ref('')
  /** As it was before the last thing was forgotten here. */
  const before = shallowRef<Household>()
  const clash = shallowRef<Clash<Household>>()

  async function tell(answer: () => Promise<HouseholdView>): Promise<boolean> {
    try {
      view.value = await answer()
      problem.value = ''
      return true
    } catch (e) {
      problem.value = e instanceof Error ? e.message : String(e)
      return false
    }
  }

  const load = () => tell(() => ask(api.GET('/api/household')))

  /** Takes a part of a party over for the next ones. */
  const keep = (brief: Brief, part: HouseholdPart, id?: string) =>
    tell(() => ask(api.POST('/api/household/kept', { body: { brief, part, id } })))

  async function forget(part: HouseholdPart, id?: string): Promise<void> {
    const was = view.value?.household
    const gone = await tell(() => ask(api.DELETE('/api/household/kept', { params: { query: { part, id } } })))
    before.value = gone ? was : undefined
  }

  /** Takes somebody out of the book and of all that is over; it cannot be brought back. */
  async function erase(id: string): Promise<number | undefined> {
    let parties: number | undefined
    await tell(async () => {
      const answer = await ask(api.DELETE('/api/household/people/{id}', { params: { path: { id } } }))
      parties = answer.parties
      return answer.household
    })
    return parties
  }

  const put = (household: Household) =>
    ask(
      api.PUT('/api/household', {
        params: { header: { 'If-Match': `"${view.value?.revision ?? 0}"` } },
        body: household,
      }),
    )

  /** The whole anew; what another editor changed meanwhile is merged, and asked about where both changed the same. */
  const replace = (household: Household) =>
    tell(async () => {
      const common = view.value?.household
      try {
        return await put(household)
      } catch (e) {
        if (!common || !(e instanceof RequestRefused) || e.status !== 412) throw e
        const current = e.problem.current as HouseholdView
        const both = merge(common, household, current.household)
        view.value = current
        clash.value = clashOf(both)
        return clash.value ? current : await put(both.merged)
      }
    })

  /** Ends a clash with one of the two versions. */
  async function choose(version: 'mine' | 'theirs'): Promise<void> {
    const open = clash.value
    clash.value = undefined
    if (open) await replace(open[version])
  }

  async function bringBack(): Promise<void> {
    if (before.value) await replace(before.value)
    before.value = undefined
  }

  return { view, problem, before, clash, load, keep, forget, erase, replace, choose, bringBack }
})
