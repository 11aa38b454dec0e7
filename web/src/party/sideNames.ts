import type { Brief, Plan } from '@/api/types'

/**
 * Sides by their broth, by their pot too where two hold the same, and by their place in it where one pot does twice:
 * nobody may take one for the other.
 */
export function sideNames(brief: Brief, plan: Plan): { value: string; label: string }[] {
  const { sides } = plan.broths
  const potOf = (side: string) => brief.pots.find((pot) => pot.sides.some((own) => own.id === side))
  return sides.map(({ side, brothName }) => {
    const alike = sides.filter((other) => other.brothName === brothName)
    const pot = potOf(side)
    if (alike.length === 1 || !pot) return { value: side, label: brothName }
    const inPot = alike.filter((other) => potOf(other.side) === pot)
    const place = pot.sides.findIndex((own) => own.id === side) + 1
    return {
      value: side,
      label: `${brothName}, ${pot.name}${inPot.length > 1 ? `, side ${place}` : ''}`,
    }
  })
}

export const sideName = (brief: Brief, plan: Plan, side: string): string =>
  sideNames(brief, plan).find((one) => one.value === side)?.label ?? side

/** All of them in one breath. */
export const sidesOf = (brief: Brief, plan: Plan, of: { side: string }[]): string =>
  of.map(({ side }) => sideName(brief, plan, side)).join(' and ')
