import { onScopeDispose, ref, shallowRef } from 'vue'
import { api, ask, RequestRefused } from '@/api/client'
import type { Journal, JournalView, Lesson } from '@/api/types'
import { merge } from '@/party/changes'

/** The journal of a party and what it teaches; each change is sent at once, one after the other. */
export function useJournal(party: string) {
  const journal = shallowRef<Journal>()
  const view = shallowRef<JournalView>()
  const lesson = shallowRef<Lesson>()
  const problem = ref('')
  let sending: Promise<void> = Promise.resolve()
  let isOpen = true
  onScopeDispose(() => (isOpen = false))

  async function tell(work: () => Promise<void>): Promise<void> {
    try {
      await work()
      problem.value = ''
    } catch (e) {
      problem.value = e instanceof Error ? e.message : String(e)
    }
  }

  const learn = async () => {
    lesson.value = await ask(api.GET('/api/household/lesson'))
  }

  const put = (next: Journal) =>
    ask(
      api.PUT('/api/parties/{id}/journal', {
        params: { path: { id: party }, header: { 'If-Match': `"${view.value?.revision ?? 0}"` } },
        body: next,
      }),
    )

  /** What somebody else said meanwhile is kept, but for what is said here of the same. */
  async function send(): Promise<void> {
    const mine = journal.value
    const common = view.value
    if (!mine || !common) return
    try {
      view.value = await put(mine)
    } catch (e) {
      if (!(e instanceof RequestRefused) || e.status !== 412) throw e
      const current = e.problem.current as JournalView
      view.value = current
      journal.value = merge(common.journal, mine, current.journal).merged
      view.value = await put(journal.value)
    }
    if (isOpen) await learn()
  }

  /** Says something, or takes it back. */
  function edit(change: (draft: Journal) => void): Promise<void> {
    if (!journal.value) return sending
    const draft = structuredClone(journal.value)
    change(draft)
    journal.value = draft
    sending = sending.then(() => tell(send))
    return sending
  }

  const load = () =>
    tell(async () => {
      view.value = await ask(api.GET('/api/parties/{id}/journal', { params: { path: { id: party } } }))
      journal.value = view.value.journal
      await learn()
    })

  /** Takes what evenings teach over into the household. */
  const take = () =>
    tell(async () => {
      await ask(api.POST('/api/household/lesson'))
      await learn()
    })

  return { journal, view, lesson, problem, load, edit, take }
}
