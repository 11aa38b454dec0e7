/** Into the clipboard; false where there is none, as on pages that came over plain HTTP: then it is marked by hand. */
export async function copyText(text: string): Promise<boolean> {
  if (!navigator.clipboard) return false
  await navigator.clipboard.writeText(text)
  return true
}
