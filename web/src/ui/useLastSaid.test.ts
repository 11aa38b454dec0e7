import { effectScope } from 'vue'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { useLastSaid } from './useLastSaid'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

it('keeps what was said last for a minute, and counts anew with each', () => {
  const scope = effectScope()
  scope.run(() => {
    const { last, remember, forget } = useLastSaid()
    remember(['a'], 'Tofu fell in')
    vi.advanceTimersByTime(50_000)
    remember(['b', 'c'], 'More broth')
    vi.advanceTimersByTime(50_000)
    expect(last.value).toEqual({ ids: ['b', 'c'], text: 'More broth' })
    vi.advanceTimersByTime(10_000)
    expect(last.value).toBeUndefined()
    remember(['d'], 'A pause')
    forget()
    expect(last.value).toBeUndefined()
  })
  scope.stop()
  expect(vi.getTimerCount()).toBe(0)
})
