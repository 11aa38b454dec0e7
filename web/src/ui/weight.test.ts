import { expect, it } from 'vitest'
import { weight } from './weight'

it('writes a weight as scales of that kitchen show it', () => {
  expect(weight('METRIC', 12.4)).toBe('12 g')
  expect(weight('METRIC', 63)).toBe('65 g')
  // an ounce is 28.349523125 g (international avoirdupois pound, 1959)
  expect(weight('US', 28.349523125)).toBe('1 oz')
  expect(weight('US', 63)).toBe('2.25 oz')
  expect(weight('US', 14)).toBe('0.49 oz')
})
