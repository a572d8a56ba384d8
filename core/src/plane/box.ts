import type { Point } from './point'

export type Box = { left: number; right: number; top: number; bottom: number }

export function boxOf(points: readonly Point[]): Box {
  const box = { left: Infinity, right: -Infinity, top: Infinity, bottom: -Infinity }
  for (const p of points) {
    box.left = Math.min(box.left, p.x)
    box.right = Math.max(box.right, p.x)
    box.top = Math.min(box.top, p.y)
    box.bottom = Math.max(box.bottom, p.y)
  }
  return box
}

/** The four corners of a width x height box about the origin, from the top left, clockwise as drawn. */
export function rectangle(width: number, height: number, centre: Point = { x: 0, y: 0 }): Point[] {
  const [w, h] = [width / 2, height / 2]
  return [
    { x: centre.x - w, y: centre.y - h },
    { x: centre.x + w, y: centre.y - h },
    { x: centre.x + w, y: centre.y + h },
    { x: centre.x - w, y: centre.y + h },
  ]
}

export function boxCorners(box: Box): Point[] {
  return [
    { x: box.left, y: box.top },
    { x: box.right, y: box.top },
    { x: box.right, y: box.bottom },
    { x: box.left, y: box.bottom },
  ]
}
