import type { Basis, MeasureDecision, RecordDecision, Patch, Piece, StageId, Take } from '@thimble/contract'
import { chosenFrom } from '../stack/stacks'
import { keepBuild } from '../stack/planBuild'
import { keepRecord, keepStitching } from '../finish/keepRecord'
import type { ListLine } from '../finish/lists'
import type { Measured } from '../finish/minutes'
import { keepHooping } from '../hoop/keepHooping'
import { movesOf } from '../hoop/moveNow'
import { keepMeasure } from '../measure/keepMeasure'
import { markedWith } from '../measure/markWith'
import type { MeasurePlan } from '../measure/planMeasure'
import { isSettled } from '../measure/settled'
import { preparing } from '../measure/preparing'
import type { PiecePlans } from './planPiece'

const decided = <Kept>(kept: Kept | null) =>
  kept === null ? null : { kept: [kept], reopened: false, declined: [] as never[] }

/**
 * Marks a stage done: what it comes to at this moment is what was decided. Resolves to the change of the piece; null
 * where there is nothing to decide yet (no place for the design, no hoop picked).
 *
 * @param beside what it took of the stash, for the record; the lists before the start, for the stitching
 */
export function decideStage(
  piece: Piece,
  stage: StageId,
  plans: PiecePlans,
  at: string,
  beside: DecisionContext = {},
): Patch<Piece> | null {
  const change =
    stage === 'finish' ? recorded(piece, plans, at, beside) : changeOf(piece, stage, plans, at, beside.start)
  return change ? ({ [stage]: change } as Patch<Piece>) : null
}

type DecisionContext = {
  took?: readonly Take[]
  start?: readonly ListLine[] | undefined
  measured?: Measured
  forecast?: RecordDecision['forecast']
  /** The hoop it was really in, where that was another than was decided. */
  hoop?: RecordDecision['hoop']
}

const named = ({ id, name }: PiecePlans['hoop']['machine']): RecordDecision['machine'] => (id ? { id, name } : null)

/** A record that is amended stays as it was among the earlier ones. */
function recorded(piece: Piece, { marked, built, hoop }: PiecePlans, at: string, beside: DecisionContext) {
  const [before] = piece.finish.kept
  const [hooped] = piece.hoop.kept
  const name = hooped?.hoop ?? before?.hoop ?? hoop.hoop
  const used = {
    hoop: beside.hoop ?? (name && { id: name.id, name: name.name }),
    machine: hooped?.machine ?? before?.machine ?? named(hoop.machine),
    dialled:
      before?.dialled ?? movesOf({ piece, marked, hoop }).map(({ turn, right, down }) => ({ turn, right, down })),
    patches: marked.design.patches,
    ...{ took: beside.took ?? [], measured: beside.measured, forecast: beside.forecast },
  }
  return { ...decided(keepRecord(piece, built, used, at)), ...(before ? { earlier: { [before.at]: [before] } } : {}) }
}

function changeOf(
  piece: Piece,
  stage: Exclude<StageId, 'finish'>,
  { measure, marked, build, built, hoop }: PiecePlans,
  at: string,
  start?: readonly ListLine[],
) {
  if (stage === 'measure')
    return isSettled(measure) && decided(keepMeasure(measure, at, madeReady(piece, measure, build.basis)))
  if (stage === 'build') {
    const kept = keepBuild(piece.build, build, at)
    return { ...decided(kept), stack: kept.stack && freshLayers(piece, chosenFrom(kept.stack)) }
  }
  if (stage === 'hoop') {
    const kept = keepHooping(hoop, marked, at)
    return (
      kept && {
        ...decided(kept),
        holding: kept.holding,
        hoopId: kept.hoop?.id ?? null,
        machineId: kept.machine?.id ?? null,
      }
    )
  }
  return decided(keepStitching(piece, built, { colours: marked.design.colours, start }, at))
}

/** What was done before the tape went on, and what the marks were made with. */
function madeReady(
  piece: Piece,
  { placement }: MeasurePlan,
  basis: Basis,
): Pick<MeasureDecision, 'prepared' | 'markWith'> {
  const open = { ...piece, measure: { ...piece.measure, reopened: true } }
  const prepared = preparing(open, basis, placement).map(({ id, ticked }) => ({ id, ticked, said: null }))
  return { prepared, markWith: markedWith(piece, basis).id }
}

type Chosen = ReturnType<typeof chosenFrom>

/** A chosen stack as a patch: layers of an older one that it does not have are taken away. */
export function freshLayers(piece: Piece, next: Chosen): Patch<Chosen> {
  const gone = Object.keys(piece.build.stack?.layers ?? {}).filter((id) => !next.layers[id])
  return { ...next, layers: { ...Object.fromEntries(gone.map((id) => [id, null])), ...next.layers } }
}
