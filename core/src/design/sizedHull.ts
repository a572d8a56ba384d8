import { rectangle } from '../plane/box'
import type { Point } from '../plane/point'

/** What is taken to be stitched of a design that is known by its size alone. */
export const designShapes = ['rectangle', 'oval'] as const
type DesignShape = (typeof designShapes)[number]

const CORNERS = 72

/**
 * The hull of a design known by its size: a filled rectangle, whose corners need room in a ring, or an oval (a round
 * where both sides are alike), given by corners on it every 5 degrees; millimetres, design frame.
 *
 * @example sizedHull(80, 80, 'oval').every((p) => Math.abs(Math.hypot(p.x, p.y) - 40) < 1e-9)
 */
export function sizedHull(width: number, height: number, shape: DesignShape): Point[] {
  if (shape === 'rectangle') return rectangle(width, height)
  return Array.from({ length: CORNERS }, (_, i) => {
    const turn = (2 * Math.PI * i) / CORNERS
    return { x: (width / 2) * Math.cos(turn), y: (height / 2) * Math.sin(turn) }
  })
}
