import { areaOf } from '../plane/polygons'
import type { Point } from '../plane/point'
import type { DesignBlock } from './design'

/**
 * Artwork is worked out as it would usually be stitched (core.md section 7): satin and rows of fill 0.40 mm apart, stitches
 * of 3.5 mm in a fill and 2.5 mm in a running line, and a fifth more under satin and fill to carry them.
 */
const ROW_MM = 0.4
const FILL_STITCH_MM = 3.5
const RUN_STITCH_MM = 2.5
const SATIN_FROM_MM = 1
const SATIN_TO_MM = 8
const UNDERLAY = 1.2

type Sewn = { stitches: number; lengthMm: number }

/**
 * A shape of this area and perimeter, in mm: as wide a column as it is on the whole, 2 x area / perimeter, is sewn as a
 * running line, as satin or in rows, each of which begins with one stitch more.
 *
 * @example a disc of 20 mm, 314 mm2 and 62.8 mm round, 50 rows: 329 stitches and 966 mm of thread
 */
function shapeWork(area: number, perimeter: number, rows: number): Sewn {
  if (!(area > 0 && perimeter > 0)) return { stitches: 0, lengthMm: 0 }
  const [wide, long] = [(2 * area) / perimeter, perimeter / 2]
  if (wide < SATIN_FROM_MM) return { stitches: long / RUN_STITCH_MM, lengthMm: long }
  if (wide <= SATIN_TO_MM) {
    const crossings = (long / ROW_MM) * UNDERLAY
    return { stitches: crossings, lengthMm: crossings * Math.hypot(wide, ROW_MM) }
  }
  return {
    stitches: (area / (ROW_MM * FILL_STITCH_MM) + rows) * UNDERLAY,
    lengthMm: (area / ROW_MM + rows * ROW_MM) * UNDERLAY,
  }
}

/**
 * How a stroke of this width is stitched: like a shape as long as itself. `perMm` stitches and `threadPerMm` of thread
 * for a millimetre of stroke; `across` says how far from the centre line the needle goes in.
 */
export function lineWork(width: number): { perMm: number; threadPerMm: number; across: number[] } {
  // A long one, so that its ends do not count.
  const LONG = 1e6
  const { stitches, lengthMm } = shapeWork(LONG * width, 2 * LONG, width / ROW_MM)
  return { perMm: stitches / LONG, threadPerMm: lengthMm / LONG, across: acrossOf(width) }
}

function acrossOf(width: number): number[] {
  if (width < SATIN_FROM_MM) return [0]
  if (width <= SATIN_TO_MM) return [-0.5, 0.5].map((side) => side * (width - 0.02))
  return Array.from({ length: Math.ceil(width) }, (_, i) => i + 0.5 - Math.ceil(width) / 2)
}

export const lengthOfLine = (line: readonly Point[]): number =>
  line.reduce((sum, p, i) => (i === 0 ? 0 : sum + Math.hypot(p.x - line[i - 1]!.x, p.y - line[i - 1]!.y)), 0)

type Artwork = Pick<DesignBlock, 'fills' | 'lines' | 'outlines'>

/** The areas of a block that are filled; where only its outlines are known, all that they enclose. */
export const filledAreas = ({ fills, lines, outlines = [] }: Artwork): Point[][][] =>
  fills ?? (lines || outlines.length === 0 ? [] : [outlines])

const roundOf = (area: readonly Point[][]): number =>
  area.reduce((sum, ring) => sum + (ring.length > 0 ? lengthOfLine([...ring, ring[0]!]) : 0), 0)

/** Rows to and fro over an area, whichever way they are fewer: each crosses its outline twice for every stretch. */
function rowsOf(area: readonly Point[][]): number {
  const climb = (axis: 'x' | 'y'): number =>
    area.reduce((all, ring) => all + ring.reduce((sum, p, i) => sum + Math.abs(p[axis] - ring.at(i - 1)![axis]), 0), 0)
  return Math.min(climb('x'), climb('y')) / (2 * ROW_MM)
}

/** Stitches and thread in them that one filled shape is estimated to take. */
export const areaWork = (area: readonly Point[][]): Sewn => shapeWork(areaOf(area), roundOf(area), rowsOf(area))

/** Stitches and thread in stitches that a block of artwork is estimated to take. */
export function reckoned(block: Artwork): Sewn {
  const sum = { stitches: 0, lengthMm: 0 }
  for (const area of filledAreas(block)) {
    const work = areaWork(area)
    sum.stitches += work.stitches
    sum.lengthMm += work.lengthMm
  }
  for (const { width, lines: runs } of block.lines ?? []) {
    const work = lineWork(width)
    const length = runs.reduce((all, run) => all + lengthOfLine(run), 0)
    sum.stitches += length * work.perMm
    sum.lengthMm += length * work.threadPerMm
  }
  return { stitches: Math.max(1, Math.round(sum.stitches)), lengthMm: sum.lengthMm }
}
