import { ref, shallowRef } from 'vue'
import { api, ask, NoConnection, serverNow } from '@/api/client'
import type { PartyEvent, Said } from '@/api/types'
import { addEvent, dropEvents, findEvents } from './drafts'
import { isNotAccepted, RETRY_AFTER_MS, said } from './failures'
import { onceSoon } from './onceSoon'
import { newId } from '@/ui/newId'

export type EventLog = ReturnType<typeof eventLog>

/**
 * What happens at one party: recorded here at once, kept on this device until the server has it.
 *
 * @param arrived what else is to happen once the server knows more
 */
export function eventLog(party: string, arrived: () => Promise<void>) {
  /** What happened here and the plan on screen does not know of. */
  const pending = shallowRef<PartyEvent[]>([])
  /** Of those the server has, the number of the last event recorded then. */
  const sent = new Map<string, number>()
  const trouble = ref('')
  const offline = ref(false)
  let sending: Promise<void> = Promise.resolve()
  const sendSoon = onceSoon(() => void send())

  const findKept = async () => {
    pending.value = await findEvents(party)
  }

  /** A plan shows all that was recorded up to a number: what it knows is no longer put on top of it. */
  function forgetKnown(last: number): void {
    pending.value = pending.value.filter(({ id }) => {
      const number = sent.get(id)
      return number === undefined || number > last
    })
  }

  /** Records something that happened, under an id by which it can be taken back. It shows once this device has kept it. */
  async function record(event: Said, as: string = newId()): Promise<void> {
    trouble.value = ''
    const recorded = { ...event, id: as, at: new Date(serverNow()).toISOString() }
    await addEvent(party, recorded)
    pending.value = [...pending.value, recorded]
    await send()
  }

  /** One batch at a time; what is recorded meanwhile goes with the next. */
  async function send(): Promise<void> {
    sendSoon.cancel()
    sending = sending.then(() => {
      const batch = pending.value.filter((event) => !sent.has(event.id))
      return batch.length > 0 ? sendBatch(batch) : undefined
    })
    await sending
  }

  async function sendBatch(batch: PartyEvent[]): Promise<void> {
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
    const { last } = await ask(
      api.POST('/api/parties/{id}/events', {
        params: { path: { id: party }, header: { 'Ladle-Sent': new Date(serverNow()).toISOString() } },
        body: batch,
      }),
    )
    offline.value = false
    for (const event of batch) sent.set(event.id, last)
    await dropEvents(party, new Set(batch.map((event) => event.id)))
    await arrived()
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
      const gone = new Set(batch.map((event) => event.id))
      pending.value = pending.value.filter((event) => !gone.has(event.id))
      await dropEvents(party, gone)
    }
    if (e instanceof NoConnection) offline.value = true
    else trouble.value = `Not recorded: ${said(e)}`
    if (!isNotAccepted(e)) sendSoon.after(RETRY_AFTER_MS)
  }

  return { pending, trouble, offline, findKept, forgetKnown, record, send, close: sendSoon.cancel }
}
