/**
 * Whether what a device kept of a form is of that form's make: texts where it has texts, lists of such parts where it
 * has lists. A list may be longer or shorter than the blank's; without a part to go by, its parts are texts or of texts.
 */
export function likeBlank(kept: unknown, blank: unknown): boolean {
  if (typeof blank !== 'object' || blank === null) return typeof kept === typeof blank
  if (Array.isArray(blank))
    return Array.isArray(kept) && kept.every(blank.length > 0 ? (part) => likeBlank(part, blank[0]) : isOfTexts)
  if (typeof kept !== 'object' || kept === null || Array.isArray(kept)) return false
  return Object.entries(kept).every(
    ([key, value]) => key in blank && likeBlank(value, blank[key as keyof typeof blank]),
  )
}

const isOfTexts = (part: unknown): boolean =>
  typeof part === 'string' ||
  (typeof part === 'object' && part !== null && Object.values(part).every((value) => typeof value === 'string'))
