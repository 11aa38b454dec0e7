import { expect, it, vi } from 'vitest'
import { newId } from './newId'

it('makes UUIDs without the secure context plain HTTP lacks', () => {
  const randomUUID = vi.spyOn(crypto, 'randomUUID')
  Object.defineProperty(crypto, 'randomUUID', { value: undefined, configurable: true })
  try {
    const made = new Set(Array.from({ length: 1000 }, newId))
    expect(made.size).toBe(1000)
    for (const id of made)
      expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/)
  } finally {
    Reflect.deleteProperty(crypto, 'randomUUID')
    randomUUID.mockRestore()
  }
})
