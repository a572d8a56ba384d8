import { message } from '../messages/message'
import { CoreError } from '../errors'

/** A point in millimetres; x to the right, y down. */
export type Point = { x: number; y: number }

/** Places one frame in another: rotate by `rotation` degrees (clockwise as drawn), then move by x, y. */
export type Pose = { x: number; y: number; rotation: number }

export const radians = (degrees: number): number => (degrees * Math.PI) / 180
export const degrees = (rad: number): number => (rad * 180) / Math.PI

export function rotatePoint(p: Point, rotation: number): Point {
  const [sin, cos] = [Math.sin(radians(rotation)), Math.cos(radians(rotation))]
  return { x: p.x * cos - p.y * sin, y: p.x * sin + p.y * cos }
}

/** @example applyPose({ x: 10, y: 0, rotation: 90 }, { x: 1, y: 0 }) // { x: 10, y: 1 } */
export function applyPose(pose: Pose, p: Point): Point {
  const turned = rotatePoint(p, pose.rotation)
  return { x: turned.x + pose.x, y: turned.y + pose.y }
}

/** The frame `inner`, which is placed in the frame `outer`, as placed where `outer` is; rotation in (-180, 180]. */
export function composePose(outer: Pose, inner: Pose): Pose {
  const turn = (((outer.rotation + inner.rotation) % 360) + 360) % 360
  return { ...applyPose(outer, inner), rotation: turn > 180 ? turn - 360 : turn }
}

/** The pose that undoes `pose`. */
export function inversePose(pose: Pose): Pose {
  const back = rotatePoint({ x: -pose.x, y: -pose.y }, -pose.rotation)
  return { x: back.x, y: back.y, rotation: -pose.rotation }
}

/** @throws CoreError('bad-point') when a coordinate is not a finite number */
export function requireFinite(points: readonly Point[], path: string): void {
  const bad = points.findIndex((p) => !Number.isFinite(p.x) || !Number.isFinite(p.y))
  if (bad >= 0) throw new CoreError('bad-point', message('problem.a-point-has-a-coordinate'), `${path}[${bad}]`)
}
