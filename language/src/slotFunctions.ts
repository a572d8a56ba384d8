import { formatFine, formatLength, type LengthStyle, roundDownToTape } from '@thimble/core/lengths'
import { countText } from './figures'
import type { MessageFunctionContext, MessageValue } from 'messageformat/functions'

/** What a slot comes to, and by which a sentence may be chosen. */
type Written = MessageValue<'written'>
type Options = Record<string, unknown>
type SlotFunction = (context: MessageFunctionContext, options: Options, filled?: unknown) => Written

/** What the tape cannot show, a tape is not asked for: under this, fractions of an inch would come to nothing. */
const THIN_MM = 3

const numberOf = (filled: unknown): number => {
  const value = filled !== null && typeof filled === 'object' && 'plain' in filled ? filled.plain : filled
  return Number(value)
}

/** How one worker has numbers and lengths written, and names by whoever knows them. */
type Edge = {
  locale: string
  lengths: LengthStyle
  nameOf: (filled: unknown) => string
  /** “6 to 12 mm”. */
  range: (from: string, to: string) => string
}

/**
 * What may stand behind the colon of a slot: `{$far :tape}`. Digits, units and names are put on here and nowhere else.
 *
 * - `tape`: a length by the tape, in mm, cm or fractions of an inch; what is thinner than 3 mm goes like `thin`. `to=12`
 *   makes a range of it; `inches=|8"|` says what is said where the shop counts in inches.
 * - `room`: a length that must not be promised in vain: rounded down to what the tape shows.
 * - `thin`: a thickness: tenths of a millimetre, hundredths of an inch.
 * - `dial`: a move of the machine, which counts in millimetres whatever the shop does.
 * - `number`: a count or figure; a sentence may be chosen by it (`.match`).
 * - `text`: what is written already: a name somebody typed, a sum of money, a date.
 * - `count`: of things: thousands are always parted.
 * - `name`: a word by its id, a name of somebody’s own, or a sentence; `case=upper` or `lower` sets its first letter, and
 *   a sentence may be chosen by its id.
 */
export function slotFunctions({ locale, lengths, nameOf, range }: Edge): Record<string, SlotFunction> {
  const digits = new Intl.NumberFormat(locale, { maximumFractionDigits: 2, useGrouping: 'min2' as never })
  const plural = new Intl.PluralRules(locale)
  const byNumber =
    (write: (value: number) => string): SlotFunction =>
    (_, __, filled) => {
      if (isName(filled)) return said(nameOf(filled))
      const value = numberOf(filled)
      return {
        type: 'written',
        toString: () => write(value),
        valueOf: () => value,
        selectKey: (keys) => [String(value), plural.select(value)].find((key) => keys.has(key)) ?? null,
      }
    }
  const byTape = (mm: number): string => (isThin(mm, lengths) ? formatFine(mm, lengths) : formatLength(mm, lengths))
  const tape = byNumber(byTape)
  return {
    tape: (context, { to, inches, ...options }, filled) => {
      if (inches !== undefined && lengths.unit === 'in') return said(String(inches))
      const one = tape(context, options, filled)
      return to === undefined ? one : said(rangeText(String(one), byTape(Number(to)), range))
    },
    room: byNumber((mm) => formatLength(roundDownToTape(mm + 1e-6, lengths), lengths)),
    thin: byNumber((mm) => (lengths.unit === 'in' ? formatFine(mm, lengths) : `${digits.format(tenth(mm))} mm`)),
    dial: byNumber((mm) => `${digits.format(mm)} mm`),
    number: byNumber((value) => digits.format(value)),
    count: byNumber(countText),
    text: (_, __, filled) => said(String(filled)),
    name: (_, { case: letter }, filled) => said(cased(nameOf(filled), letter), filled),
  }
}

/** “6 to 12 mm”: a unit that both have is said once. */
const rangeText = (from: string, to: string, range: Edge['range']): string => {
  const unit = / (mm|cm)$/.exec(to)?.[0]
  return range(unit && from.endsWith(unit) ? from.slice(0, -unit.length) : from, to)
}

const tenth = (mm: number): number => Math.round(mm * 10) / 10

const isThin = (mm: number, { unit }: LengthStyle): boolean => unit === 'in' && mm !== 0 && Math.abs(mm) < THIN_MM

/** A number that was kept as a name: an older version had it so. */
const isName = (filled: unknown): boolean =>
  (typeof filled === 'string' && Number.isNaN(Number(filled))) ||
  Array.isArray(filled) ||
  (typeof filled === 'object' && filled !== null && 'own' in filled)

const said = (text: string, filled?: unknown): Written => ({
  type: 'written',
  toString: () => text,
  valueOf: () => filled,
  selectKey: (keys) => (typeof filled === 'string' && keys.has(filled) ? filled : null),
})

function cased(text: string, letter: unknown): string {
  const first = text.charAt(0)
  if (String(letter) === 'upper') return first.toUpperCase() + text.slice(1)
  return String(letter) === 'lower' ? first.toLowerCase() + text.slice(1) : text
}
