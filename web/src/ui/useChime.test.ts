import { effectScope, nextTick, ref } from 'vue'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { useChime } from './useChime'

const started = vi.fn()

class Sound {
  currentTime = 0
  destination = {}
  resume = () => Promise.resolve()
  close = () => Promise.resolve()
  createGain = () => ({
    gain: { setValueAtTime: vi.fn(), exponentialRampToValueAtTime: vi.fn() },
    connect: vi.fn(),
  })
  createOscillator = () => ({
    frequency: { value: 0 },
    connect: (to: object) => to,
    start: started,
    stop: vi.fn(),
  })
}

beforeEach(() => {
  localStorage.clear()
  started.mockClear()
  vi.stubGlobal('AudioContext', Sound)
})
afterEach(() => vi.unstubAllGlobals())

it('sounds once for each task whose time is up, as soon as it is allowed to', async () => {
  const due = ref<string[]>([])
  const scope = effectScope()
  await scope.run(async () => {
    const { on, toggle } = useChime(due)
    due.value = ['rice']
    await nextTick()
    expect(started).not.toHaveBeenCalled()

    toggle()
    expect(on.value).toBe(true)
    started.mockClear()
    due.value = ['rice', 'stock']
    await nextTick()
    expect(started).toHaveBeenCalledTimes(3)
    due.value = ['stock']
    await nextTick()
    expect(started).toHaveBeenCalledTimes(3)
  })
  scope.stop()
  expect(localStorage.getItem('ladle-sound')).toBe('on')
})
