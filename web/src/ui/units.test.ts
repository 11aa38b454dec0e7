import { expect, it } from 'vitest'
import { broth, degrees, length, liquid, typed, weight, wholeDegrees } from './units'

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

it('writes sizes, spoons and axes', () => {
  expect(length('METRIC', 1.5)).toBe('1.5 mm')
  // an inch is 25.4 mm
  expect(length('US', 25.4)).toBe('1 in')
  expect(liquid('METRIC', 60)).toBe('60 ml')
  expect(liquid('US', 60)).toBe('¼ cup')
  expect(liquid('US', 355)).toBe('1½ cups')
  expect(liquid('US', 15)).toBe('1 tbsp')
  expect(wholeDegrees('US', 85)).toBe('185 °F')
})

it('takes what is typed in the units of the kitchen', () => {
  expect(typed.weight.si('US', 12)).toBe(340)
  expect(typed.length.of('US', 280)).toBe(11.02)
  expect(typed.volume.si('METRIC', 1400)).toBe(1400)
})
