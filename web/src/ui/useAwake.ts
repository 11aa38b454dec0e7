import { onScopeDispose } from 'vue'

/** Keeps the screen on while somebody looks at it, where the browser can; it lets go when another page is looked at. */
export function useAwake(): void {
  let lock: { release(): Promise<void> } | undefined
  const hold = () =>
    void (
      document.visibilityState === 'visible' &&
      navigator.wakeLock
        ?.request('screen')
        .then((given) => (lock = given))
        .catch(() => undefined)
    )
  hold()
  document.addEventListener('visibilitychange', hold)
  onScopeDispose(() => {
    document.removeEventListener('visibilitychange', hold)
    void lock?.release()
  })
}
