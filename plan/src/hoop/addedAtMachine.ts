import type { Added, DriftOwner, OwnCorrection } from '@thimble/contract'
import { rotatePoint } from '@thimble/core/plane'

/** What a piece is hooped in, on and as: whose landings may have a say in its move. */
type Owners = Readonly<Record<DriftOwner, string | null>>

/** The most particular first: the same landings may drift by several of these, and are corrected once. */
const order: readonly DriftOwner[] = ['hoop', 'machine', 'holding', 'item']

/**
 * What is added to every move, in the hoop's frame: by the one correction the worker has taken that comes nearest; null
 * where there is none.
 *
 * @param toHoop degrees from the item's frame to the hoop's
 */
export function addedAtMachine(corrections: readonly OwnCorrection[], owners: Owners, toHoop: number): Added | null {
  const on = corrections.filter((one) => one.on && owners[one.by] === one.of)
  const taken = order.flatMap((by) => on.filter((one) => one.by === by))[0]
  if (!taken) return null
  const { by, name, learned, right, down, frame } = taken
  const far = frame === 'hoop' ? { x: right, y: down } : rotatePoint({ x: right, y: down }, toHoop)
  return { right: tenth(far.x), down: tenth(far.y), by, name, learned }
}

const tenth = (mm: number): number => Math.round(mm * 10) / 10 + 0
