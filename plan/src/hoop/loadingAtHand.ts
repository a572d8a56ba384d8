import type { Piece, Shop } from '@thimble/contract'
import type { Loading, LoadingTurn } from '@thimble/core/hooping'
import { boxOf } from '@thimble/core/plane'
import type { Marked } from '../measure/placed'
import { recipeInput } from '../stack/recipeInput'
import type { HoopingAtHand } from './hoopingAtHand'
import { loadPiece, squared } from './loadPiece'
import type { HoopPlan } from './planHoop'

type LoadingInput = { piece: Piece; shop: Shop; marked: Marked; plan: HoopPlan; at: HoopingAtHand }

/**
 * How the hooping at hand lies on the machine: the first of a hoop that is being chosen as it is advised; one that is
 * decided, or a later corner or group, as it lies in the hoop.
 */
export function loadingAtHand({ piece, shop, marked, plan, at }: LoadingInput): Loading | null {
  const { placed, design } = marked
  if (!placed) return null
  const decided = piece.hoop.kept.length > 0 && !piece.hoop.reopened
  if (!decided && at.group === 0) return plan.chosen?.loading ?? null
  const { left, right, top, bottom } = boxOf(at.hull)
  const turn = (Math.round((at.pose.rotation - squared(at.target).quarter) / 90) * 90 + 720) % 360
  const { machine } = plan
  const place = { field: at.hoop.field, target: at.target, size: { width: right - left, height: bottom - top } }
  const ask = { piece, marked: { ...marked, placed }, basis: recipeInput(piece, design, shop), shop, machine, ...place }
  return loadPiece(ask, { turn: turn as LoadingTurn, takenFor: 'worker' })
}
