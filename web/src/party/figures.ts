import type { Figure } from '@/api/types'

/** The texts of all figures in a plan, by id. */
export function figureTexts(plan: unknown): Map<string, string> {
  const texts = new Map<string, string>()
  collect(plan, texts)
  return texts
}

function collect(node: unknown, texts: Map<string, string>): void {
  if (Array.isArray(node)) node.forEach((item) => collect(item, texts))
  else if (typeof node === 'object' && node !== null) {
    if (isFigure(node)) texts.set(node.id, node.text)
    else Object.values(node).forEach((value) => collect(value, texts))
  }
}

function isFigure(node: object): node is Figure {
  return 'id' in node && 'text' in node && 'unit' in node && 'value' in node
}

/** Figures whose text differs, with what it was. */
export function changedFigures(before: Map<string, string>, after: Map<string, string>): Map<string, string> {
  return new Map([...before].filter(([id, text]) => after.has(id) && after.get(id) !== text))
}
