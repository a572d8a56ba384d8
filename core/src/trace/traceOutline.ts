import { applyPose, type Point, type Pose } from '../plane/point'
import { boxCorners, boxOf } from '../plane/box'
import { convexHull } from '../plane/convexHull'
import { insidePolygon } from '../plane/polygonDistance'
import { shrunkenField } from '../hooping/fields/shrunkenField'
import type { HoopField } from '../hooping/hoopField'
import { requirePlaceable } from '../hooping/placeInHoop'

/** `way`: round the box of the design, or along its outline. `zones`: what is not to be sewn over, in the hoop frame. */
type TraceQuery = {
  hull: Point[]
  pose: Pose
  field: HoopField
  way: 'box' | 'contour'
  zones?: readonly { name: string; outline: Point[] }[]
}

/** How near the needle comes to something, in mm (negative past it), and where in the hoop. */
type Nearest = { mm: number; at: Point }
type Trace = { path: Point[]; field: Nearest; zones: (Nearest & { name: string })[]; lengthMm: number }

/** The needle is looked at this often on its way, in mm. */
const STEP = 0.5

/**
 * The way of the needle round a design before it is sewn, and how near it comes to the field's edge and to each zone.
 *
 * @throws CoreError as placeInHoop
 * @example an 84 x 62 mm design in the middle of 100 x 100: 8 mm from the field's edge, at the middle of its sides
 */
export function traceOutline({ hull, pose, field, way, zones = [] }: TraceQuery): Trace {
  requirePlaceable(hull, pose)
  const turned = convexHull(hull.map((p) => applyPose(pose, p)))
  const corners = way === 'box' ? boxCorners(boxOf(turned)) : turned
  const path = walk(corners)
  const room = shrunkenField(field, 0)
  return {
    path: corners,
    field: nearest(path, (p) => room.signedDistance(p.x, p.y)),
    zones: zones.map(({ name, outline }) => ({ name, ...nearest(path, (p) => distanceTo(p, outline)) })),
    lengthMm: corners.reduce((sum, p, i) => sum + apart(p, corners[(i + 1) % corners.length]!), 0),
  }
}

const apart = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)

function walk(corners: readonly Point[]): Point[] {
  return corners.flatMap((a, i) => {
    const b = corners[(i + 1) % corners.length]!
    const steps = Math.max(1, Math.ceil(apart(a, b) / STEP))
    return Array.from({ length: steps }, (_, k) => ({
      x: a.x + ((b.x - a.x) * k) / steps,
      y: a.y + ((b.y - a.y) * k) / steps,
    }))
  })
}

function nearest(path: readonly Point[], far: (p: Point) => number): Nearest {
  return path.reduce<Nearest>(
    (best, at) => {
      const mm = far(at)
      return mm < best.mm ? { mm, at } : best
    },
    { mm: Infinity, at: path[0]! },
  )
}

/** To an outline's edge; 0 within it. */
function distanceTo(p: Point, outline: readonly Point[]): number {
  if (insidePolygon(p, outline)) return 0
  return outline.reduce((least, a, i) => {
    const b = outline[(i + 1) % outline.length]!
    const [dx, dy] = [b.x - a.x, b.y - a.y]
    const size = dx * dx + dy * dy
    const t = size === 0 ? 0 : Math.min(1, Math.max(0, ((p.x - a.x) * dx + (p.y - a.y) * dy) / size))
    return Math.min(least, apart(p, { x: a.x + t * dx, y: a.y + t * dy }))
  }, Infinity)
}
