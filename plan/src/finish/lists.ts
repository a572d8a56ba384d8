import type { MeasureDecision, Piece } from '@thimble/contract'
import { type Advice, caution, note } from '@thimble/core/advice'
import type { OfPatch } from '@thimble/core/design'
import { markRemoval } from '@thimble/core/marking'
import { markedWith } from '../measure/markWith'
import { type Message, message } from '@thimble/core/messages'
import { patchNames } from '../measure/patches'
import type { Built } from '../stack/planBuild'
import { linesOf, listsOf } from '../stack/stackLines'
import { tickOf } from '../stages/ticks'

/** One line of a list, as it is worded today, whether it is ticked, and what it said where it was and no longer is. */
export type ListLine = { line: Advice; ticked: boolean; was?: Message | null; said?: Message; hooping?: number }
type OnStack = Built

/** The list before the start: as it stood once the piece was stitched, else as its stack asks now. */
export function beforeStart({ stitch }: Piece, built: OnStack): ListLine[] {
  const kept = stitch.reopened ? undefined : stitch.kept[0]
  if (kept) return keptLines(kept.list, kept)
  return listsOf(built).checks.map((line) => ({ line, ticked: stitch.checks[line.code] ?? false }))
}

/** The steps off the machine: as they stood once the piece was finished, else as its stack and its marks ask now. */
export function offMachine(piece: Piece, built: OnStack, patches: readonly OfPatch[] = []): ListLine[] {
  const { finish, measure } = piece
  const kept = finish.reopened ? undefined : finish.kept[0]
  if (kept) return keptLines(kept.list, kept)
  const out = marksOut(measure.kept[0]?.markWith ?? markedWith(piece, built.basis).id)
  const pins = piece.stitch.kept[0]?.pins
  const closing = opened(measure.kept[0])
  const lines = withFused(withPinsOut(withMarksOut(listsOf(built).finishing, out), pins ?? 0), patches)
  if (closing && !lines.some(({ line }) => saidThere.has(line.code)))
    lines.push({ line: note(closing, message(closing)), said: message(closing) })
  const ticks = { ticked: finish.steps, said: finish.stepsSaid }
  return lines.map((one) => ({ ...one, ...tickOf(ticks, one.line.code, one.said) }))
}

/** Count in, count out: the first thing once it is off the machine. */
function withPinsOut(lines: readonly Advice[], count: number): Pick<ListLine, 'line' | 'said'>[] {
  const rest = lines.map((line) => ({ line }))
  if (count === 0) return rest
  const said = message('finish.pins-out', { count: { plain: count } })
  const pins = { line: caution('finish.pins-out', said), said }
  return [...rest.slice(0, 1), pins, ...rest.slice(1)]
}

/** Lines of a stack’s own list that say the same. */
const saidThere = new Set(['finish.seam', 'finish.filling'])

/** What was opened to get at one layer is closed again, last of all. */
function opened(kept: MeasureDecision | undefined): 'finish.close-opening' | 'finish.close-seam' | null {
  if (kept?.steps.some(({ id }) => id === 'open')) return 'finish.close-opening'
  const unpicked = kept?.prepared?.some(({ id, ticked }) => id === 'prep.unpick' && ticked)
  return unpicked ? 'finish.close-seam' : null
}

/** Patches cut beforehand are fused at the end, once the marks are out: heat sets some inks. */
function withFused(lines: Pick<ListLine, 'line' | 'said'>[], patches: readonly OfPatch[]): typeof lines {
  const names = patchNames(patches).flatMap(({ name, cutBeforehand }) => (cutBeforehand ? [name] : []))
  if (names.length === 0) return lines
  const said = message('finish.fuse-patch', { patches: { own: names.join(', ') } })
  return [...lines, { line: caution('finish.fuse-patch', said), said }]
}

const MARKS = 'finish.marks.'

function marksOut(means: string): Advice | null {
  const said = markRemoval(means)
  return said ? note(MARKS + means, said) : null
}

/** Before any iron: heat sets some inks. */
function withMarksOut(lines: readonly Advice[], out: Advice | null): Advice[] {
  if (!out) return [...lines]
  const iron = lines.findIndex(({ code }) => code.endsWith('press') || code === 'finish.cover')
  const at = iron < 0 ? lines.length : iron
  return [...lines.slice(0, at), out, ...lines.slice(at)]
}

type KeptLine = { id: string; ticked: boolean; said?: Message | null; hooping?: number }

function keptLines(list: readonly KeptLine[], onStack: OnStack): ListLine[] {
  return list.flatMap(({ id, ticked, said, hooping = 0 }) => {
    if (said) return [{ line: note(id, said), ticked, hooping }]
    const lines = id.startsWith(MARKS) ? [marksOut(id.slice(MARKS.length))] : linesOf([id], onStack)
    return lines.flatMap((line) => (line ? [{ line, ticked, hooping }] : []))
  })
}

export const keepList = (lines: readonly ListLine[]) =>
  lines.map(({ line, ticked, said = null }) => ({ id: line.code, ticked, said }))
