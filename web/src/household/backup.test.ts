import { flushPromises } from '@vue/test-utils'
import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import { server, useTestServer } from '@/test/server'
import BackupPart from './BackupPart.vue'

useTestServer()

async function chosen() {
  const view = mounted(BackupPart, {})
  const input = view.find<HTMLInputElement>('input[type=file]')
  Object.defineProperty(input.element, 'files', { value: [new File(['zip'], 'evenings.zip')] })
  await input.trigger('change')
  return view
}

it('puts a backup in only once it is said again', async () => {
  const view = await chosen()
  expect(view.text()).toContain('Put in evenings.zip?')
  await view
    .findAll('button')
    .find((button) => button.text() === 'Put it in')
    ?.trigger('click')
  await flushPromises()
  expect(view.find('[role=status]').text()).toBe('Put in: 2 parties with all that happened.')
  expect(view.emitted('restored')).toHaveLength(1)
})

it('says what is damaged, and that nothing was changed', async () => {
  server.damaged = 'household.json was damaged'
  const view = await chosen()
  await view
    .findAll('button')
    .find((button) => button.text() === 'Put it in')
    ?.trigger('click')
  await flushPromises()
  expect(view.find('[role=alert]').text()).toBe('Nothing was changed. household.json was damaged')
  expect(view.emitted('restored')).toBeUndefined()
})
