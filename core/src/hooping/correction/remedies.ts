import { bothOf, type Message, message, type Named } from '../../messages'
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

/** A way to bring a design in that does not fit where it was hooped, said as hands do it. */
export type Remedy = { said: Message } & (
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
  const said = message(factor < HARDLY ? 'remedy.scale-denser' : 'remedy.scale', { percent })
  return { kind: 'scale', factor, said }
}

/** The one part that hangs over, moved in by the least that it takes; only where the rest fits as it is. */
function partMoved({ field, exact, parts }: RemedyQuery): Remedy[] {
  const out = parts.filter(
    ({ hull }) => worstAt(field, turnHull(hull, exact.rotation), exact.x, exact.y).clearance < -TOUCH,
  )
  if (parts.length < 2 || out.length !== 1) return []
  const [part] = out
  const there = nearestFit(field, turnHull(convexHull([...part!.hull]), exact.rotation), exact)
  if (!there) return []
  const { x: dx, y: dy } = rotatePoint({ x: there.x - exact.x, y: there.y - exact.y }, -exact.rotation)
  const said = message('remedy.move-part', { part: { own: part!.name }, way: inTheDesign(dx, dy) })
  return [{ kind: 'move-part', part: part!.id, dx, dy, said }]
}

function clothMoved({ field, hull, exact }: RemedyQuery): Remedy[] {
  const there = nearestFit(field, turnHull(hull, exact.rotation), exact)
  if (!there) return []
  const [dx, dy] = [there.x - exact.x, there.y - exact.y]
  return [{ kind: 'move-cloth', dx, dy, said: message('remedy.move-cloth', { way: acrossTheHoop(dx, dy) }) }]
}

function clothTurned({ field, hull, exact }: RemedyQuery): Remedy[] {
  const degrees = leastTurn(field, hull, exact)
  if (degrees === null) return []
  const far = Math.ceil(Math.abs(degrees) * 10 - 1e-6) / 10
  const way = degrees > 0 ? 'turn.clockwise' : 'turn.anticlockwise'
  return [{ kind: 'turn-cloth', degrees, said: message('remedy.turn-cloth', { far, way }) }]
}

function otherHoop({ hull, exact, margin, shelf }: RemedyQuery): Remedy[] {
  const turned = turnHull(hull, exact.rotation)
  const takes = shelf.filter(
    ({ field }) => worstAt(shrunkenField(field, margin), turned, exact.x, exact.y).clearance >= -TOUCH,
  )
  if (takes.length === 0) return []
  const least = takes.reduce((a, b) => (fieldArea(b.field) < fieldArea(a.field) ? b : a))
  return [{ kind: 'other-hoop', hoop: least.id, said: message('remedy.other-hoop', { hoop: { own: least.name } }) }]
}

/** Rounded up, so that what is said is enough. */
const up = (mm: number): number => Math.ceil(Math.abs(mm) - 1e-6)

type Ways = { right: MoveId; left: MoveId; near: MoveId; far: MoveId }
type MoveId =
  | 'far.to-right'
  | 'far.to-left'
  | 'far.toward'
  | 'far.away'
  | 'far.right'
  | 'far.left'
  | 'far.down'
  | 'far.up'

function moved(dx: number, dy: number, { right, left, near, far }: Ways): Named {
  const one = (by: number, id: MoveId) => (up(by) > 0 ? message(id, { far: up(by) }) : null)
  return bothOf(one(dx, dx > 0 ? right : left), one(dy, dy > 0 ? near : far)) ?? { own: '' }
}

const acrossTheHoop = (dx: number, dy: number): Named =>
  moved(dx, dy, { right: 'far.to-right', left: 'far.to-left', near: 'far.toward', far: 'far.away' })
/** How far and which way a part is moved in its design; rounded up to what is enough. */
export const inTheDesign = (dx: number, dy: number): Named =>
  moved(dx, dy, { right: 'far.right', left: 'far.left', near: 'far.down', far: 'far.up' })
