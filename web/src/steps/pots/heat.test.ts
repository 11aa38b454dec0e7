import { usual } from '@/api/parts'
import { expect, test } from 'vitest'
import { heatWords, millilitres } from './heat'

test('a pot nobody has said anything about stands on a cartridge stove', () => {
  expect(heatWords(usual('Pot').heat)).toBe('butane cartridge, 2200 W')
  expect(heatWords({ ...usual('Pot').heat, kind: 'INDUCTION', watts: 1800 })).toBe('induction, 1800 W')
})

/** pi/4 x 2.8 dm x 2.8 dm x 0.9 dm = 5.542 l */
test('litres follow from a ruler', () => {
  expect(millilitres({ acrossMm: 280, depthMm: 90 })).toBe(5542)
  expect(millilitres({ acrossMm: 280, alongMm: 140, depthMm: 90 })).toBe(2771)
})
