import { type Box, boxOf } from '../../plane/box'
import type { Point } from '../../plane/point'
import { intersection, isInside } from '../../plane/polygons'

/** Where something may be painted, page millimetres; `box` when it is an upright rectangle. */
export type Clip = { area: Point[][]; box: Box | null }

export function rectClip(corners: Point[]): Clip {
  const box = boxOf(corners)
  const upright = corners.every(
    (p) =>
      (Math.abs(p.x - box.left) < 1e-9 || Math.abs(p.x - box.right) < 1e-9) &&
      (Math.abs(p.y - box.top) < 1e-9 || Math.abs(p.y - box.bottom) < 1e-9),
  )
  return { area: [corners], box: upright ? box : null }
}

export function bothClips(a: Clip | null, b: Clip): Clip {
  if (!a) return b
  const area = intersection(a.area, b.area)
  return a.box && b.box && area.length === 1 ? rectClip(area[0]!) : { area, box: null }
}

/** Whether the points lie within an upright clip, so that nothing has to be cut. */
export function isWithin(points: readonly Point[][], { box }: Clip): boolean {
  if (!box) return false
  const own = boxOf(points.flat())
  return own.left >= box.left && own.right <= box.right && own.top >= box.top && own.bottom <= box.bottom
}

const STEP_MM = 0.5

/** The parts of lines that lie inside, to within half a millimetre: enough to estimate their stitches by. */
export function linesInside(lines: readonly Point[][], { area }: Clip): Point[][] {
  const kept: Point[][] = []
  for (const line of lines) {
    let run: Point[] = []
    for (let i = 1; i < line.length; i++) {
      const [a, b] = [line[i - 1]!, line[i]!]
      const steps = Math.max(1, Math.ceil(Math.hypot(b.x - a.x, b.y - a.y) / STEP_MM))
      const at = (k: number): Point => ({ x: a.x + ((b.x - a.x) * k) / steps, y: a.y + ((b.y - a.y) * k) / steps })
      for (let k = 0; k < steps; k++) {
        if (isInside(area, at(k + 0.5))) {
          if (run.length === 0) kept.push((run = [at(k)]))
          run.push(at(k + 1))
        } else run = []
      }
    }
  }
  return kept
}
