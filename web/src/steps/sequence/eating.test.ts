import { expect, it } from 'vitest'
import type { Course } from '@/api/types'
import { aBrief } from '@/test/data'
import { courseName, editCourses, moveBorder, setOrder, toggleKind, wayOf } from './eating'

const shown: Course[] = [
  { kinds: ['ROOTS', 'MEAT'], cuts: [], share: 30 },
  { kinds: ['LEAVES'], cuts: [], share: 70 },
]

it('begins the host’s own order as the courses there are', () => {
  const brief = aBrief()
  setOrder('OWN', shown)(brief)

  expect(brief.order).toBe('OWN')
  expect(brief.courses).toEqual(shown)
  expect(brief.courses[0]).not.toBe(shown[0])
})

it('keeps the host’s own courses under another order', () => {
  const brief = aBrief()
  setOrder('OWN', shown)(brief)
  setOrder('ALL_ALONG', [])(brief)
  setOrder('OWN', [{ kinds: ['TOFU'], cuts: [], share: 100 }])(brief)

  expect(brief.courses).toEqual(shown)
})

it('moves a border, and neither course away', () => {
  const courses = structuredClone(shown)
  moveBorder(courses, 0, 10)
  expect(courses.map((course) => course.share)).toEqual([40, 60])
  moveBorder(courses, 0, 500)
  expect(courses.map((course) => course.share)).toEqual([95, 5])
  moveBorder(courses, 0, -500)
  expect(courses.map((course) => course.share)).toEqual([5, 95])
})

it('drops a course in which nothing is left, but not the last one', () => {
  const brief = aBrief()
  editCourses(shown, (courses) => courses[1] && toggleKind(courses[1], 'LEAVES'))(brief)
  expect(brief.courses).toEqual([shown[0]])
  editCourses(shown, (courses) => courses.splice(0))(brief)
  expect(brief.courses).toEqual(shown)
})

it('eats from a pot as is usual for its kind, unless somebody says otherwise', () => {
  expect([wayOf({ kind: 'POT' }), wayOf({ kind: 'DIP' }), wayOf({ kind: 'PERSONAL' })]).toEqual([
    'TEND',
    'DIP_AND_WRAP',
    'OWN_POT',
  ])
  expect(wayOf({ kind: 'DIP', way: 'LAYERED' })).toBe('LAYERED')
})

it('names a course by its kinds, or by the cuts that stand in it alone', () => {
  const byTime: Course[] = [
    { kinds: [], cuts: ['beef', 'corn'], share: 50 },
    { kinds: [], cuts: ['beef'], share: 50 },
  ]
  const nameOf = (cut: string) => (cut === 'corn' ? 'Sweetcorn' : 'Beef')

  expect(courseName({ kinds: ['ROOTS', 'MEAT'], cuts: [], share: 30 }, shown, nameOf)).toBe('Roots, meat')
  expect(byTime.map((course) => courseName(course, byTime, nameOf))).toEqual(['Sweetcorn', 'What is dipped'])
})
