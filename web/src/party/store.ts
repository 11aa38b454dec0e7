import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Brief, Catalogue, Remedy, Said } from '@/api/types'
import { openedParty, type OpenedParty } from './openedParty'
import { withOwnFood } from './ownFood'

/** The party on screen; everything is done by the engines that were made for it. */
export const useParty = defineStore('party', () => {
  const opened = shallowRef<OpenedParty>()
  const builtIn = shallowRef<Catalogue>()
  /** A table runs here: its plan is the one all screens are told. */
  const follows = ref(false)
  const catalogue = computed(
    () => builtIn.value && withOwnFood(builtIn.value, opened.value?.feed.ownFood.value),
  )
  const working = (figure: string) => {
    if (!opened.value) throw new Error('No party is open')
    return opened.value.working(figure)
  }

  /** Opens another party; whatever is still on its way for the one before touches it no more. */
  async function open(party: string): Promise<void> {
    await opened.value?.close()
    opened.value = openedParty(party, builtIn, follows)
    await opened.value.load()
  }

  return {
    ...{ builtIn, catalogue, follows },
    id: computed(() => opened.value?.id ?? ''),
    brief: computed(() => opened.value?.editor.brief.value),
    plan: computed(() => opened.value?.feed.plan.value),
    saveState: computed(() => opened.value?.saver.state.value ?? 'saved'),
    offline: computed(() => opened.value?.offline.value ?? false),
    pending: computed(() => opened.value?.log.pending.value ?? []),
    message: computed(() => opened.value?.message.value ?? ''),
    clash: computed(() => opened.value?.saver.clash.value),
    was: computed(() => opened.value?.feed.was.value ?? new Map<string, string>()),
    canUndo: computed(() => opened.value?.editor.canUndo.value),
    canRedo: computed(() => opened.value?.editor.canRedo.value),
    ...{ open, working },
    edit: (label: string, change: (draft: Brief) => void) => opened.value?.editor.edit(label, change),
    /** Does what somebody is offered. */
    take: async ({ label, edit }: Remedy) => edit && opened.value?.take(label.toLowerCase(), edit),
    preview: (change: (draft: Brief) => void) => opened.value?.preview(change),
    undo: () => opened.value?.editor.undo(),
    redo: () => opened.value?.editor.redo(),
    save: async () => opened.value?.saver.save(),
    leave: () => opened.value?.saver.leave(),
    choose: (version: 'mine' | 'theirs') => opened.value?.saver.choose(version),
    refresh: async () => opened.value?.refresh(),
    replan: async () => opened.value?.feed.replan(),
    record: async (event: Said, as?: string) => opened.value?.log.record(event, as),
    sendEvents: async () => opened.value?.log.send(),
  }
})
