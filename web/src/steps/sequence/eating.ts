/** How a table eats: the words for it, and the edits that say it. */

import type { Brief, Category, Course, Pot } from '@/api/types'
import { CATEGORIES } from '@/party/words'

interface Choice<T> {
  value: T
  label: string
  /** What it does, in one sentence. */
  does: string
}

export const ORDERS: Choice<Brief['order']>[] = [
  {
    value: 'FLAVOUR_BUILDERS',
    label: 'Flavour builders first',
    does: 'Roots, then meat and seafood that season the broth, then the rest.',
  },
  {
    value: 'HARD_FIRST',
    label: 'Hard things first',
    does: 'By cooking time; quick things are eaten while the slow ones cook.',
  },
  {
    value: 'BALLS_FIRST',
    label: 'Balls first',
    does: 'Balls and tofu until they float, then what is dipped, greens late.',
  },
  { value: 'GREENS_FIRST', label: 'Greens first', does: 'A heap of leaves and mushrooms, then the rest.' },
  { value: 'ALL_ALONG', label: 'All along', does: 'Little and often: some of everything all the time.' },
  { value: 'OWN', label: 'Our own', does: 'The courses as you set and drag them.' },
]

export const STARCHES: Choice<Brief['starch']>[] = [
  { value: 'FIRST', label: 'first', does: 'Noodles and rice open the meal.' },
  { value: 'HALF_WAY', label: 'half-way', does: 'Noodles and rice come in the middle.' },
  { value: 'LAST', label: 'last', does: 'Noodles and rice come when all else is eaten.' },
  {
    value: 'IN_THE_BOWL',
    label: 'in the bowl',
    does: 'Cooked in the kitchen and laid into the bowls; none goes into a pot.',
  },
]

export const TEMPOS: Choice<Brief['tempo']>[] = [
  { value: 'BRISK', label: 'hungry first', does: 'A quarter is eaten by a sixth of the meal.' },
  { value: 'EVEN', label: 'even', does: 'As much in every quarter of an hour.' },
]

export const EMPHASES: Choice<Brief['emphasis']>[] = [
  { value: 'CALM', label: 'calm', does: 'Fewer, larger drops: less to do at the pots, longer waits.' },
  {
    value: 'BALANCED',
    label: 'balanced',
    does: 'Short waits and few things to do, one as much as the other.',
  },
  { value: 'QUICK', label: 'quick', does: 'Smaller drops more often: short waits, more to do at the pots.' },
]

/** Of a dish; a hot plate is a pot's. */
export const TENDINGS: Choice<NonNullable<Brief['menu'][number]['tending']>>[] = [
  { value: 'DIP', label: 'dipped', does: 'Each eater holds it, slice by slice.' },
  {
    value: 'BASKET',
    label: 'own baskets',
    does: 'Each eater’s pieces in a basket of their own, and they mind it.',
  },
  { value: 'SHARED', label: 'for all', does: 'Somebody puts it in for everybody; what keeps is fished out.' },
]

export const ENDINGS: Choice<NonNullable<Brief['ending']>['kind'] | 'NONE'>[] = [
  { value: 'NONE', label: 'nothing more', does: 'It ends with the last bite.' },
  {
    value: 'SOUP',
    label: 'the soup',
    does: 'The broth is ladled once nothing raw is in it and it has boiled.',
  },
  { value: 'EGG', label: 'a poached egg', does: 'An egg each, poached in the broth until it is firm.' },
  {
    value: 'FRIED_RICE',
    label: 'fried rice',
    does: 'Chilled rice fried in the last of one broth, with egg where everybody may have it.',
  },
  {
    value: 'PORRIDGE',
    label: 'porridge',
    does: 'Cooked rice simmered in one broth for a quarter of an hour.',
  },
]

