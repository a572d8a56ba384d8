import { contours } from 'd3-contour'
import { boxOf } from '../plane/box'
import type { Point } from '../plane/point'
import { filledArea, grown } from '../plane/polygons'
import type { DesignBlock } from './design'
import { eachStitch } from './stitchesOf'

/** Between rows and zigzags nearer than twice this the cloth counts as covered. */
const CLOSED_MM = 0.6

/**
 * The outline of what a block's stitches cover, to within about `cell` millimetres: the squares they run through,
 * thickened by the thread, and the line round them (marching squares, from `d3-contour`). Points inside an odd number
 * of outlines are covered.
 */
export function stitchedArea(block: DesignBlock, cell: number): Point[][] {
  const stitches = block.stitches ?? []
  if (stitches.length === 0) return []
  const box = boxOf(stitches)
  const PAD = 2
  const columns = Math.ceil((box.right - box.left) / cell) + 2 * PAD + 1
  const rows = Math.ceil((box.bottom - box.top) / cell) + 2 * PAD + 1
  const covered = new Float64Array(columns * rows)
  const mark = (p: Point): void => {
    const column = Math.round((p.x - box.left) / cell) + PAD
    const row = Math.round((p.y - box.top) / cell) + PAD
    covered[row * columns + column] = 1
  }
  stitches.forEach(mark)
  eachStitch(block, (a, b) => {
    const steps = Math.ceil(Math.hypot(b.x - a.x, b.y - a.y) / (cell / 2))
    for (let i = 1; i < steps; i++) mark({ x: a.x + ((b.x - a.x) * i) / steps, y: a.y + ((b.y - a.y) * i) / steps })
  })
  const rings = contours().size([columns, rows]).thresholds([0.5])(Array.from(covered))[0]?.coordinates.flat() ?? []
  // A sample stands in the middle of its square, half a square in from the corner the rings count from.
  const mm = (at: number, from: number): number => from + (at - 0.5 - PAD) * cell
  const found = rings.map((ring) => ring.slice(0, -1).map(([x, y]) => ({ x: mm(x!, box.left), y: mm(y!, box.top) })))
  return grown(grown(filledArea(found, 'evenodd'), CLOSED_MM), -CLOSED_MM)
}
