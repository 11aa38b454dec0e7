/** The catalogue as a host picks from it: by category, found by any word of a name. Pure. */

import type { Brief, Catalogue, Category } from '@/api/types'
import { CATEGORIES } from '@/party/words'

export interface MenuGroup {
  value: Category
  label: string
  cuts: { value: string; label: string }[]
  /** What to know of what is on the menu. */
  remarks: { name: string; text: string }[]
}

/**
 * @example menuGroups(catalogue, brief, 'mush') keeps only cuts with "mush" in a name of theirs or their category
 */
export function menuGroups(catalogue: Catalogue, brief: Brief, search: string): MenuGroup[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean)
  const onMenu = new Set(brief.menu.map((item) => item.cut))
  const ingredients = new Map(catalogue.ingredients.map((ingredient) => [ingredient.id, ingredient]))
  return CATEGORIES.map(({ value, label }) => {
    const own = catalogue.cuts.flatMap((cut) => {
      const ingredient = ingredients.get(cut.ingredient)
      if (ingredient?.category !== value) return []
      const name = cut.name ? `${ingredient.name}, ${cut.name}` : ingredient.name
      const text = `${name} ${label} ${ingredient.alsoCalled.join(' ')}`.toLowerCase()
      return words.every((word) => text.includes(word)) ? [{ cut, ingredient, name }] : []
    })
    const remarked = own.filter(({ cut, ingredient }) => onMenu.has(cut.id) && ingredient.remark)
    return {
      value,
      label,
      cuts: own.map(({ cut, name }) => ({ value: cut.id, label: name })),
      remarks: [...new Map(remarked.map(({ ingredient }) => [ingredient.id, ingredient])).values()].map(
        (ingredient) => ({ name: ingredient.name, text: ingredient.remark }),
      ),
    }
  }).filter((group) => group.cuts.length > 0)
}
