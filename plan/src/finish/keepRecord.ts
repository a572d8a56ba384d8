import type { Basis, KeptRecord, KeptStack, KeptStitching, Piece, Take } from '@thimble/contract'
import { settledStack } from '../stack/stacks'
import { readNumber, readTyped } from '../measure/readTyped'
import { beforeStart, keepList, offMachine } from './lists'

type OnStack = { basis: Basis; stack: KeptStack | null }

/** The stack the record speaks of: as it was really used where that was said, else as it was built. */
export const usedStack = ({ finish }: Piece, { stack }: OnStack): KeptStack | null =>
  finish.stack ? settledStack(finish.stack) : stack

/** The list before the start as it stands when the piece is stitched; what is not ticked was skipped. */
export function keepStitching(piece: Piece, built: OnStack, colours: string[], at: string): KeptStitching {
  const open = { ...piece, stitch: { ...piece.stitch, reopened: true } }
  return { at, ...built, list: keepList(beforeStart(open, built)), colours }
}

/** Millimetres, `positive` the way that counts so; null when nothing that can be read was typed. */
function landed(
  { text, unit, way }: Piece['finish']['low'] | Piece['finish']['side'],
  positive: string,
): number | null {
  const { mm } = readTyped({ text, unit })
  return mm === null ? null : way === positive ? mm : 0 - mm
}

/** What a record rests on beside the piece: the hoop it was really in, and what it took of the stash. */
type Used = { hoop: KeptRecord['hoop']; took: readonly Take[] }

/** The record of this moment as it is decided. */
export function keepRecord(piece: Piece, built: OnStack, { hoop, took }: Used, at: string): KeptRecord {
  const { low, side, faults, verdict, minutes, note, nextTime } = piece.finish
  const used = { basis: built.basis, stack: usedStack(piece, built) }
  const open = { ...piece, finish: { ...piece.finish, reopened: true } }
  return {
    at,
    ...used,
    list: keepList(offMachine(open, used)),
    holding: piece.hoop.kept[0]?.holding ?? piece.hoop.holding ?? used.stack?.holding ?? null,
    hoop,
    landing: { dx: landed(side, 'right'), dy: landed(low, 'low') },
    faults: faultsOf(faults),
    verdict,
    minutes: readNumber(minutes, 6000).value,
    note,
    nextTime,
    took: [...took],
  }
}

type FaultsById = Piece['finish']['faults']

/** Faults that are noted, each with how bad it is. */
export function faultsOf(byId: FaultsById): KeptRecord['faults'] {
  return (Object.entries(byId) as [keyof FaultsById, FaultsById[keyof FaultsById]][]).flatMap(([id, fault]) =>
    fault ? [{ id, howBad: fault.howBad }] : [],
  )
}

/** What is typed in the record and cannot be read, by its field. */
export function recordProblems({ finish }: Piece): { low: string | null; side: string | null; minutes: string | null } {
  return {
    low: readTyped(finish.low).problem,
    side: readTyped(finish.side).problem,
    minutes: readNumber(finish.minutes, 6000).problem,
  }
}
