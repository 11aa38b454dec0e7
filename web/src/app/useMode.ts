import { ref, watchEffect } from 'vue'
import { useTheme } from 'vuetify'

export type Mode = 'day' | 'night'

const KEY = 'ladle-mode'

function initial(): Mode {
  const kept = localStorage.getItem(KEY)
  if (kept === 'day' || kept === 'night') return kept
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'night' : 'day'
}

const mode = ref<Mode>(initial())

/** Day or night: follows the system until the host chooses. */
export function useMode() {
  const theme = useTheme()
  watchEffect(() => {
    document.documentElement.dataset.mode = mode.value
    theme.change(mode.value)
  })
  function toggle() {
    mode.value = mode.value === 'day' ? 'night' : 'day'
    localStorage.setItem(KEY, mode.value)
  }
  return { mode, toggle }
}
