import type { Piece } from '@thimble/contract'
import { dialledPose, fieldMiddle } from '@thimble/core/hooping'
import { applyPose, boxOf, composePose, inversePose, type Point, type Pose, rotatePoint } from '@thimble/core/plane'
import type { Named } from '@thimble/core/messages'
import type { Marked } from '../measure/placed'
import { type BenchMachine, stepsOf } from './benchMachine'
import type { HoopingAtHand } from './hoopingAtHand'
import { itemAsMade } from './itemAsMade'

/**
 * What is dialled at the machine, from the design lying upright in the middle of the field: degrees clockwise, and mm to the
 * right and toward the worker, all in the machine's own steps.
 */
export type Move = {
  turn: number
  right: number
  down: number
  /** Where the design then lies in the hoop. */
  pose: Pose
  /** The farthest any point of the design lies from where it should, by rounding to steps, in mm. */
  left: number
  /** Where the design's top edge will then lie: below this line of the item, in mm (above it, negative). */
  topEdge: { line: Named; below: number } | null
}

type DialMoveInput = {
  piece: Pick<Piece, 'item' | 'measure'>
  marked: Marked
  machine: BenchMachine
  at: HoopingAtHand
}

/** The move for a design that is to come out at `meant` in the hoop: what landings drift here is in it. */
export function dialMove({ piece, marked, machine, at }: DialMoveInput, meant: Pose = at.pose): Move {
  const { hull, target } = at
  const exact = withAdded(at, meant)
  // A machine turns a design about the middle of its box, and lays that in the middle of the field.
  const start = middleOf(hull, exact.rotation)
  const middle = fieldMiddle(at.hoop.field)
  const off = { x: exact.x + start.x - middle.x, y: exact.y + start.y - middle.y, rotation: exact.rotation }
  const steps = dialledPose(off, stepsOf(machine))
  const turned = middleOf(hull, steps.rotation)
  const dialled = { x: steps.x + middle.x - turned.x, y: steps.y + middle.y - turned.y, rotation: steps.rotation }
  return {
    turn: steps.rotation,
    right: steps.x,
    down: steps.y,
    pose: dialled,
    left: Math.max(...hull.map((p) => apart(applyPose(exact, p), applyPose(dialled, p)))),
    topEdge: topEdgeAt({ piece, marked, hull, onItem: composePose(composePose(target, inversePose(exact)), dialled) }),
  }
}

/** Where a design is put so that it comes out at `meant`: what pieces drift here is added. */
export const withAdded = ({ added }: Pick<HoopingAtHand, 'added'>, meant: Pose): Pose =>
  added ? { ...meant, x: meant.x + added.right, y: meant.y + added.down } : meant

const apart = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)

function middleOf(hull: readonly Point[], rotation: number): Point {
  const { left, right, top, bottom } = boxOf(hull)
  return rotatePoint({ x: (left + right) / 2, y: (top + bottom) / 2 }, rotation)
}

type Lying = Pick<DialMoveInput, 'piece' | 'marked'> & { hull: readonly Point[]; onItem: Pose }

function topEdgeAt({ piece, marked, hull, onItem }: Lying): Move['topEdge'] {
  const line = itemAsMade(piece, marked.measures)?.lines.find((l) => l.axis === 'level' && Math.abs(l.at) < 1e-6)
  if (!line) return null
  return { line: line.name, below: boxOf(hull.map((p) => applyPose(onItem, p))).top }
}
