import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import { defineComponent, ref, withDirectives, h } from 'vue'
import { vSaid } from './said'

function field(said: string) {
  const value = ref(said)
  const other = ref(0)
  const Field = defineComponent(() => () => [
    withDirectives(h('input'), [[vSaid, value.value]]),
    h('p', other.value),
  ])
  const wrapper = mount(Field, { attachTo: document.body })
  return { value, other, wrapper, input: wrapper.get('input').element }
}

it('keeps what is being typed when something else changes', async () => {
  const { other, wrapper, input } = field('Guest 10')
  input.focus()
  input.value = 'Pia'
  other.value++
  await wrapper.vm.$nextTick()

  expect(input.value).toBe('Pia')
  wrapper.unmount()
})

it('shows what was said elsewhere, and what became of what was typed', async () => {
  const { value, other, wrapper, input } = field('300')
  value.value = '120'
  await wrapper.vm.$nextTick()
  expect(input.value).toBe('120')

  input.focus()
  input.value = '999'
  input.dispatchEvent(new Event('change'))
  value.value = '230'
  other.value++
  await wrapper.vm.$nextTick()
  expect(input.value).toBe('230')
  wrapper.unmount()
})
