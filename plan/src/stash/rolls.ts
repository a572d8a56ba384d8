import type { Supply } from '@thimble/contract'
import { alongRoll } from './alongRoll'

export type Size = { widthMm: number; heightMm: number }
type Roll = Pick<Supply, 'widthMm' | 'leftMm' | 'sheetMm'>

/** Pieces that one sheet gives, all one way round. */
function perSheet({ widthMm, heightMm }: Size, across: number, along: number): number {
  const laid = (w: number, h: number): number => Math.floor(across / w) * Math.floor(along / h)
  return Math.max(laid(widthMm, heightMm), laid(heightMm, widthMm))
}

/**
 * How much of a roll some pieces take, in mm of its length; of sheets, whole sheets one after another, and none where a
 * sheet is too small: null.
 *
 * @example five pieces of 174 by 190 of sheets 400 by 400, four to a sheet: 800
 */
export function lengthOff(
  { widthMm, sheetMm }: Pick<Roll, 'widthMm' | 'sheetMm'>,
  size: Size,
  count: number,
): number | null {
  if (sheetMm === null) return widthMm < Math.min(size.widthMm, size.heightMm) ? null : alongRoll(widthMm, size, count)
  const each = perSheet(size, widthMm, sheetMm)
  return each === 0 ? null : Math.ceil(count / each) * sheetMm
}

const enough = (roll: Roll, size: Size, count: number): boolean =>
  (lengthOff(roll, size, count) ?? Infinity) <= roll.leftMm

/**
 * What of the stash some pieces of one kind are cut from: the shortest that gives them all, else the longest that gives
 * any; null where there is none of the kind that is wide enough.
 */
export function rollFor<Line extends Supply>(
  kind: string,
  size: Size,
  count: number,
  supplies: readonly Line[],
): Line | null {
  const lines = supplies.filter((line) => line.kind === kind && lengthOff(line, size, count) !== null)
  const shortest = [...lines].sort((a, b) => a.leftMm - b.leftMm)
  return shortest.find((line) => enough(line, size, count)) ?? shortest.at(-1) ?? null
}

/** The same where it has to give them all. */
export function rollThatGives(kind: string, size: Size, count: number, supplies: readonly Supply[]): Supply | null {
  const line = rollFor(kind, size, count, supplies)
  return line && enough(line, size, count) ? line : null
}
