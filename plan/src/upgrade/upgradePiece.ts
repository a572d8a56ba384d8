import { type HoopDecision, Piece } from '@thimble/contract'
import { recipeInput } from '../stack/recipeInput'
import { planBuild } from '../stack/planBuild'
import { chosenFrom } from '../stack/stacks'
import { keepRecord, keepStitching } from '../finish/keepRecord'
import { keepHooping } from '../hoop/keepHooping'
import { planHoop } from '../hoop/planHoop'
import { keepMeasure } from '../measure/keepMeasure'
import { markedOf } from '../measure/placed'
import { type MeasurePlan, planMeasure } from '../measure/planMeasure'
import type { Shelf } from '../shelf'
import { oldChest } from './oldChest'
import { OldPiece } from './oldPiece'
import { upgradeStack } from './oldStack'
import { rehome } from './rehome'

/**
 * A piece of before stages as a piece with them. What was put in comes over as it was typed; every stage that was
 * marked done gets what was decided, worked out now for the last time: until then it was worked out at every look.
 */
// eslint-disable-next-line complexity -- one line for each stage that may have been done
export function upgradePiece(json: unknown, shelf: Shelf): Piece {
  const old = OldPiece.parse(json)
  const piece = Piece.parse(rehome(old))
  const measure = planMeasure(piece, shelf)
  const marks = old.measuredAt ? keepMeasure(asMarked(piece, measure, shelf), old.measuredAt) : null
  if (marks) piece.measure.kept = [marks]
  const marked = markedOf(piece.measure.kept, measure, shelf.designs)
  const build = planBuild(piece, marked.design, shelf)
  const { options } = build.advice
  const stack = old.stack && upgradeStack(old.stack, options)
  const used = old.record.stack ? upgradeStack(old.record.stack, options) : stack
  piece.build.stack = stack && chosenFrom(stack)
  if (used && JSON.stringify(used) !== JSON.stringify(stack)) piece.finish.stack = chosenFrom(used)
  const basis = recipeInput(piece, marked.design, shelf.shop)
  if (old.builtAt) piece.build.kept = [{ at: old.builtAt, basis, stack }]
  if (old.hoopedAt) piece.hoop.kept = [hoopingOf(piece, old.hoopedAt, marked, stack, shelf)]
  const built = { basis, stack }
  if (old.stitchedAt)
    piece.stitch.kept = [keepStitching(piece, built, { colours: marked.design.colours }, old.stitchedAt)]
  if (old.finishedAt) {
    const name = old.record.hoopName
    const hoop = name || old.hoopId ? { id: old.hoopId, name } : null
    const record = keepRecord(piece, built, { hoop, patches: [], took: [] }, old.finishedAt)
    piece.finish.kept = [{ ...record, holding: used?.holding ?? piece.hoop.holding }]
  }
  return Piece.parse(piece)
}

/** The plan as it stood when the piece was marked: its chest by the usual of that day. */
function asMarked(piece: Piece, today: MeasurePlan, shelf: Shelf): MeasurePlan {
  const distances = oldChest(piece, today, shelf.shop.habits)
  return distances ? planMeasure({ ...piece, measure: { ...piece.measure, distances } }, shelf) : today
}

type Marks = ReturnType<typeof markedOf>

/** A hoop that is no longer in the stash was still used: how it was held is known, where the design lay is not. */
function hoopingOf(
  piece: Piece,
  at: string,
  marked: Marks,
  stack: Parameters<typeof planHoop>[0]['stack'],
  { shop, hoops, machines }: Shelf,
): HoopDecision {
  // It was loaded as it lay: no version before turned it.
  const upright = { ...piece, hoop: { ...piece.hoop, turn: 0 as const } }
  const plan = planHoop({ piece: upright, marked, stack, shop, hoops, machines })
  const kept = keepHooping(plan, marked, at)
  const unknown = {
    hoop: null,
    pose: null,
    target: null,
    groups: null,
    parts: null,
    poses: null,
    machine: null,
    turn: null,
    added: null,
  }
  return kept ?? { at, ...unknown, because: [], holding: plan.method }
}
