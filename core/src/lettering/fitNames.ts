import type { Message } from '../messages/message'
import { CoreError } from '../errors'
import { checkSetting, type Glyph, layLetters, lettersOf, type Setting, unitsToMm } from './layLetters'
import type { LongNameWay } from './longNames'
import type { Typeface } from './typeface'

/**
 * Names set alike, in mm. By height: all have letters of `size`, and none may be wider than `most`. By width: all are `size`
 * wide, and none may have letters higher than `most`. `most` null: no limit.
 */
export type NamesRequest = {
  by: 'height' | 'width'
  size: number
  most: number | null
  spacing: number
  long: LongNameWay
}
/**
 * As one name comes out. `long`: as set it would be wider than it may be; `tooLong`: it still is, after what was done about it;
 * `problem`: why it cannot be set.
 */
export type FittedName = Setting & {
  name: string
  width: number
  long: boolean
  tooLong: boolean
  problem: Message | null
}

/** What the eye takes for the same, mm; and how close letters may be drawn, of their height. */
const [SLACK, CLOSEST] = [0.05, 0.12]
const LEAST_MM = 2
const USUAL_MM = 10

/**
 * Names of an order, each set to the same letter height or to the same width, and those that come out too long mended alike.
 * Nothing is drawn: widths follow from the letters' own boxes. A name that cannot be set says why, and the others are set.
 *
 * @throws CoreError('bad-request') for a size that cannot be
 * @example fitNames(font, ['Wren', 'Bartholomew'], { by: 'height', size: 12, most: 60, spacing: 0, long: 'smaller' })[1].width // 60
 */
export function fitNames(font: Typeface, names: readonly string[], request: NamesRequest): FittedName[] {
  const { by, size, most, spacing } = request
  checkSetting(by === 'height' ? size : USUAL_MM, spacing)
  const read = names.map((name) => readName(font, name))
  const asSet = read.map(({ letters }) => setAlike(font, letters, request))
  const widest = by === 'height' && most !== null ? most : Infinity
  const fits = read.map(({ letters }, i) => widthAt(font, letters, asSet[i]!) <= widest + SLACK)
  const smaller = read.map(({ letters }, i) =>
    fits[i] ? asSet[i]!.letterHeight : heightFor(font, letters, { width: widest, spacing }),
  )
  const least = Math.min(...smaller)
  return read.map(({ letters, problem }, i) => {
    const setting = mended(font, letters, { ...request, widest, least }, asSet[i]!, smaller[i]!)
    const width = widthAt(font, letters, setting)
    return { name: names[i]!.trim(), ...setting, width, long: !fits[i], tooLong: width > widest + SLACK, problem }
  })
}

/** The letters of a name, or why it cannot be set. */
function readName(font: Typeface, name: string): { letters: string[]; problem: Message | null } {
  try {
    return { letters: lettersOf(font, name), problem: null }
  } catch (error) {
    if (error instanceof CoreError && error.said) return { letters: [], problem: error.said }
    throw error
  }
}

/** To the height or the width of all, before anything is done about what is too long. */
function setAlike(font: Typeface, letters: readonly string[], { by, size, most, spacing }: NamesRequest): Setting {
  if (by === 'height' || letters.length === 0) return { letterHeight: by === 'height' ? size : USUAL_MM, spacing }
  return { letterHeight: Math.min(heightFor(font, letters, { width: size, spacing }), most ?? Infinity), spacing }
}

type Limits = Pick<NamesRequest, 'by' | 'long'> & { widest: number; least: number }

function mended(
  font: Typeface,
  letters: readonly string[],
  { by, long, widest, least }: Limits,
  asSet: Setting,
  smaller: number,
): Setting {
  if (by === 'width' || long === 'as-set') return asSet
  if (long === 'smaller') return { ...asSet, letterHeight: smaller }
  if (long === 'all-smaller') return { ...asSet, letterHeight: least }
  return closer(font, letters, asSet, widest)
}

/** How wide a line comes out, from the left of its first ink to the right of its last. */
function widthAt(font: Typeface, letters: readonly string[], setting: Setting): number {
  const k = unitsToMm(font, setting.letterHeight)
  let [left, right] = [Infinity, -Infinity]
  for (const { glyph, x } of layLetters(font, letters, setting)) {
    const box = boxOf(glyph)
    if (!box) continue
    left = Math.min(left, x + box.x1 * k)
    right = Math.max(right, x + box.x2 * k)
  }
  return Math.max(0, right - left)
}

type Box = { x1: number; x2: number } | null
const boxes = new WeakMap<Glyph, Box>()

/** In font units; null where there is no ink. */
function boxOf(glyph: Glyph): Box {
  const known = boxes.get(glyph)
  if (known !== undefined) return known
  const { x1, x2 } = glyph.getBoundingBox()
  const box = x2 > x1 ? { x1, x2 } : null
  boxes.set(glyph, box)
  return box
}

/** The letter height at which a line is so wide: its width grows with it but for the spacing, which stays. */
function heightFor(
  font: Typeface,
  letters: readonly string[],
  { width, spacing }: { width: number; spacing: number },
): number {
  const bare = widthAt(font, letters, { letterHeight: USUAL_MM, spacing: 0 })
  const apart = spacing * (letters.length - 1)
  return bare === 0 ? USUAL_MM : Math.max(LEAST_MM, (USUAL_MM * (width - apart)) / bare)
}

/** Letters drawn together until the line fits, or as close as they may be. */
function closer(font: Typeface, letters: readonly string[], setting: Setting, widest: number): Setting {
  const over = widthAt(font, letters, setting) - widest
  if (over <= SLACK) return setting
  const gaps = Math.max(1, letters.length - 1)
  const spacing = Math.max(setting.spacing - over / gaps, Math.min(setting.spacing, -CLOSEST * setting.letterHeight))
  return { ...setting, spacing }
}
