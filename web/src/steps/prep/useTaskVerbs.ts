import type { PartyEvent, PrepTask } from '@/api/types'
import { useParty } from '@/party/store'

/** What can be done with a prep task; each is recorded at once and sent when there is a connection. */
export function useTaskVerbs() {
  const party = useParty()
  const say = (type: PartyEvent['type']) => (task: PrepTask) => party.record({ type, subject: task.id })
  return {
    start: say('TASK_STARTED'),
    pause: say('TASK_PAUSED'),
    done: say('TASK_DONE'),
    reopen: say('TASK_REOPENED'),
  }
}
