import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import { api, ask } from '@/api/client'
import type { Brief, Household, HouseholdPart, HouseholdView } from '@/api/types'

/** What the household keeps from party to party, as the server has it; each change can be taken back. */
export const useHousehold = defineStore('household', () => {
  const view = shallowRef<HouseholdView>()
  const problem = ref('')
  /** As it was before the last thing was forgotten here. */
  const before = shallowRef<Household>()

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

  const replace = (household: Household) =>
    tell(() =>
      ask(
        api.PUT('/api/household', {
          params: { header: { 'If-Match': `"${view.value?.revision ?? 0}"` } },
          body: household,
        }),
      ),
    )

  async function bringBack(): Promise<void> {
    if (before.value) await replace(before.value)
    before.value = undefined
  }

  return { view, problem, before, load, keep, forget, replace, bringBack }
})
