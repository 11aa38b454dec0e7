import { effectScope, nextTick } from 'vue'
import { beforeEach, expect, it } from 'vitest'
import { useKept } from './useKept'

const page = () => {
  const scope = effectScope()
  const kept = scope.run(() => useKept<{ name: string } | undefined>('pot', undefined))
  if (!kept) throw new Error('no scope')
  return { scope, kept }
}

beforeEach(() => sessionStorage.clear())

it('is there again after a reload, as it was typed last', async () => {
  const before = page()
  before.kept.value = { name: 'Ka' }
  await nextTick()
  if (before.kept.value) before.kept.value.name = 'Kanton'
  await nextTick()

  expect(page().kept.value).toEqual({ name: 'Kanton' })
})

it('is forgotten when the dialog is closed, and when it is taken back', async () => {
  const first = page()
  first.kept.value = { name: 'Ka' }
  await nextTick()
  first.scope.stop()
  expect(page().kept.value).toBeUndefined()

  const second = page()
  second.kept.value = { name: 'Ka' }
  await nextTick()
  second.kept.value = undefined
  await nextTick()
  expect(sessionStorage).toHaveLength(0)
})
