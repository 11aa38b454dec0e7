import { ref } from 'vue'
import { api, ask, NoConnection } from '@/api/client'

/** What stands on the kitchen scale; what it has to say where it cannot tell. */
export function useScale() {
  const says = ref('')

  async function grams(): Promise<number | undefined> {
    try {
      const weight = await ask(api.GET('/api/scale'))
      says.value = weight.message ?? ''
      return weight.grams ?? undefined
    } catch (e) {
      if (!(e instanceof NoConnection)) throw e
      says.value = 'The scale cannot be asked now.'
      return undefined
    }
  }

  return { says, grams }
}
