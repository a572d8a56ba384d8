import { type Box, boxOf } from '../plane/box'
import { nearestOn } from '../plane/nearestOn'
import type { Point } from '../plane/point'
import { areaOf, isInside } from '../plane/polygons'
import type { DesignBlock } from './design'

/**
 * What goes round along an edge: `lines` that close, `covers` where they are wide enough to cover it, or the `band` that a
 * satin of its own shape fills, without a centre line.
 */
type Outline = { box: Box; covers: boolean; lines: Point[][]; band: Point[][] | null }

/** Lines are the same when they are this close all along (core.md section 7). */
const SAME_MM = 0.5
/** A line is checked this often. */
const EVERY_MM = 1
/** A narrower line is a running stitch; a wider one covers. */
const RUNNING_BELOW_MM = 1
/** A wider satin covers no edge. */
const WIDEST_MM = 12
/** A line that ends this close to its start goes round. */
const CLOSES_MM = 1.5
/** An outline has fewer points; more are a fill. */
const MOST_POINTS = 4000

/** The outline a painted shape draws; null where it is anything else. @example a circle's stroke of 0.4 mm: one line */
export function outlineOfShape(area: readonly Point[][], stroke?: { width: number; lines: Point[][] }): Outline | null {
  if (stroke) {
    if (stroke.width > WIDEST_MM || !stroke.lines.every(closes)) return null
    return outlineOf(stroke.lines, stroke.width >= RUNNING_BELOW_MM)
  }
  if (area.length < 2) return null
  const round = area.reduce((sum, ring) => sum + lengthOf([...ring, ring[0]!]), 0)
  if ((2 * areaOf(area)) / round > WIDEST_MM) return null
  return { box: boxOf(area.flat()), covers: true, lines: [], band: [...area] }
}

/** The outline one block goes round along; null where it is anything else. */
export function outlineOfBlock(block: DesignBlock): Outline | null {
  if (block.stitches) return stitchedOutline(block)
  const { fills = [], lines = [] } = block
  if (fills.length + lines.length !== 1) return null
  return lines[0] ? outlineOfShape([], lines[0]) : outlineOfShape(fills[0]!)
}

/** Of running stitches their needle points; of a satin the middles of its stitches, which go from side to side. */
function stitchedOutline({ stitches = [], moves = [] }: DesignBlock): Outline | null {
  const cuts = [0, ...moves.map(({ before }) => before), stitches.length]
  const runs = cuts.flatMap((from, i) => {
    const run = stitches.slice(from, cuts[i + 1])
    return run.length > 1 ? [run] : []
  })
  const satin = runs.map(goesToAndFro)
  const covers = satin.every(Boolean)
  if (runs.length === 0 || (!covers && satin.some(Boolean))) return null
  const lines = covers ? runs.map(middles) : runs
  return stitches.length <= MOST_POINTS && lines.every(closes) ? outlineOf(lines, covers) : null
}

const outlineOf = (lines: Point[][], covers: boolean): Outline => ({
  box: boxOf(lines.flat()),
  covers,
  lines,
  band: null,
})

function goesToAndFro(run: readonly Point[]): boolean {
  const back = run.filter((p, i) => {
    const [a, b] = [run[i - 1], run[i + 1]]
    return a && b && (p.x - a.x) * (b.x - p.x) + (p.y - a.y) * (b.y - p.y) < 0
  })
  return back.length > run.length / 2
}

const middles = (run: readonly Point[]): Point[] =>
  run.slice(1).map((p, i) => ({ x: (p.x + run[i]!.x) / 2, y: (p.y + run[i]!.y) / 2 }))

function closes(line: readonly Point[]): boolean {
  const [from, to] = [line[0]!, line.at(-1)!]
  return line.length > 3 && Math.hypot(from.x - to.x, from.y - to.y) <= CLOSES_MM
}

const lengthOf = (line: readonly Point[]): number =>
  line.reduce((sum, p, i) => sum + (i === 0 ? 0 : Math.hypot(p.x - line[i - 1]!.x, p.y - line[i - 1]!.y)), 0)

/**
 * Whether an outline repeats or covers an earlier one: within half a millimetre of it all along.
 *
 * Source: core.md section 7.
 *
 * @param first a line; a band is covered by nothing
 */
export function followsOutline(later: Outline, first: Outline): boolean {
  if (first.band || !boxesAgree(later.box, first.box, later.band ? WIDEST_MM : SAME_MM)) return false
  const { band } = later
  if (!band) return liesOn(later.lines, first.lines) && liesOn(first.lines, later.lines)
  const within = first.lines.every((line) =>
    along(line).every((p) => isInside(band, p) || distance(band, p) <= SAME_MM),
  )
  return within && band.every((ring) => ring.every((p) => distance(first.lines, p) <= WIDEST_MM))
}

/** Which outlines are sewn over by a later one, and which of them sew over an earlier one, by their place. */
export function outlinesSewnOver(outlines: readonly (Outline | null)[]): Set<number> {
  const found = new Set<number>()
  for (const [j, later] of outlines.entries())
    for (let i = 0; later && i < j; i++) {
      const first = outlines[i]
      if (first && followsOutline(later, first)) found.add(i).add(j)
    }
  return found
}

function boxesAgree(a: Box, b: Box, by: number): boolean {
  const apart = [a.left - b.left, a.right - b.right, a.top - b.top, a.bottom - b.bottom]
  return apart.every((mm) => Math.abs(mm) <= by)
}

const liesOn = (lines: readonly Point[][], on: readonly Point[][]): boolean =>
  lines.every((line) => along(line).every((p) => distance(on, p) <= SAME_MM))

const distance = (lines: readonly Point[][], { x, y }: Point): number =>
  Math.min(
    ...lines.map((line) => {
      const near = nearestOn(line, x, y)
      return Math.hypot(near.x - x, near.y - y)
    }),
  )

/** Points along a line, no more than a millimetre apart. */
function along(line: readonly Point[]): Point[] {
  return line.flatMap((a, i) => {
    const b = line[i + 1]
    if (!b) return [a]
    const steps = Math.max(1, Math.ceil(Math.hypot(b.x - a.x, b.y - a.y) / EVERY_MM))
    return Array.from({ length: steps }, (_, n) => ({
      x: a.x + ((b.x - a.x) * n) / steps,
      y: a.y + ((b.y - a.y) * n) / steps,
    }))
  })
}
