import type { HoopTry, Piece } from '@thimble/contract'
import type { Marked } from '../measure/placed'
import { triesOf } from './checkStraight'
import { dialMove, type Move } from './dialMove'
import { type HoopingAtHand, hoopingAtHand } from './hoopingAtHand'
import type { HoopPlan } from './planHoop'

type MoveInput = { piece: Piece; marked: Marked; hoop: HoopPlan }

/** How the hooping at hand was found to lie when it was kept; null: it was not looked at. */
export const keptTry = (piece: Pick<Piece, 'hoop'>, group: number): HoopTry | null =>
  triesOf(piece).findLast((one) => one.group === group && one.then === 'kept') ?? null

/** What is dialled in for a hooping: for how it was found to lie, else as it is planned. */
export const moveAt = ({ piece, marked, hoop: { machine } }: MoveInput, at: HoopingAtHand): Move =>
  dialMove({ piece, marked, machine, at }, keptTry(piece, at.group)?.exact)

/** The same of every hooping of a piece, in their order; none while no hoop is known. */
export function movesOf({ piece, marked, hoop }: MoveInput): Move[] {
  const at = (group: number) => hoopingAtHand({ hoop: { ...piece.hoop, group } }, hoop, marked)
  const count = at(0)?.groups ?? 0
  return Array.from({ length: count }, (_, group) => moveAt({ piece, marked, hoop }, at(group)!))
}
