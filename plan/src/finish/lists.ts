import type { Basis, KeptStack, Piece } from '@thimble/contract'
import type { Advice } from '@thimble/core/advice'
import { linesOf, listsOf } from '../stack/stackLines'

/** One line of a list, as it is worded today, and whether it is ticked. */
export type ListLine = { line: Advice; ticked: boolean }
type OnStack = { basis: Basis; stack: KeptStack | null }

/** The list before the start: as it stood once the piece was stitched, else as its stack asks now. */
export function beforeStart({ stitch }: Piece, built: OnStack): ListLine[] {
  const kept = stitch.reopened ? undefined : stitch.kept[0]
  if (kept) return keptLines(kept.list, kept)
  return listsOf(built).checks.map((line) => ({ line, ticked: stitch.checks[line.code] ?? false }))
}

/** The steps off the machine: as they stood once the piece was finished, else as its stack asks now. */
export function offMachine({ finish }: Piece, built: OnStack): ListLine[] {
  const kept = finish.reopened ? undefined : finish.kept[0]
  if (kept) return keptLines(kept.list, kept)
  return listsOf(built).finishing.map((line) => ({ line, ticked: finish.steps[line.code] ?? false }))
}

function keptLines(list: readonly { id: string; ticked: boolean }[], onStack: OnStack): ListLine[] {
  return list.flatMap(({ id, ticked }) => linesOf([id], onStack).map((line) => ({ line, ticked })))
}

export const keepList = (lines: readonly ListLine[]): { id: string; ticked: boolean }[] =>
  lines.map(({ line, ticked }) => ({ id: line.code, ticked }))
