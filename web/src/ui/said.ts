/** A field shows what was said last, but leaves alone what is being typed: an answer from elsewhere takes no word away. */

import type { Directive } from 'vue'

type Said = string | number | undefined

/** What each field was last set to, or said by its change. */
const last = new WeakMap<HTMLInputElement, string>()

function show(field: HTMLInputElement, said: Said): void {
  field.value = said === undefined ? '' : String(said)
  last.set(field, field.value)
}

export const vSaid: Directive<HTMLInputElement, Said> = {
  mounted(field, { value }) {
    show(field, value)
    field.addEventListener('change', () => last.set(field, field.value))
  },
  updated(field, { value }) {
    const isTyping = document.activeElement === field && field.value !== last.get(field)
    if (!isTyping) show(field, value)
  },
}
