import { parse } from './opentype'
import { centredDesign } from '../design/centred'
import type { Design } from '../design/design'
import { reckoned } from '../design/estimate'
import { flatten } from '../design/svg/flatten'
import { CoreError } from '../errors'
import { boxOf } from '../plane/box'
import type { Point } from '../plane/point'
import { filledArea, union } from '../plane/polygons'
import { smallLetterAdvice } from '../design/smallLetterAdvice'

export type Typeface = ReturnType<typeof parse>

export type WordingRequest = {
  text: string
  /** Height of a capital, millimetres. */
  letterHeight: number
  /** Added between letters, millimetres; less than nothing draws them together. */
  spacing?: number
  colour: string
}

export type Wording = { design: Design; smallestLetterMm: number }

const MOST_LETTERS = 60
/** @throws CoreError('bad-font') when the file is no typeface that can be read */
export function readTypeface(file: ArrayBuffer): Typeface {
  try {
    return parse(file)
  } catch {
    throw new CoreError('bad-font', 'This typeface cannot be read.', 'font')
  }
}

/** Font units of a capital's height: as the typeface says, or as its H is drawn. */
function capHeight(font: Typeface): number {
  const said = (font.tables.os2 as { sCapHeight?: number } | undefined)?.sCapHeight
  return said && said > 0 ? said : font.charToGlyph('H').getBoundingBox().y2
}

function lettersOf(font: Typeface, text: string): string[] {
  const letters = [...text.normalize('NFC')]
  if (text.trim() === '') throw new CoreError('bad-wording', 'Type the words to be set.', 'text')
  if (letters.length > MOST_LETTERS)
    throw new CoreError('bad-wording', `A line takes at most ${MOST_LETTERS} letters.`, 'text')
  const missing = letters.find((letter) => letter !== ' ' && font.charToGlyphIndex(letter) === 0)
  if (missing) throw new CoreError('bad-wording', `This typeface has no “${missing}”.`, 'text')
  return letters
}

/**
 * A line of wording as artwork: outlines of a typeface on a straight baseline, with its kerning.
 *
 * @returns the design, and the height of its lowest letter or figure
 * @throws CoreError('bad-wording') for no text or a letter the typeface lacks, CoreError('bad-request') for a size that
 *   cannot be
 * @example setWording(font, { text: 'H', letterHeight: 10, colour: '#1f2d38' }).design.height // 10
 */
export function setWording(font: Typeface, { text, letterHeight, spacing = 0, colour }: WordingRequest): Wording {
  if (!(letterHeight >= 2 && letterHeight <= 300))
    throw new CoreError('bad-request', 'A letter is between 2 and 300 mm high.', 'letterHeight')
  if (!(spacing >= -20 && spacing <= 100))
    throw new CoreError('bad-request', 'Spacing lies between -20 and 100 mm.', 'spacing')
  const letters = lettersOf(font, text.trim())
  const k = letterHeight / capHeight(font)
  const size = k * font.unitsPerEm
  const areas: Point[][][] = []
  let [x, smallest] = [0, Infinity]
  letters.forEach((letter, i) => {
    const glyph = font.charToGlyph(letter)
    const paths = flatten(pathData(glyph.getPath(x, 0, size).commands), 0.01, 1).map((run) => run.points)
    const area = paths.length > 0 ? filledArea(paths, 'nonzero') : []
    if (area.length > 0) areas.push(area)
    if (/[\p{L}\p{N}]/u.test(letter)) smallest = Math.min(smallest, heightOf(area))
    const next = letters[i + 1]
    const kern = next ? font.getKerningValue(glyph, font.charToGlyph(next)) : 0
    x += (glyph.advanceWidth ?? 0) * k + kern * k + spacing
  })
  if (areas.length === 0) throw new CoreError('bad-wording', 'There is nothing to stitch in these words.', 'text')
  const block = {
    colour,
    outlines: union(areas),
    fills: areas,
    lines: [],
    stitchCount: 0,
    estimated: true,
    jumps: 0,
    trims: 0,
  }
  const smallestLetterMm = Number.isFinite(smallest) ? smallest : letterHeight
  const design = centredDesign(
    {
      source: 'artwork',
      blocks: [{ ...block, stitchCount: reckoned(block).stitches, trims: areas.length - 1 }],
      warnings: smallLetterAdvice(smallestLetterMm),
    },
    false,
  )
  return { design, smallestLetterMm }
}

type Command = ReturnType<Typeface['getPath']>['commands'][number]

const pathData = (commands: readonly Command[]): string =>
  commands
    .map((c) => {
      const { x1, y1, x2, y2, x, y } = c as Partial<Record<'x1' | 'y1' | 'x2' | 'y2' | 'x' | 'y', number>>
      return `${c.type}${[x1, y1, x2, y2, x, y].filter((n) => n !== undefined).join(' ')}`
    })
    .join('')

const heightOf = (area: readonly Point[][]): number => {
  const box = boxOf(area.flat())
  return box.bottom - box.top
}
