import type { RecordDecision, DecidedStack, StitchDecision, Piece, Take } from '@thimble/contract'
import type { OfPatch } from '@thimble/core/design'
import type { Built } from '../stack/planBuild'
import { settledStack } from '../stack/stacks'
import { readCount } from '../measure/readTyped'
import { hoopingsOfRecord, landingOf, landingProblems, landingTyped } from './landing'
import { type Measured, minuteProblems, minutesOf } from './minutes'
import { beforeStart, keepList, type ListLine, offMachine } from './lists'
import { calledToday } from './logRow'

type OnStack = Built

/** The stack the record speaks of: as it was really used where that was said, else as it was built. */
export const usedStack = ({ finish }: Piece, { stack }: OnStack): DecidedStack | null =>
  finish.stack ? settledStack(finish.stack) : stack

/** The list before the start as it stands when the piece is stitched; what is not ticked was skipped. */
export function keepStitching(
  piece: Piece,
  built: OnStack,
  { colours, start }: { colours: string[]; start?: readonly ListLine[] | undefined },
  at: string,
): StitchDecision {
  const open = { ...piece, stitch: { ...piece.stitch, reopened: true } }
  const lines = start ?? beforeStart(open, built)
  const list = keepList(lines).map((line, i) => ({ ...line, hooping: lines[i]!.hooping ?? 0 }))
  return { at, basis: built.basis, stack: built.stack, list, colours, pins: readCount(piece.stitch.pins).value }
}

/** What a record rests on beside the piece: the hoop it was really in, what it took of the stash, minutes as measured. */
type Used = {
  hoop: RecordDecision['hoop']
  machine?: RecordDecision['machine']
  dialled?: RecordDecision['dialled']
  /** What its blocks did for patches of applied cloth. */
  patches: readonly OfPatch[]
  took: readonly Take[]
  measured?: Measured | undefined
  forecast?: RecordDecision['forecast'] | undefined
}

/** The record of this moment as it is decided. */
export function keepRecord(piece: Piece, built: OnStack, used: Used, at: string): RecordDecision {
  const { faults, verdict, note, nextTime, trying, used: said, photos } = piece.finish
  const onStack = { basis: built.basis, stack: usedStack(piece, built) }
  const open = { ...piece, finish: { ...piece.finish, reopened: true } }
  const finishing = offMachine(open, { ...built, ...onStack }, used.patches)
  return {
    at,
    ...onStack,
    ...asItWasThen(piece, used),
    list: keepList(finishing),
    ...held(piece, onStack.stack),
    hoop: used.hoop,
    machine: used.machine ?? null,
    dialled: used.dialled ?? [],
    tension: said.tension,
    tries: readCount(said.tries).value ?? triesMade(piece),
    landing: landingOf(piece, 0),
    later: Array.from({ length: hoopingsOfRecord(piece) - 1 }, (_, i) => ({
      hooping: i + 1,
      ...landingOf(piece, i + 1),
    })),
    faults: faultsOf(faults),
    verdict,
    ...{ note, nextTime, trying },
    photos: photosInOrder(photos),
    took: [...used.took],
  }
}

/** What does not change by amending: names and forecast; and minutes, which were measured then. */
function asItWasThen(
  piece: Piece,
  { forecast = null, measured }: Used,
): Pick<RecordDecision, 'called' | 'forecast' | 'minutes' | 'minutesBy'> {
  const [before] = piece.finish.kept
  const { by, whole } = minutesOf(piece, measured ?? before?.minutesBy ?? {})
  return {
    called: before?.called ?? calledToday(piece),
    forecast: before ? before.forecast : forecast,
    ...{ minutes: whole, minutesBy: by },
  }
}

/** How it was really held and loaded, else as it was decided. */
function held({ finish: { used }, hoop }: Piece, stack: DecidedStack | null): Pick<RecordDecision, 'holding' | 'turn'> {
  const [decided] = hoop.kept
  return {
    holding: used.holding ?? decided?.holding ?? hoop.holding ?? stack?.holding ?? null,
    turn: used.turn ?? decided?.turn ?? null,
  }
}

/** Photos in the order in which they were taken. */
export const photosInOrder = (photos: Piece['finish']['photos']): string[] =>
  Object.entries(photos)
    .sort(([, a], [, b]) => a.order - b.order)
    .map(([id]) => id)

/** How often it was hooped, as far as it was looked at; null where it never was. */
export function triesMade({ hoop }: Pick<Piece, 'hoop'>): number | null {
  const made = Object.keys(hoop.tries).length
  return made > 0 ? made : null
}

type FaultsById = Piece['finish']['faults']

/** Faults that are noted, each with how bad it is. */
export function faultsOf(byId: FaultsById): RecordDecision['faults'] {
  return (Object.entries(byId) as [keyof FaultsById, FaultsById[keyof FaultsById]][]).flatMap(([id, fault]) =>
    fault ? [{ id, ...fault }] : [],
  )
}

/** Whether something is typed in the record that cannot be read. */
export function hasRecordProblems(piece: Piece): boolean {
  const hoopings = Array.from({ length: hoopingsOfRecord(piece) }, (_, i) => landingProblems(landingTyped(piece, i)))
  return [...hoopings, minuteProblems(piece)].some((one) => Object.values(one).some(Boolean))
}