export const WAYS: Choice<NonNullable<Pot['way']>>[] = [
  {
    value: 'TEND',
    label: 'dipped and tended',
    does: 'Slices are dipped by each eater; slow things somebody looks after.',
  },
  {
    value: 'ROUNDS',
    label: 'rounds',
    does: 'All of a round is ready together and lifted into the bowls; then soup, and the next.',
  },
  {
    value: 'LAYERED',
    label: 'layered',
    does: 'Slow things are arranged in the cold pot and boil up with it; then as usual.',
  },
  { value: 'ALL_IN', label: 'all in', does: 'Everything goes in before sitting down and is one bowl.' },
  {
    value: 'OWN_BASKET',
    label: 'own baskets',
    does: 'Everybody cooks their own pieces: slices dipped, the rest in a basket of their own.',
  },
  {
    value: 'OWN_POT',
    label: 'own pot',
    does: 'Everybody cooks their own pieces in a pot of their own: slices dipped, the rest put in by each.',
  },
  {
    value: 'DIP_AND_WRAP',
    label: 'dip and wrap',
    does: 'Only meat, seafood, balls and tofu go in; leaves and cooked noodles stand beside.',
  },
  {
    value: 'PLATE_FIRST',
    label: 'plate first',
    does: 'Meat and seafood are browned on the hot plate, then get done in the broth around it.',
  },
]

/** How people eat from a pot where the host has not said. */
export function wayOf(pot: Pick<Pot, 'way' | 'kind'>): NonNullable<Pot['way']> {
  if (pot.way) return pot.way
  if (pot.kind === 'PERSONAL') return 'OWN_POT'
  if (pot.kind === 'PLATE_AND_MOAT') return 'PLATE_FIRST'
  return pot.kind === 'DIP' ? 'DIP_AND_WRAP' : 'TEND'
}

const LEAST_SHARE = 5
const MOST_SHARE = 100

const copy = (courses: Course[]): Course[] =>
  courses.map(({ kinds, cuts, share }) => ({ kinds: [...kinds], cuts: [...cuts], share }))

/** An order is chosen; the host's own begins as the courses there are. */
export const setOrder = (order: Brief['order'], shown: Course[]) => (draft: Brief) => {
  if (order === 'OWN' && !draft.courses.length) draft.courses = copy(shown)
  draft.order = order
}

/** The host's own courses, which begin as those that are shown. */
export const editCourses = (shown: Course[], edit: (courses: Course[]) => void) => (draft: Brief) => {
  const courses = draft.order === 'OWN' ? draft.courses : copy(shown)
  edit(courses)
  draft.courses = courses.filter((course) => course.kinds.length > 0 || course.cuts.length > 0)
  if (draft.courses.length === 0) draft.courses = copy(shown)
  draft.order = 'OWN'
}

/** Moves the border between a course and the next by so much of the meal. */
export function moveBorder(courses: Course[], index: number, by: number): void {
  const left = courses[index]
  const right = courses[index + 1]
  if (!left || !right) return
  const both = left.share + right.share
  const share = Math.round(Math.min(both - LEAST_SHARE, Math.max(LEAST_SHARE, left.share + by)))
  left.share = Math.min(MOST_SHARE, share)
  right.share = Math.min(MOST_SHARE, Math.max(1, both - left.share))
}

/** A kind joins a course or leaves it. */
export function toggleKind(course: Course, kind: Category): void {
  course.kinds = course.kinds.includes(kind)
    ? course.kinds.filter((k) => k !== kind)
    : [...course.kinds, kind]
}

/** "Meat, seafood", or the first cuts that stand in this course and not in all. */
export function courseName(course: Course, all: Course[], nameOf: (cut: string) => string): string {
  const kinds = course.kinds.map((kind) => CATEGORIES.find((c) => c.value === kind)?.label ?? kind)
  const everywhere = (cut: string) => all.length > 1 && all.every((other) => other.cuts.includes(cut))
  const cuts = course.cuts.filter((cut) => !everywhere(cut)).map(nameOf)
  const names = [...kinds, ...cuts]
  const [first = 'What is dipped', ...rest] = names
  return [first, ...rest.map((name) => name.charAt(0).toLowerCase() + name.slice(1))].join(', ')
}
