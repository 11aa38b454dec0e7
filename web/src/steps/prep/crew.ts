/** What a kitchen has, as far as prep asks for it. */
export const KITCHEN_PARTS = [
  { key: 'rings', label: 'rings' },
  { key: 'ovens', label: 'ovens' },
  { key: 'sinks', label: 'sinks' },
  { key: 'boards', label: 'boards' },
  { key: 'fridgeLitres', label: 'room in the fridge, l' },
  { key: 'freezerLitres', label: 'room in the freezer, l' },
] as const
