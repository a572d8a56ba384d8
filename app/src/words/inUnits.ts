import { formatFine, formatLength } from '@thimble/core/lengths'
import type { LengthStyle } from '@thimble/core/lengths'

/** What is thinner is never written in fractions of an inch, which would make it nothing. */
const THIN_MM = 3
const NUMBER = String.raw`\d+(?:\.\d+)?`
/**
 * `6 to 12 mm`, `150 by 90 mm`, `20 mm`, and `204 mm (8 1/8")` where rounding would lose what is meant. What stands in
 * quotes somebody typed, and stays as it is.
 */
const LENGTHS = new RegExp(String.raw`“[^”]*”|(?:(${NUMBER}) (to|and|by|×) )?(${NUMBER}) mm\b(?: \(([^)]*")\))?`, 'g')

/**
 * A sentence of a rule, which has its lengths in millimetres, in the worker's units.
 *
 * @example inUnits('Trim it 6 to 12 mm outside the stitches.', { unit: 'in' }) // 'Trim it 1/4" to 1/2" outside the stitches.'
 */
export function inUnits(text: string, style: LengthStyle): string {
  return text.replace(
    LENGTHS,
    (found, first: string | undefined, joint: string, last: string | undefined, inches?: string) => {
      if (!last) return found
      if (style.unit === 'in' && inches) return inches
      if (style.unit === 'mm') return found.replace(/ \([^)]*\)$/, '')
      const write = (mm: string): string =>
        style.unit === 'in' && Number(mm) < THIN_MM ? formatFine(Number(mm), style) : formatLength(Number(mm), style)
      return first ? `${write(first)} ${joint} ${write(last)}` : write(last)
    },
  )
}
