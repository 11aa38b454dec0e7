import { usual } from '@/api/parts'
import { diff } from '@/party/changes'
import type { GuestBook, Household, HouseholdPart } from '@/api/types'
import { AISLES, APPETITES, HEATS, labelOf, needLabel } from '@/party/words'
import { dayText } from '@/ui/time'

/** Something the household keeps, in one line. */
export interface KeptRow {
  part: HouseholdPart
  id?: string
  name: string
  says: string
  /** Of a person: to how many evenings that are over they came. */
  evenings?: number
  /** Nobody has said it: there is nothing to forget. */
  usual?: boolean
}

type Known = GuestBook['people'][number]

const listed = (names: string[], none: string) => (names.length > 0 ? names.join(', ') : none)
const plural = (count: number, one: string) => `${count} ${count === 1 ? one : `${one}s`}`

const timesThere = ({ evenings, lastOn }: Known) =>
  evenings === 0
    ? []
    : [`here ${evenings === 1 ? 'once' : `${evenings} times`}, last on ${dayText(lastOn ?? '')}`]
const tasteOf = ({ favourites, leaves }: Known) => [
  ...(favourites.length > 0 ? [`loves ${favourites.join(', ')}`] : []),
  ...(leaves.length > 0 ? [`leaves ${leaves.join(', ')}`] : []),
]

/** @param book what evenings know of them */
export const peopleOf = (household: Household, book: Known[] = []): KeptRow[] =>
  household.people.map((person) => ({
    part: 'PERSON',
    id: person.id,
    name: person.name,
    says: [
      labelOf(APPETITES, person.appetite),
      `broths up to ${labelOf(HEATS, person.heat)}`,
      ...person.needs.map((need) => needLabel(need.kind)),
      ...(person.portionPercent === 100 ? [] : [`eats ${person.portionPercent} % of a portion`]),
      ...book
        .filter((one) => one.guest === person.id)
        .flatMap((one) => [...timesThere(one), ...tasteOf(one)]),
    ].join(' · '),
    evenings: book.find((one) => one.guest === person.id)?.evenings,
  }))

const isUsualHouse = ({ kitchen, altitudeM, saltBand }: Household): boolean => {
  const said = { kitchen, altitudeM, saltBand }
  return diff({ ...usual('Household'), ...said }, usual('Household')).length === 0
}

export const houseOf = (household: Household): KeptRow[] => [
  {
    part: 'KITCHEN',
    name: 'Pots and kitchen',
    says: listed(
      household.pots.map((pot) => `${pot.name}, ${plural(pot.sides.length, 'side')}`),
      'pots by the number of guests',
    ),
    usual: household.pots.length === 0 && isUsualHouse(household),
  },
  {
    part: 'SHOPS',
    name: 'Shops',
    says: [
      listed(
        household.shops.map((shop) => shop.name),
        'none',
      ),
      `${plural(household.prices.offers.length, 'price')} of ${dayText(household.prices.asOf)}`,
    ].join(' · '),
  },
  {
    part: 'PANTRY',
    name: 'Always at home',
    says: household.pantry.length > 0 ? plural(household.pantry.length, 'thing') : 'nothing said',
    usual: household.pantry.length === 0,
  },
  {
    part: 'COOKS',
    name: 'Cooks',
    says: listed(
      household.cooks.map((cook) => cook.name),
      'you',
    ),
    usual: household.cooks.length === 0,
  },
  {
    part: 'AMOUNTS',
    name: 'Usual amounts',
    says: household.portionsPerAdult
      ? `${Math.round(gramsOf(household))} g a head, your own`
      : 'as the catalogue has them',
    usual: !household.portionsPerAdult,
  },
  {
    part: 'TIMES',
    name: 'Times',
    says:
      household.paces.length > 0
        ? `${plural(household.paces.length, 'time')} as your evenings have taught`
        : 'as the catalogue has them',
    usual: household.paces.length === 0,
  },
  { part: 'ORDER', name: 'Way of eating', says: `${plural(household.mealMinutes, 'minute')} at the table` },
  {
    part: 'BESIDE',
    name: 'Sauces and beside the pots',
    says: household.sauces
      ? `${plural(household.sauces.length, 'sauce')}, ${plural(household.extras.length, 'thing')} beside the pots`
      : 'house sauces as the start has them',
    usual: !household.sauces,
  },
]

const gramsOf = (household: Household) =>
  Object.values(household.portionsPerAdult ?? {}).reduce((sum, grams) => sum + grams, 0)

export const ownOf = (household: Household): KeptRow[] => [
  ...household.ownBroths.map((broth) => ({
    part: 'BROTH' as const,
    id: broth.id,
    name: broth.name,
    says: `a broth of ${plural(broth.parts.length, 'part')}`,
  })),
  ...household.ownSauces.map((sauce) => ({
    part: 'SAUCE' as const,
    id: sauce.id,
    name: sauce.name,
    says: `a sauce of ${plural(sauce.parts.length, 'part')}`,
  })),
  ...household.ownIngredients.map((food) => ({
    part: 'FOOD' as const,
    id: food.id,
    name: food.name,
    says: food.aisle ? labelOf(AISLES, food.aisle) : 'your own food',
  })),
]
