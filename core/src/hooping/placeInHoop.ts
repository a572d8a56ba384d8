import { message } from '../messages/message'
import { CoreError } from '../errors'
import { convexHull } from '../plane/convexHull'
import { type Point, type Pose, requireFinite } from '../plane/point'
import type { ConvexField, Span } from './fields/convexField'
import { shrunkenField } from './fields/shrunkenField'
import type { HoopField } from './hoopField'
import { reachOf, worstAt } from './reach'
import { skewAtCentre, skewNudged } from './skewTolerance'
import { type TurnedHull, turnHull } from './turnedHull'

export type Slack = { left: number; right: number; up: number; down: number }
export type HoopFit = {
  fits: boolean
  clearance: number
  slack: Slack
  reach: Point[]
  skewTolerance: number
  skewToleranceNudged: number
}
export type HoopPlacement = { hull: Point[]; field: HoopField; pose: Pose; margin?: number }

const TOUCH = 1e-6
const NO_SLACK: Slack = { left: 0, right: 0, up: 0, down: 0 }

/**
 * Whether a design fits a hoop's sewing field at a pose, and how much room it has.
 *
 * `hull`: any points of the design (design frame, mm); only their convex hull counts. `pose`: the design in the
 * hoop frame. `margin` (default 0) shrinks the field by a true inward offset. `clearance` is the least signed
 * distance to the shrunken edge; touching fits (to 1e-6 mm). `slack` is how far it can move each way and still fit.
 * `reach` holds every centre that fits at this turn (within 0.01 mm). `skewTolerance` is how many degrees it may
 * be turned either way at this centre, `skewToleranceNudged` when it may also be moved; both up to 45.
 * Rule: core.md section 5.
 *
 * @throws CoreError 'degenerate' without points, 'bad-point', 'bad-field', 'bad-margin', 'no-field'
 * @example an 84 x 62 mm design centred in a 100 x 100 field: fits, clearance 8, slack 8 8 19 19
 */
export function placeInHoop({ hull, field, pose, margin = 0 }: HoopPlacement): HoopFit {
  requirePlaceable(hull, pose)
  const outline = convexHull(hull)
  const shape = shrunkenField(field, margin)
  const turned = turnHull(outline, pose.rotation)
  const { clearance } = worstAt(shape, turned, pose.x, pose.y)
  const fits = clearance >= -TOUCH
  return {
    fits,
    clearance,
    slack: fits ? slackAt(shape, turned, pose) : NO_SLACK,
    reach: reachOf(shape, turned),
    skewTolerance: fits ? skewAtCentre(shape, turned, pose.x, pose.y) : 0,
    skewToleranceNudged: skewNudged(shape, outline, pose.rotation),
  }
}

/**
 * Whether a design fits at a pose and how far it can move each way, which is told much sooner than all of placeInHoop; and
 * how far it may be turned about its origin there, where that is asked.
 *
 * @throws as placeInHoop
 */
export function roomInHoop({ hull, field, pose, margin = 0 }: HoopPlacement): Pick<HoopFit, 'fits' | 'slack'> & {
  skew: () => number
} {
  requirePlaceable(hull, pose)
  const shape = shrunkenField(field, margin)
  const turned = turnHull(convexHull(hull), pose.rotation)
  const fits = worstAt(shape, turned, pose.x, pose.y).clearance >= -TOUCH
  return {
    fits,
    slack: fits ? slackAt(shape, turned, pose) : NO_SLACK,
    skew: () => (fits ? skewAtCentre(shape, turned, pose.x, pose.y) : 0),
  }
}

/** @throws CoreError 'degenerate' without points, 'bad-point' for what is not a number */
export function requirePlaceable(hull: readonly Point[], pose: Pose): void {
  if (hull.length === 0) throw new CoreError('degenerate', message('problem.the-design-has-no-outline'), 'hull')
  if (!Number.isFinite(pose.x + pose.y + pose.rotation))
    throw new CoreError('bad-point', message('problem.the-position-has-a-value'), 'pose')
  requireFinite(hull, 'hull')
}

function slackAt(field: ConvexField, hull: TurnedHull, pose: Pose): Slack {
  const slack = { left: Infinity, right: Infinity, up: Infinity, down: Infinity }
  const within = (span: Span | null, at: number): [number, number] =>
    span ? [Math.max(0, at - span.from), Math.max(0, span.to - at)] : [0, 0]
  for (let i = 0; i < hull.count; i++) {
    const [x, y] = [hull.xs[i]! + pose.x, hull.ys[i]! + pose.y]
    const [left, right] = within(field.row(y), x)
    const [up, down] = within(field.column(x), y)
    slack.left = Math.min(slack.left, left)
    slack.right = Math.min(slack.right, right)
    slack.up = Math.min(slack.up, up)
    slack.down = Math.min(slack.down, down)
  }
  return slack
}
