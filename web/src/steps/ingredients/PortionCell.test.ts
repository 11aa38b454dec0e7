import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import PortionCell from './PortionCell.vue'

const cell = (props: object) =>
  mounted(PortionCell, { text: '4', label: 'Ada: Tofu, 4 pieces', pinned: false, reachable: false, ...props })

it('is a button that says whose amount it is', async () => {
  const view = cell({})
  await view.find('button').trigger('click')

  expect(view.find('button').attributes('aria-label')).toBe('Ada: Tofu, 4 pieces')
  expect(view.emitted('open')).toHaveLength(1)
})

it('is no button where the guest does not get it, and says why', () => {
  const view = cell({ text: '', barred: 'vegan', label: 'Ada: Beef, vegan' })

  expect(view.find('button').exists()).toBe(false)
  expect(view.find('[role=img]').attributes('aria-label')).toBe('Ada: Beef, vegan')
})

it('is reached by Tab only when it is the current one', () => {
  expect(cell({}).find('button').attributes('tabindex')).toBe('-1')
  expect(cell({ reachable: true }).find('button').attributes('tabindex')).toBe('0')
  expect(cell({ pinned: true }).find('button').classes()).toContain('pinned')
})
