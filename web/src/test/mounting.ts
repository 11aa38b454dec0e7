/** Mounts parts of the page on the open party, with plain boxes in place of the dialogs' moving parts. */

import { mount } from '@vue/test-utils'
import { vi } from 'vitest'
import { h, type Component, type SetupContext } from 'vue'
import { routerKey, type Router } from 'vue-router'

/** Where the page went. */
export const push = vi.fn()

const box = (tag: string): Component => ({
  setup:
    (_: unknown, { slots }: SetupContext) =>
    () =>
      h(tag, slots.default?.()),
})

const figure: Component = {
  props: ['figure', 'text'],
  setup: (props: Record<string, unknown>) => () =>
    h('b', String(props.text ?? (props.figure as { text: string }).text)),
}

export function mounted(component: Component, props: Record<string, unknown> = {}) {
  const stubs = {
    VDialog: box('div'),
    VCard: box('div'),
    VBtn: box('button'),
    VIcon: box('i'),
    RouterLink: box('a'),
    FigureText: figure,
  }
  const provide = { [routerKey as symbol]: { push } as unknown as Router }
  return mount(component, { props, global: { stubs, provide } })
}
