import type { Basis, KeptMeasure, Patch, Piece, StageId, Take } from '@thimble/contract'
import { chosenFrom } from '../stack/stacks'
import { keepBuild } from '../stack/planBuild'
import { keepRecord, keepStitching } from '../finish/keepRecord'
import { keepHooping } from '../hoop/planHoop'
import { keepMeasure } from '../measure/keepMeasure'
import { markedWith } from '../measure/markWith'
import type { MeasurePlan } from '../measure/planMeasure'
import { preparing } from '../measure/preparing'
import type { PiecePlans } from './planPiece'

const decided = <Kept>(kept: Kept | null) =>
  kept === null ? null : { kept: [kept], reopened: false, declined: [] as never[] }

/**
 * Marks a stage done: what it comes to at this moment is what was decided. Resolves to the change of the piece; null
 * where there is nothing to decide yet (no place for the design, no hoop picked).
 *
 * @param took of the stash, for the record
 */
export function keepStage(
  piece: Piece,
  stage: StageId,
  plans: PiecePlans,
  at: string,
  took: readonly Take[] = [],
): Patch<Piece> | null {
  const change = stage === 'finish' ? recorded(piece, plans, at, took) : changeOf(piece, stage, plans, at)
  return change && ({ [stage]: change } as Patch<Piece>)
}

function recorded(piece: Piece, { built, hoop }: PiecePlans, at: string, took: readonly Take[]) {
  const name = piece.hoop.kept[0]?.hoop ?? hoop.hoop
  return decided(keepRecord(piece, built, { hoop: name && { id: name.id, name: name.name }, took }, at))
}

function changeOf(
  piece: Piece,
  stage: Exclude<StageId, 'finish'>,
  { measure, marked, build, built, hoop }: PiecePlans,
  at: string,
) {
  if (stage === 'measure') return decided(keepMeasure(measure, at, madeReady(piece, measure, build.basis)))
  if (stage === 'build') {
    const kept = keepBuild(piece.build, build, at)
    return { ...decided(kept), stack: kept.stack && freshLayers(piece, chosenFrom(kept.stack)) }
  }
  if (stage === 'hoop') {
    const kept = keepHooping(hoop, marked, at)
    return kept && { ...decided(kept), holding: kept.holding, hoopId: kept.hoop?.id ?? null }
  }
  return decided(keepStitching(piece, built, marked.design.colours, at))
}

/** What was done before the tape went on, and what the marks were made with. */
function madeReady(piece: Piece, { placement }: MeasurePlan, basis: Basis): Pick<KeptMeasure, 'prepared' | 'markWith'> {
  const open = { ...piece, measure: { ...piece.measure, reopened: true } }
  const prepared = preparing(open, basis, placement).map(({ id, ticked }) => ({ id, ticked }))
  return { prepared, markWith: markedWith(piece, basis).id }
}

type Chosen = ReturnType<typeof chosenFrom>

/** A chosen stack as a patch: layers of an older one that it does not have are taken away. */
export function freshLayers(piece: Piece, next: Chosen): Patch<Chosen> {
  const gone = Object.keys(piece.build.stack?.layers ?? {}).filter((id) => !next.layers[id])
  return { ...next, layers: { ...Object.fromEntries(gone.map((id) => [id, null])), ...next.layers } }
}
