import { CoreError } from '../../errors'
import type { HalfPlane } from '../../plane/halfPlane'
import type { HoopField } from '../hoopField'
import { ovalField } from './ovalField'
import { polygonField } from './polygonField'
import { rectField } from './rectField'

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

const noField = (): never => {
  throw new CoreError('no-field', 'The margin leaves nothing of the sewing field.', 'margin')
}

/**
 * The field shrunk inward by `margin` (a true offset: rounded corners and ovals stay parallel curves).
 * @throws CoreError('bad-field') for sizes that are not positive, 'bad-margin' for a negative margin,
 *   'no-field' when nothing is left
 */
export function shrunkenField(field: HoopField, margin: number): ConvexField {
  if (!(margin >= 0) || !Number.isFinite(margin)) {
    throw new CoreError('bad-margin', 'The margin has to be zero or more millimetres.', 'margin')
  }
  if (field.shape === 'polygon') return polygonField(field.points, margin) ?? noField()
  const { width, height } = field
  if (!(width > 0 && height > 0 && Number.isFinite(width + height))) {
    throw new CoreError('bad-field', 'A sewing field needs a width and a height above zero.', 'field')
  }
  if (field.shape === 'oval') return ovalField(width / 2, height / 2, margin) ?? noField()
  if (!(field.cornerRadius >= 0)) {
    throw new CoreError('bad-field', 'A corner radius has to be zero or more.', 'field.cornerRadius')
  }
  return rectField(width / 2, height / 2, field.cornerRadius, margin) ?? noField()
}
