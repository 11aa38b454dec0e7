import type { Brief, Catalogue, RecipePreview } from '@/api/types'

/** Puts a recipe read from a file into the brief; ingredients known by now are not put in twice. */
export const takeRecipe = (preview: RecipePreview) => (draft: Brief) => {
  const known = new Set((draft.ownIngredients ?? []).map((item) => item.id))
  draft.ownIngredients = [
    ...(draft.ownIngredients ?? []),
    ...preview.ingredients.filter((item) => !known.has(item.id)),
  ]
  draft.ownBroths = [...(draft.ownBroths ?? []).filter((b) => b.id !== preview.broth.id), preview.broth]
}

/** All broths to choose from, the household's own first. */
export function brothChoices(
  catalogue: Catalogue,
  brief: Brief,
): { title: string; value: string; subtitle: string }[] {
  const own = (brief.ownBroths ?? []).map((b) => ({
    title: b.name,
    value: b.id,
    subtitle: 'your own recipe',
  }))
  const taken = new Set(own.map((b) => b.value))
  const known = catalogue.broths
    .filter((b) => !taken.has(b.id))
    .map((b) => ({ title: b.name, value: b.id, subtitle: b.remark }))
  return [...own, ...known]
}
