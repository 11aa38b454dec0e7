import { expect, it, vi } from 'vitest'
import { latest } from './latest'

it('runs the first and the last, never two at once', async () => {
  const ran: string[] = []
  const shown: string[] = []
  let running = 0
  const request = latest(
    async (input: string) => {
      expect(++running).toBe(1)
      ran.push(input)
      await Promise.resolve()
      running--
      return input
    },
    (output) => shown.push(output),
    () => undefined,
  )
  await Promise.all([request('a'), request('b'), request('c')])

  expect(ran).toEqual(['a', 'c'])
  expect(shown).toEqual(['c'])
})

it('goes on after a failure', async () => {
  const failures: unknown[] = []
  const shown: string[] = []
  const request = latest(
    (input: string) => (input === 'bad' ? Promise.reject(new Error('no')) : Promise.resolve(input)),
    (output) => shown.push(output),
    (e) => failures.push(e),
  )
  await request('bad')
  await request('good')

  expect(failures).toHaveLength(1)
  expect(shown).toEqual(['good'])
})

it('gives up a request that takes long for a newer one', async () => {
  vi.useFakeTimers()
  const shown: string[] = []
  const failures: unknown[] = []
  const request = latest(
    (input: string, signal) =>
      input === 'slow'
        ? new Promise<string>((_, reject) =>
            signal.addEventListener('abort', () => reject(new Error('gone'))),
          )
        : Promise.resolve(input),
    (output) => shown.push(output),
    (e) => failures.push(e),
  )
  const all = Promise.all([request('slow'), request('quick')])
  await vi.advanceTimersByTimeAsync(900)
  expect(shown).toEqual([])
  await vi.advanceTimersByTimeAsync(200)
  await all
  vi.useRealTimers()

  expect(shown).toEqual(['quick'])
  expect(failures).toEqual([])
})
