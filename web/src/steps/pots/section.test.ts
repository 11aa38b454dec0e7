import { expect, test } from 'vitest'
import { compartments, fillAt, fillByKey, yOf } from './section'

const section = { left: 10, right: 310, top: 20, bottom: 120 }

test('the waterline and its fill are each other’s inverse', () => {
  for (const percent of [25, 40, 50, 67]) expect(fillAt(section, yOf(section, percent))).toBe(percent)
})

test('a waterline dragged out of the pot stops at what a pot may hold', () => {
  expect(fillAt(section, -50)).toBe(67)
  expect(fillAt(section, 500)).toBe(25)
})

test('compartments share the pot', () => {
  expect(compartments(section, 3)).toEqual([
    { x: 10, width: 100 },
    { x: 110, width: 100 },
    { x: 210, width: 100 },
  ])
})

test('keys move the waterline by a percent or by five', () => {
  expect(fillByKey(50, 'ArrowUp')).toBe(51)
  expect(fillByKey(50, 'PageDown')).toBe(45)
  expect(fillByKey(66, 'PageUp')).toBe(67)
  expect(fillByKey(50, 'End')).toBe(67)
  expect(fillByKey(50, 'x')).toBe(50)
})
