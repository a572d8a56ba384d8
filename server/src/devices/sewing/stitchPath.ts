import type { SewingJob } from '@thimble/contract/sewingMachine'
import type { Design, PackedDesign } from '@thimble/core/design'
import { asStitched, unpackDesign } from '@thimble/core/design/work'
import { applyPose, boxOf, type Point } from '@thimble/core/plane'

/** Needle points as whole thousandths of a millimetre in the hoop frame, x and y in turn. */
export type Path = number[]

/**
 * Where the needle goes in, stitch by stitch: of a stitch list its own points; of artwork along its outlines, of a design
 * known by its size in rows over its hull.
 */
export function stitchPath({ design, copies, blocks }: SewingJob, packed: PackedDesign | null): Path {
  const sewn = packed && asStitched(unpackDesign(packed), design)
  const path: Path = []
  for (const { block, copy, stitches } of blocks)
    for (const p of spread(pointsOf(sewn, block, design.hull), stitches)) {
      const at = applyPose(copies[copy] ?? copies[0]!, { x: p.x * design.scale, y: p.y * design.scale })
      path.push(Math.round(at.x * 1000), Math.round(at.y * 1000))
    }
  return path
}

function pointsOf(sewn: Design | null, block: number, hull: readonly Point[]): Point[] {
  const { stitches, outlines } = sewn?.blocks[block] ?? {}
  const drawn = stitches ?? outlines?.flat() ?? []
  return drawn.length > 0 ? drawn : rowsOver(hull)
}

/** As many points as there are stitches, evenly taken. */
function spread(points: readonly Point[], count: number): Point[] {
  if (points.length === count) return [...points]
  return Array.from({ length: count }, (_, i) => points[Math.floor((i * points.length) / count)]!)
}

const ROWS = 60
const A_ROW = 20

/** To and fro over a convex outline, from its top to its foot. */
function rowsOver(hull: readonly Point[]): Point[] {
  const { top, bottom } = boxOf(hull)
  return Array.from({ length: ROWS }, (_, i) => {
    const y = top + ((bottom - top) * (i + 0.5)) / ROWS
    const [from, to] = acrossAt(hull, y)
    const row = Array.from({ length: A_ROW }, (_, n) => ({ x: from + ((to - from) * n) / (A_ROW - 1), y }))
    return i % 2 === 0 ? row : row.reverse()
  }).flat()
}

function acrossAt(hull: readonly Point[], y: number): [number, number] {
  const found = hull.flatMap((a, i) => {
    const b = hull[(i + 1) % hull.length]!
    if (a.y <= y === b.y <= y) return []
    return [a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x)]
  })
  return found.length > 0 ? [Math.min(...found), Math.max(...found)] : [0, 0]
}
