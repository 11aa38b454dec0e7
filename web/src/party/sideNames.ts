import type { Brief, Plan } from '@/api/types'

/** Sides by their broth, and by their pot too where two hold the same: nobody may take one for the other. */
export function sideNames(brief: Brief, plan: Plan): { value: string; label: string }[] {
  const { sides } = plan.broths
  return sides.map(({ side, brothName }) => {
    const twice = sides.filter((other) => other.brothName === brothName).length > 1
    const pot = brief.pots.find((p) => p.sides.some((own) => own.id === side))
    return { value: side, label: twice && pot ? `${brothName}, ${pot.name}` : brothName }
  })
}

export const sideName = (brief: Brief, plan: Plan, side: string): string =>
  sideNames(brief, plan).find((one) => one.value === side)?.label ?? side

/** All of them in one breath. */
export const sidesOf = (brief: Brief, plan: Plan, of: { side: string }[]): string =>
  of.map(({ side }) => sideName(brief, plan, side)).join(' and ')
