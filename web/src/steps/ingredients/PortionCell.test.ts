import { expect, it } from 'vitest'
import { mounted } from '@/test/mounting'
import PortionCell from './PortionCell.vue'

const cell = (props: object) =>
  mounted(PortionCell, {
    text: '4',
    label: 'Ada: Tofu, 4 pieces',
    grams: 48,
    step: 12,
    pinned: false,
    reserved: false,
    reachable: false,
    ...props,
  })

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

it('is dragged sideways by mouse: slides while it moves, pins when let go, opens nothing', async () => {
  const view = cell({})
  const button = view.find('button')
  button.element.setPointerCapture = () => undefined
  await button.trigger('pointerdown', { pointerType: 'mouse', button: 0, clientX: 100 })
  await button.trigger('pointermove', { clientX: 103 })
  expect(view.emitted('slide')).toBeUndefined()
  await button.trigger('pointermove', { clientX: 115 })
  await button.trigger('pointerup')
  await button.trigger('click')

  expect(view.emitted('slide')).toEqual([[72]])
  expect(view.emitted('pin')).toEqual([[72]])
  expect(view.emitted('open')).toBeUndefined()
  await button.trigger('click')
  expect(view.emitted('open')).toHaveLength(1)
})

it('is stepped by keys and left to scroll under a finger', async () => {
  const view = cell({})
  await view.find('button').trigger('keydown', { key: '+' })
  await view.find('button').trigger('keydown', { key: '-' })
  await view.find('button').trigger('pointerdown', { pointerType: 'touch', button: 0, clientX: 100 })
  await view.find('button').trigger('pointermove', { clientX: 200 })

  expect(view.emitted('pin')).toEqual([[60], [36]])
  expect(view.emitted('slide')).toBeUndefined()
})
