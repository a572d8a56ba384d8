import { message } from '../messages/message'
import type { Typeface } from './typeface'
import { centredDesign } from '../design/centred'
import type { Design } from '../design/design'
import { reckoned } from '../design/estimate'
import { flatten } from '../design/svg/flatten'
import { CoreError } from '../errors'
import { boxOf } from '../plane/box'
import type { Point } from '../plane/point'
import { filledArea, union } from '../plane/polygons'
import { checkSetting, type Glyph, layLetters, lettersOf, unitsToMm } from './layLetters'
import { smallLetterAdvice } from '../design/smallLetterAdvice'

export type LetteringRequest = {
  text: string
  /** Capital height, millimetres. */
  letterHeight: number
  /** Added between letters, millimetres; less than nothing draws them together. */
  spacing?: number
  colour: string
}

type Lettering = { design: Design; smallestLetterMm: number }

/**
 * A line of wording as artwork: outlines of a typeface on a straight baseline, with its kerning.
 *
 * @returns the design, and the height of its lowest letter or figure
 * @throws CoreError('bad-wording') for no text or a letter the typeface lacks, CoreError('bad-request') for a size that
 *   cannot be
 * @example setWording(font, { text: 'H', letterHeight: 10, colour: '#1f2d38' }).design.height // 10
 */
export function setLettering(font: Typeface, { text, letterHeight, spacing = 0, colour }: LetteringRequest): Lettering {
  checkSetting(letterHeight, spacing)
  const areas: Point[][][] = []
  let smallest = Infinity
  for (const { letter, glyph, x } of layLetters(font, lettersOf(font, text), { letterHeight, spacing })) {
    const area = areaOf(font, glyph, letterHeight).map((ring) => ring.map((at) => ({ x: at.x + x, y: at.y })))
    if (area.length > 0) areas.push(area)
    if (/[\p{L}\p{N}]/u.test(letter)) smallest = Math.min(smallest, heightOf(area))
  }
  if (areas.length === 0) throw new CoreError('bad-wording', message('problem.there-is-nothing-to-stitch'), 'text')
  const block = {
    colour,
    outlines: united(areas),
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

/** Letters as one area; those that stand apart are that already, and to unite them takes its time. */
function united(areas: readonly Areas[]): Areas {
  const boxes = areas.map((area) => boxOf(area.flat()))
  const touch = boxes.some(({ right }, i) => boxes[i + 1] !== undefined && boxes[i + 1]!.left <= right)
  return touch ? union(areas) : areas.flat()
}

type Areas = Point[][]
/** Of the letters of one height: names of an order are made of the same few. */
const known = new WeakMap<Typeface, { letterHeight: number; areas: Map<number, Areas> }>()

/** What a letter covers, its left at nothing. */
function areaOf(font: Typeface, glyph: Glyph, letterHeight: number): Areas {
  const before = known.get(font)
  const { areas } = before?.letterHeight === letterHeight ? before : { areas: new Map<number, Areas>() }
  known.set(font, { letterHeight, areas })
  const found = areas.get(glyph.index)
  if (found) return found
  const size = unitsToMm(font, letterHeight) * font.unitsPerEm
  const paths = flatten(pathData(glyph.getPath(0, 0, size).commands), 0.01, 1).map((run) => run.points)
  const area = paths.length > 0 ? filledArea(paths, 'nonzero') : []
  areas.set(glyph.index, area)
  return area
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
