import type { Point } from '../plane/point'

/** Points along a quadratic curve from a to b bent toward c, both ends included. */
export function curve(a: Point, c: Point, b: Point, parts = 8): Point[] {
  return Array.from({ length: parts + 1 }, (_, i) => {
    const t = i / parts
    const [u, v, w] = [(1 - t) ** 2, 2 * t * (1 - t), t * t]
    return { x: u * a.x + v * c.x + w * b.x, y: u * a.y + v * c.y + w * b.y }
  })
}

export const at = (x: number, y: number): Point => ({ x, y })

export const mirrored = (points: readonly Point[]): Point[] => points.map((p) => ({ x: -p.x, y: p.y }))

/** A closed outline from its right half, given from the top of the centre line to its foot. */
export const fromRightHalf = (half: readonly Point[]): Point[] => [...half, ...mirrored(half).reverse()]
