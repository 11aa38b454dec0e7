import { expect, it } from 'vitest'
import { broth, degrees, weight } from './units'

it('writes a weight as scales of that kitchen show it', () => {
  expect(weight('METRIC', 12.4)).toBe('12 g')
  expect(weight('METRIC', 63)).toBe('65 g')
  // an ounce is 28.349523125 g (international avoirdupois pound, 1959)
  expect(weight('US', 28.349523125)).toBe('1 oz')
  expect(weight('US', 63)).toBe('2.25 oz')
  expect(weight('US', 14)).toBe('0.49 oz')
})

it('writes how warm a broth is, and how much', () => {
  expect(degrees('METRIC', 97.84)).toBe('97.8 °C')
  expect(degrees('US', 100)).toBe('212 °F')
  expect(broth('METRIC', 1430)).toBe('1.45 l')
  // a US liquid quart is 946.352946 ml (231 cubic inches are a gallon)
  expect(broth('US', 1892.705892)).toBe('2.0 qt')
})
