import { convexHull } from '../../plane/convexHull'
import type { Point, Pose } from '../../plane/point'
import { rotatePoint } from '../../plane/point'
import type { ConvexField } from '../fields/convexField'
import { shrunkenField } from '../fields/shrunkenField'
import { fieldArea } from '../fields/fieldSize'
import type { HoopChoiceSource } from '../hoopChoice'
import { worstAt } from '../reach'
import { turnHull } from '../turnedHull'
import { leastScale } from './leastScale'
import { leastTurn } from './leastTurn'
import { nearestFit } from './nearestFit'

/** A way to bring a design in that does not fit where it was hooped, with words for hands. */
export type Remedy = { text: string } & (
  | { kind: 'move-cloth'; dx: number; dy: number }
  | { kind: 'turn-cloth'; degrees: number }
  | { kind: 'other-hoop'; hoop: string }
  | { kind: 'scale'; factor: number }
  | { kind: 'move-part'; part: string; dx: number; dy: number }
)

/** A part of a grouped design, in the design frame. */
export type DesignPart = { id: string; name: string; hull: Point[] }

type RemedyQuery = {
  field: ConvexField
  hull: readonly Point[]
  exact: Pose
  margin: number
  shelf: readonly HoopChoiceSource[]
  parts: readonly DesignPart[]
  write: (mm: number) => string
}

/** A scale of this and up is hardly seen. */
const HARDLY = 0.95
const TOUCH = 1e-6

/**
 * What can be done, least trouble first: a scale of 0.95 and up, a part moved, the least move of the cloth, the least
 * turn, another hoop of the shelf, a smaller scale (core.md section 4). Each is the least of its kind.
 */
export function remediesFor(q: RemedyQuery): Remedy[] {
  const factor = leastScale(q.field, q.hull, q.exact)
  const scale = factor === null ? [] : [scaled(factor)]
  return [
    ...(factor !== null && factor >= HARDLY ? scale : []),
    ...partMoved(q),
    ...clothMoved(q),
    ...clothTurned(q),
    ...otherHoop(q),
    ...(factor !== null && factor < HARDLY ? scale : []),
  ]
}

function scaled(factor: number): Remedy {
  const percent = Math.floor(factor * 1000 + 1e-6) / 10
  const denser = factor < HARDLY ? ' The stitches get closer: watch the density.' : ''
  return {
    kind: 'scale',
    factor,
    text: `Make the design ${percent} % of its size, and it fits where it is.${denser}`,
  }
}

/** The one part that hangs over, moved in by the least that it takes; only where the rest fits as it is. */
function partMoved({ field, exact, parts, write }: RemedyQuery): Remedy[] {
  const out = parts.filter(
    ({ hull }) => worstAt(field, turnHull(hull, exact.rotation), exact.x, exact.y).clearance < -TOUCH,
  )
  if (parts.length < 2 || out.length !== 1) return []
  const [part] = out
  const there = nearestFit(field, turnHull(convexHull([...part!.hull]), exact.rotation), exact)
  if (!there) return []
  const { x: dx, y: dy } = rotatePoint({ x: there.x - exact.x, y: there.y - exact.y }, -exact.rotation)
  const text = `Move ${part!.name} ${inTheDesign(dx, dy, write)} in the design. The rest stays.`
  return [{ kind: 'move-part', part: part!.id, dx, dy, text }]
}

function clothMoved({ field, hull, exact, write }: RemedyQuery): Remedy[] {
  const there = nearestFit(field, turnHull(hull, exact.rotation), exact)
  if (!there) return []
  const [dx, dy] = [there.x - exact.x, there.y - exact.y]
  return [
    { kind: 'move-cloth', dx, dy, text: `Loosen, move the cloth ${acrossTheHoop(dx, dy, write)}, and close it again.` },
  ]
}

function clothTurned({ field, hull, exact }: RemedyQuery): Remedy[] {
  const degrees = leastTurn(field, hull, exact)
  if (degrees === null) return []
  const far = Math.ceil(Math.abs(degrees) * 10 - 1e-6) / 10
  const way = degrees > 0 ? 'clockwise' : 'anticlockwise'
  return [
    {
      kind: 'turn-cloth',
      degrees,
      text: `Loosen, turn the cloth ${far}° ${way} about the design’s middle, and close it again.`,
    },
  ]
}

function otherHoop({ hull, exact, margin, shelf }: RemedyQuery): Remedy[] {
  const turned = turnHull(hull, exact.rotation)
  const takes = shelf.filter(
    ({ field }) => worstAt(shrunkenField(field, margin), turned, exact.x, exact.y).clearance >= -TOUCH,
  )
  if (takes.length === 0) return []
  const least = takes.reduce((a, b) => (fieldArea(b.field) < fieldArea(a.field) ? b : a))
  return [{ kind: 'other-hoop', hoop: least.id, text: `Hoop it the same way in ${least.name}: it fits there.` }]
}

/** Rounded up, so that what is said is enough. */
const up = (mm: number): number => Math.ceil(Math.abs(mm) - 1e-6)

function ways(
  dx: number,
  dy: number,
  names: readonly [string, string, string, string],
  write: (mm: number) => string,
): string {
  const across = up(dx) > 0 ? [`${write(up(dx))} ${dx > 0 ? names[0] : names[1]}`] : []
  const along = up(dy) > 0 ? [`${write(up(dy))} ${dy > 0 ? names[2] : names[3]}`] : []
  return [...across, ...along].join(' and ')
}

const acrossTheHoop = (dx: number, dy: number, write: (mm: number) => string): string =>
  ways(dx, dy, ['to the right', 'to the left', 'toward you', 'away from you'], write)
/** How far and which way a part is moved in its design, in words; rounded up to what is enough. */
export const inTheDesign = (dx: number, dy: number, write: (mm: number) => string): string =>
  ways(dx, dy, ['right', 'left', 'down', 'up'], write)
