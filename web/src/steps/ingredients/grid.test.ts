import { expect, it } from 'vitest'
import { aBrief, aPlan } from '@/test/data'
import { gridLines, gridOf, step } from './grid'

it('has a row for each cut and a cell for each guest', () => {
  const groups = gridOf(aBrief(), aPlan(), () => '')

  expect(groups.map((group) => group.category)).toEqual(['MEAT', 'TOFU'])
  expect(groups[0]?.rows[0]).toMatchObject({ name: 'Beef', detail: '2 mm slices' })
  expect(groups[0]?.rows[0]?.cells.map((cell) => cell.guest)).toEqual(['ada', 'bo'])
})

it('shows pieces where there are pieces, else grams, and why there is nothing', () => {
  const [meat, tofu] = gridOf(aBrief(), aPlan(), () => '')

  expect(meat?.rows[0]?.cells[0]).toMatchObject({ barred: 'vegan; Tofu, cubes instead', text: '' })
  expect(meat?.rows[0]?.cells[1]).toMatchObject({ barred: undefined, text: '8', grams: 100 })
  expect(tofu?.rows[0]?.cells[0]?.text).toBe('100')
})

it('is walked by keys, over headings and not beyond its edges', () => {
  const lines = gridLines(gridOf(aBrief(), aPlan(), () => ''))

  expect(lines.map((line) => line.kind)).toEqual(['category', 'row', 'category', 'row'])
  const from = { line: 1, column: 0 }
  expect(step(lines, 2, from, 'ArrowDown')).toEqual({ line: 3, column: 0 })
  expect(step(lines, 2, { line: 3, column: 1 }, 'ArrowUp')).toEqual({ line: 1, column: 1 })
  expect(step(lines, 2, from, 'ArrowUp')).toEqual(from)
  expect(step(lines, 2, from, 'End')).toEqual({ line: 1, column: 1 })
  expect(step(lines, 2, { line: 1, column: 1 }, 'ArrowRight')).toEqual({ line: 1, column: 1 })
  expect(step(lines, 2, from, 'PageDown')).toEqual({ line: 3, column: 0 })
  expect(step(lines, 2, from, 'x')).toEqual(from)
})
