import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import { outbox } from './outbox'
import { usePhone, type Phone } from './usePhone'

/** What the server has heard, and how it answers. */
const heard: { path: string; body: unknown }[] = []
const server = { down: false, refuses: 0, paired: true }
let phone: Phone
let unmount: () => void

function answer(status: number, body: unknown): Response {
  return new Response(status === 204 ? null : JSON.stringify(body), {
    status,
    headers: { 'Content-Type': 'application/json' },
  })
}

beforeEach(() => {
  heard.length = 0
  Object.assign(server, { down: false, refuses: 0, paired: true })
  localStorage.clear()
  class Silent {
    static OPEN = 1
    readyState = 1
    addEventListener() {}
    close() {}
  }
  vi.stubGlobal('EventSource', Silent)
  vi.stubGlobal('fetch', async (request: Request) => {
    if (server.down) throw new TypeError('no connection')
    const path = new URL(request.url, 'http://here').pathname
    if (!server.paired) return answer(401, { detail: 'This device is not paired.' })
    if (request.method === 'GET') return answer(200, { title: 'Supper', places: [] })
    heard.push({ path, body: await request.json().catch(() => undefined) })
    return server.refuses ? answer(server.refuses, { detail: 'Only of oneself.' }) : answer(200, { last: 1 })
  })
  const wrapper = mount(
    defineComponent(() => {
      phone = usePhone()
      return () => h('i')
    }),
  )
  unmount = () => wrapper.unmount()
})
afterEach(async () => {
  unmount()
  await flushPromises()
  vi.unstubAllGlobals()
})

describe('a phone at the table', () => {
  it('keeps what was said without a connection, over a reload, and sends it once there is one', async () => {
    await phone.begin()
    server.down = true
    phone.say({ type: 'FULL', guest: 'bo' })
    await flushPromises()
    expect(phone.isAway.value).toBe(true)
    expect(outbox(localStorage).all()).toHaveLength(1)

    server.down = false
    unmount()
    const again = mount(
      defineComponent(() => {
        phone = usePhone()
        return () => h('i')
      }),
    )
    unmount = () => again.unmount()
    await phone.begin()
    window.dispatchEvent(new Event('online'))
    await flushPromises()
    await vi.waitFor(() => expect(heard).toHaveLength(1))
    expect(heard[0]).toMatchObject({ path: '/api/mine/events', body: [{ type: 'FULL', guest: 'bo' }] })
    await vi.waitFor(() => expect(outbox(localStorage).all()).toHaveLength(0))
  })

  it('does not ask again for ever what is refused, and says why', async () => {
    await phone.begin()
    server.refuses = 403
    phone.say({ type: 'FULL', guest: 'ada' })
    await flushPromises()

    expect(phone.problem.value).toBe('Only of oneself.')
    expect(outbox(localStorage).all()).toHaveLength(0)
  })

  it('keeps what a server that fails was told', async () => {
    await phone.begin()
    server.refuses = 503
    phone.say({ type: 'FULL', guest: 'bo' })
    await flushPromises()

    expect(outbox(localStorage).all()).toHaveLength(1)
  })

  it('forgets the place when it was turned out', async () => {
    await phone.begin()
    expect(phone.mine.value?.title).toBe('Supper')
    server.paired = false
    await phone.refresh()

    expect(phone.mine.value).toBeUndefined()
    expect(phone.problem.value).toContain('not paired')
  })

  it('begins anew where what is kept is not what it wrote', () => {
    localStorage.setItem('ladle-said', '{"half')
    expect(outbox(localStorage).all()).toEqual([])
    localStorage.setItem('ladle-said', '{}')
    expect(outbox(localStorage).all()).toEqual([])
  })
})
