import type { HalfPlane } from '../../plane/halfPlane'

/** A stretch of the field along a row or column. */
export type Span = { from: number; to: number }

/** A sewing field less its margin, as the questions that fitting asks of it. */
export interface ConvexField {
  /** Distance to the edge in mm, positive inside, negative the distance to the nearest point. */
  signedDistance(x: number, y: number): number
  /** A cheap lower bound of the signed distance, where the true one costs more. */
  roomAtLeast?(x: number, y: number): number
  /** A half-plane that holds the whole field, touching it where it is nearest to the outside point (x, y). */
  support(x: number, y: number): HalfPlane
  /** Tangents all round a curved field, near enough to stand for it to 0.003 mm. */
  tangents?: readonly HalfPlane[]
  /** A few half-planes that hold the field. */
  bounds: readonly HalfPlane[]
  /** The field's extent along the row at height y, or the column at x; null off the field. */
  row(y: number): Span | null
  column(x: number): Span | null
}
