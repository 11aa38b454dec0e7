import { expect, it } from 'vitest'
import { draggedGrams } from './useCellDrag'

it('moves by whole steps and stays within bounds', () => {
  expect(draggedGrams(24, 12, 15)).toBe(48)
  expect(draggedGrams(26, 12, 0)).toBe(24)
  expect(draggedGrams(24, 12, -200)).toBe(0)
  expect(draggedGrams(24, 12, 5000)).toBe(400)
  expect(draggedGrams(40, 5, 6)).toBe(40)
})
