import { onScopeDispose, ref } from 'vue'
import { api, ask, NoConnection, RequestRefused } from '@/api/client'
import type { Invitation, PairedDevice } from '@/api/types'

/** Who came meanwhile is looked for so often while the dialog is open [ms]. */
const EVERY_MS = 4000

/** The phones of a party as the host sees them: whom they invited, who is on what, and what to do about it. */
export function usePhones(party: string) {
  const network = ref<{ on: boolean; addresses: string[] }>({ on: false, addresses: [] })
  const invitations = ref<Invitation[]>([])
  const devices = ref<PairedDevice[]>([])
  const own = ref<PairedDevice[]>([])
  const code = ref<{ code: string; expires: string }>()
  /** The one just made: its address is told once. */
  const fresh = ref<Invitation>()
  const problem = ref('')
  const path = { id: party }

  async function tried(what: () => Promise<void>): Promise<void> {
    try {
      await what()
      problem.value = ''
    } catch (e) {
      if (!(e instanceof NoConnection || e instanceof RequestRefused)) throw e
      problem.value = e.message
    }
  }

  const look = () =>
    tried(async () => {
      network.value = await ask(api.GET('/api/network'))
      invitations.value = await ask(api.GET('/api/parties/{id}/invitations', { params: { path } }))
      devices.value = await ask(api.GET('/api/parties/{id}/devices', { params: { path } }))
      own.value = await ask(api.GET('/api/devices'))
      if (code.value) code.value = await ask(api.POST('/api/devices/code'))
    })

  const invite = (role: 'GUEST' | 'COOK', guest?: string) =>
    tried(async () => {
      fresh.value = await ask(
        api.POST('/api/parties/{id}/invitations', { params: { path }, body: { role, guest } }),
      )
      await look()
    })

  const revoke = (invitation: Invitation) =>
    tried(async () => {
      await ask(
        api.DELETE('/api/parties/{id}/invitations/{invitation}', {
          params: { path: { ...path, invitation: invitation.id } },
        }),
      )
      if (fresh.value?.id === invitation.id) fresh.value = undefined
      await look()
    })

  const turnOut = (device: PairedDevice) =>
    tried(async () => {
      await ask(
        device.role === 'HOST'
          ? api.DELETE('/api/devices/{device}', { params: { path: { device: device.id } } })
          : api.DELETE('/api/parties/{id}/devices/{device}', {
              params: { path: { ...path, device: device.id } },
            }),
      )
      await look()
    })

  const seat = (device: PairedDevice, guest?: string) =>
    tried(async () => {
      await ask(
        api.PUT('/api/parties/{id}/devices/{device}', {
          params: { path: { ...path, device: device.id } },
          body: { guest },
        }),
      )
      await look()
    })

  const showCode = () =>
    tried(async () => {
      code.value = await ask(api.POST('/api/devices/code'))
    })

  void look()
  const timer = setInterval(() => void look(), EVERY_MS)
  onScopeDispose(() => clearInterval(timer))
  return { network, invitations, devices, own, code, fresh, problem, invite, revoke, turnOut, seat, showCode }
}
