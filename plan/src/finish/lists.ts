import type { Basis, KeptStack, Piece } from '@thimble/contract'
import { type Advice, note } from '@thimble/core/advice'
import { markRemoval } from '@thimble/core/marking'
import { markedWith } from '../measure/markWith'
import { linesOf, listsOf } from '../stack/stackLines'

/** One line of a list, as it is worded today, and whether it is ticked. */
export type ListLine = { line: Advice; ticked: boolean }
type OnStack = { basis: Basis; stack: KeptStack | null }

/** The list before the start: as it stood once the piece was stitched, else as its stack asks now. */
export function beforeStart({ stitch, hoop }: Piece, built: OnStack): ListLine[] {
  const kept = stitch.reopened ? undefined : stitch.kept[0]
  if (kept) return keptLines(kept.list, kept)
  // As it is really held: a stack for a ring goes between magnets just as well.
  const holding = hoop.kept[0]?.holding
  const held = built.stack && holding ? { ...built, stack: { ...built.stack, holding } } : built
  return listsOf(held).checks.map((line) => ({ line, ticked: stitch.checks[line.code] ?? false }))
}

/** The steps off the machine: as they stood once the piece was finished, else as its stack and its marks ask now. */
export function offMachine(piece: Piece, built: OnStack): ListLine[] {
  const { finish, measure } = piece
  const kept = finish.reopened ? undefined : finish.kept[0]
  if (kept) return keptLines(kept.list, kept)
  const out = marksOut(measure.kept[0]?.markWith ?? markedWith(piece, built.basis).id)
  const lines = withMarksOut(listsOf(built).finishing, out)
  return lines.map((line) => ({ line, ticked: finish.steps[line.code] ?? false }))
}

const MARKS = 'finish.marks.'

function marksOut(means: string): Advice | null {
  const text = markRemoval(means)
  return text ? note(MARKS + means, text) : null
}

/** Before any iron: heat sets some inks. */
function withMarksOut(lines: readonly Advice[], out: Advice | null): Advice[] {
  if (!out) return [...lines]
  const iron = lines.findIndex(({ code }) => code.endsWith('press') || code === 'finish.cover')
  const at = iron < 0 ? lines.length : iron
  return [...lines.slice(0, at), out, ...lines.slice(at)]
}

function keptLines(list: readonly { id: string; ticked: boolean }[], onStack: OnStack): ListLine[] {
  return list.flatMap(({ id, ticked }) => {
    const lines = id.startsWith(MARKS) ? [marksOut(id.slice(MARKS.length))] : linesOf([id], onStack)
    return lines.flatMap((line) => (line ? [{ line, ticked }] : []))
  })
}

export const keepList = (lines: readonly ListLine[]): { id: string; ticked: boolean }[] =>
  lines.map(({ line, ticked }) => ({ id: line.code, ticked }))
