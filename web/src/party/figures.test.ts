import { expect, it } from 'vitest'
import { aPlan, figure } from '@/test/data'
import { changedFigures, figureTexts } from './figures'

it('finds every figure of a plan, however deep', () => {
  const texts = figureTexts(aPlan())

  expect(texts.get('eaters')).toBe('2')
  expect(texts.get('portion.bo.beef.sliced')).toBe('100 g')
  expect(texts.get('bill.market')).toBe('€12.34')
})

it('says what changed figures were, and nothing of new or gone ones', () => {
  const before = figureTexts([figure('a', 1), figure('b', 2), figure('gone', 3)])
  const after = figureTexts([figure('a', 1), figure('b', 5), figure('new', 4)])

  expect([...changedFigures(before, after)]).toEqual([['b', '2 g']])
})
