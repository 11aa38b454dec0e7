import { readonly, ref } from 'vue'
import { registerSW } from 'virtual:pwa-register'

const waiting = ref(false)
const update = registerSW({ onNeedRefresh: () => (waiting.value = true) })

/** Whether a newer version of the page is waiting, and how to change to it; nothing changes by itself. */
export function useUpdate() {
  return { waiting: readonly(waiting), update: () => update(true) }
}
