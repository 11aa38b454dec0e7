/** Mounts parts of the page on the open party, with plain boxes in place of the dialogs' moving parts. */

import { mount } from '@vue/test-utils'
import { h, type Component, type FunctionalComponent } from 'vue'

const box =
  (tag: string): FunctionalComponent =>
  (_, { slots }) =>
    h(tag, slots.default?.())

const figure: FunctionalComponent<{ figure: { text: string }; text?: string }> = (props) =>
  h('b', props.text ?? props.figure.text)
figure.props = ['figure', 'text']

export function mounted(component: Component, props: Record<string, unknown> = {}) {
  const stubs = {
    VDialog: box('div'),
    VCard: box('div'),
    VBtn: box('button'),
    VIcon: box('i'),
    RouterLink: box('a'),
    FigureText: figure,
  }
  return mount(component, { props, global: { stubs } })
}
