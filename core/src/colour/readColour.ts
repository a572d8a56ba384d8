import { formatHex, parse } from 'culori'

/**
 * A colour as people write it, by its common name or its numbers; null where nobody calls one so.
 *
 * @returns #rrggbb
 * @example readColour('Navy') // '#000080'
 */
export function readColour(text: string): string | null {
  const found = parse(
    text
      .trim()
      .toLowerCase()
      .replace(/(?<=[a-z])[\s-]+(?=[a-z])/g, ''),
  )
  return found && (found.alpha ?? 1) === 1 ? formatHex(found) : null
}
