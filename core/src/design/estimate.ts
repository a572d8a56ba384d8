import { areaOf } from '../plane/polygons'
import type { Point } from '../plane/point'
import type { DesignBlock } from './design'

/** Artwork is reckoned as it would usually be stitched (core.md section 7): rows 0.40 mm apart, stitches of 4 mm. */
const ROW_MM = 0.4
const FILL_STITCH_MM = 4
const RUN_STITCH_MM = 2.5
const SATIN_FROM_MM = 1
const SATIN_TO_MM = 8

export const FILL_PER_MM2 = 1 / (ROW_MM * FILL_STITCH_MM)

/**
 * How a stroke of this width is stitched: under 1 mm as one line of running stitch, 1 to 8 mm as satin, over 8 mm as
 * fill. `perMm` stitches and `threadPerMm` of thread for a millimetre of stroke; `across` says how far from the centre
 * line the needle goes in.
 */
export function lineWork(width: number): { perMm: number; threadPerMm: number; across: number[] } {
  if (width < SATIN_FROM_MM) return { perMm: 1 / RUN_STITCH_MM, threadPerMm: 1, across: [0] }
  if (width <= SATIN_TO_MM) {
    const crossing = Math.hypot(width, ROW_MM)
    return {
      perMm: 1 / ROW_MM,
      threadPerMm: crossing / ROW_MM,
      across: [-0.5, 0.5].map((side) => side * (width - 0.02)),
    }
  }
  const across = Array.from({ length: Math.ceil(width) }, (_, i) => i + 0.5 - Math.ceil(width) / 2)
  return { perMm: width * FILL_PER_MM2, threadPerMm: width / ROW_MM, across }
}

export const lengthOfLine = (line: readonly Point[]): number =>
  line.reduce((sum, p, i) => (i === 0 ? 0 : sum + Math.hypot(p.x - line[i - 1]!.x, p.y - line[i - 1]!.y)), 0)

type Artwork = Pick<DesignBlock, 'fills' | 'lines' | 'outlines'>

/** The areas of a block that are filled; where only its outlines are known, all that they enclose. */
export const filledAreas = ({ fills, lines, outlines = [] }: Artwork): Point[][][] =>
  fills ?? (lines || outlines.length === 0 ? [] : [outlines])

/** Stitches and thread in stitches that a block of artwork is reckoned to take. */
export function reckoned(block: Artwork): { stitches: number; lengthMm: number } {
  const [fills, lines] = [filledAreas(block), block.lines ?? []]
  const filled = fills.reduce((sum, area) => sum + areaOf(area), 0)
  const sum = { stitches: filled * FILL_PER_MM2, lengthMm: filled / ROW_MM }
  for (const { width, lines: runs } of lines) {
    const work = lineWork(width)
    const length = runs.reduce((all, run) => all + lengthOfLine(run), 0)
    sum.stitches += length * work.perMm
    sum.lengthMm += length * work.threadPerMm
  }
  return { stitches: Math.max(1, Math.round(sum.stitches)), lengthMm: sum.lengthMm }
}
