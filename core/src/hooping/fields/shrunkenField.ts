import { message } from '../../messages/message'
import { CoreError } from '../../errors'
import type { HoopField } from '../hoopField'
import type { ConvexField } from './convexField'
import { ovalField } from './ovalField'
import { polygonField } from './polygonField'
import { rectField } from './rectField'

const noField = (): never => {
  throw new CoreError('no-field', message('problem.the-margin-leaves-no-sewing'), 'margin')
}

/** No hoop is smaller or larger; beyond these a curve is more corners than anyone can wait for. */
const [LEAST_MM, MOST_MM] = [1, 10_000]

/**
 * The field shrunk inward by `margin` (a true offset: rounded corners and ovals stay parallel curves).
 * @throws CoreError('bad-field') for sides that are not 1 mm to 10 m, 'bad-margin' for a negative margin,
 *   'no-field' when nothing is left
 */
export function shrunkenField(field: HoopField, margin: number): ConvexField {
  const key = `${JSON.stringify(field)} ${margin}`
  const made = known.get(key) ?? shrunk(field, margin)
  if (known.size >= MOST_KNOWN) known.clear()
  known.set(key, made)
  return made
}

/** A shelf's fields are asked for over and over, and an oval's tangents take a while. */
const known = new Map<string, ConvexField>()
const MOST_KNOWN = 200

function shrunk(field: HoopField, margin: number): ConvexField {
  if (!(margin >= 0) || !Number.isFinite(margin)) {
    throw new CoreError('bad-margin', message('problem.the-margin-has-to-be'), 'margin')
  }
  if (field.shape === 'polygon') return polygonField(field.points, margin) ?? noField()
  const { width, height } = field
  if (!(Math.min(width, height) >= LEAST_MM && Math.max(width, height) <= MOST_MM)) {
    throw new CoreError('bad-field', message('problem.a-sewing-field-is-1'), 'field')
  }
  if (field.shape === 'oval') return ovalField(width / 2, height / 2, margin) ?? noField()
  if (!(field.cornerRadius >= 0)) {
    throw new CoreError('bad-field', message('problem.a-corner-radius-has-to'), 'field.cornerRadius')
  }
  return rectField(width / 2, height / 2, field.cornerRadius, margin) ?? noField()
}
