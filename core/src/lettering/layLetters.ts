import { message } from '../messages/message'
import { CoreError } from '../errors'
import type { Typeface } from './typeface'

export type Glyph = ReturnType<Typeface['charToGlyph']>
/** Capital height, and what is added between letters, in mm. */
export type Setting = { letterHeight: number; spacing: number }

const MOST_LETTERS = 60

/** Font units of a capital's height: as the typeface says, or as its H is drawn. */
function capHeight(font: Typeface): number {
  const said = (font.tables.os2 as { sCapHeight?: number } | undefined)?.sCapHeight
  return said && said > 0 ? said : font.charToGlyph('H').getBoundingBox().y2
}

/** Millimetres of one font unit. */
export const unitsToMm = (font: Typeface, letterHeight: number): number => letterHeight / capHeight(font)

/** @throws CoreError('bad-request') for a size that cannot be */
export function checkSetting(letterHeight: number, spacing: number): void {
  if (!(letterHeight >= 2 && letterHeight <= 300))
    throw new CoreError('bad-request', message('problem.a-letter-is-between-2'), 'letterHeight')
  if (!(spacing >= -20 && spacing <= 100))
    throw new CoreError('bad-request', message('problem.letter-spacing-is-between-20'), 'spacing')
}

/** The letters of a line. @throws CoreError('bad-wording') for none, too many, or one the typeface lacks */
export function lettersOf(font: Typeface, text: string): string[] {
  const letters = [...text.trim().normalize('NFC')]
  if (letters.length === 0) throw new CoreError('bad-wording', message('problem.type-the-words-to-stitch'), 'text')
  if (letters.length > MOST_LETTERS)
    throw new CoreError('bad-wording', message('problem.a-line-holds-at-most', { one: MOST_LETTERS }), 'text')
  const missing = letters.find((letter) => letter !== ' ' && font.charToGlyphIndex(letter) === 0)
  if (missing) throw new CoreError('bad-wording', message('problem.this-typeface-has-no', { missing }), 'text')
  return letters
}

/** Where each letter of a line begins on the baseline, kerned. */
export function layLetters(font: Typeface, letters: readonly string[], { letterHeight, spacing }: Setting) {
  const k = unitsToMm(font, letterHeight)
  let x = 0
  return letters.map((letter, i) => {
    const glyph = font.charToGlyph(letter)
    const next = letters[i + 1]
    const kern = next ? font.getKerningValue(glyph, font.charToGlyph(next)) : 0
    const at = x
    x += ((glyph.advanceWidth ?? 0) + kern) * k + spacing
    return { letter, glyph, x: at }
  })
}
