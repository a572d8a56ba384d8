import ClipperLib from 'clipper-lib'
import type { Point } from './point'

/**
 * Areas as polygons: closed outlines of which a point inside an odd number is inside the area. The clipping library
 * works in whole numbers; a ten-thousandth of a millimetre is far below any thread.
 */
const SCALE = 10_000

type Path = { X: number; Y: number }[]
export type FillRule = 'nonzero' | 'evenodd'

const toPath = (polygon: readonly Point[]): Path =>
  polygon.map((p) => ({ X: Math.round(p.x * SCALE), Y: Math.round(p.y * SCALE) }))
const toPolygon = (path: Path): Point[] => path.map(({ X, Y }) => ({ x: X / SCALE, y: Y / SCALE }))
const ruleOf = (rule: FillRule) =>
  rule === 'nonzero' ? ClipperLib.PolyFillType.pftNonZero : ClipperLib.PolyFillType.pftEvenOdd

function combine(type: number, subject: readonly Point[][], rule: FillRule, clip: readonly Point[][] = []): Point[][] {
  const clipper = new ClipperLib.Clipper()
  clipper.AddPaths(subject.map(toPath), ClipperLib.PolyType.ptSubject, true)
  if (clip.length > 0) clipper.AddPaths(clip.map(toPath), ClipperLib.PolyType.ptClip, true)
  const solution: Path[] = []
  clipper.Execute(type, solution, ruleOf(rule), ClipperLib.PolyFillType.pftEvenOdd)
  return solution.map(toPolygon)
}

/** The area a filled path paints under its rule, without overlaps. */
export function filledArea(paths: readonly Point[][], rule: FillRule): Point[][] {
  const [only] = paths
  // Most shapes are plain ones, and there is nothing to work out about those.
  if (paths.length === 1 && isConvex(only!)) return [signedArea(only!) < 0 ? [...only!].reverse() : only!]
  return combine(ClipperLib.ClipType.ctUnion, paths, rule)
}

/** Whether the outline turns one way only, and no more than once round. */
function isConvex(polygon: readonly Point[]): boolean {
  if (polygon.length < 3) return false
  let [way, bends] = [0, 0]
  let before = Math.sign(polygon.at(-1)!.x - polygon.at(-2)!.x)
  for (let i = 0; i < polygon.length; i++) {
    const [a, b, c] = [polygon[i]!, polygon[(i + 1) % polygon.length]!, polygon[(i + 2) % polygon.length]!]
    const turn = Math.sign((b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x))
    if (turn !== 0 && way !== 0 && turn !== way) return false
    if (turn !== 0) way = turn
    const x = Math.sign(b.x - a.x)
    if (x !== 0 && before !== 0 && x !== before) bends++
    if (x !== 0) before = x
  }
  return way !== 0 && bends <= 2
}

export const intersection = (a: readonly Point[][], b: readonly Point[][]): Point[][] =>
  combine(ClipperLib.ClipType.ctIntersection, a, 'evenodd', b)

const HANDFUL = 12

/**
 * All that any of the areas covers. Areas are put together by handfuls and the handfuls again, so that edges that end
 * up inside are gone early: thousands of overlapping pieces of a stroke would take minutes at once.
 *
 * @param areas each wound the same way, holes the other way
 */
export function union(areas: readonly Point[][][]): Point[][] {
  if (areas.length <= HANDFUL) return combine(ClipperLib.ClipType.ctUnion, areas.flat(), 'nonzero')
  const size = Math.max(HANDFUL, Math.ceil(areas.length / HANDFUL))
  const parts = Array.from({ length: Math.ceil(areas.length / size) }, (_, i) => areas.slice(i * size, (i + 1) * size))
  return combine(ClipperLib.ClipType.ctUnion, parts.map(union).flat(), 'nonzero')
}

/** Signed like a screen: clockwise as drawn is positive. */
export function signedArea(polygon: readonly Point[]): number {
  let twice = 0
  for (let i = 0; i < polygon.length; i++) {
    const [a, b] = [polygon[i]!, polygon[(i + 1) % polygon.length]!]
    twice += a.x * b.y - b.x * a.y
  }
  return twice / 2
}

/** mm2 of an area whose outlines do not cross: holes run the other way round and take away. */
export const areaOf = (polygons: readonly Point[][]): number =>
  Math.abs(polygons.reduce((sum, polygon) => sum + signedArea(polygon), 0))

/** The area grown by `by` millimetres all round, corners rounded. @example a 10 mm square grown by 2: 14 mm wide */
export function grown(area: readonly Point[][], by: number): Point[][] {
  const offset = new ClipperLib.ClipperOffset(2, 0.005 * SCALE)
  offset.AddPaths(area.map(toPath), ClipperLib.JoinType.jtRound, ClipperLib.EndType.etClosedPolygon)
  const solution: Path[] = []
  offset.Execute(solution, by * SCALE)
  return solution.map(toPolygon)
}

/** The ribbon within `half` millimetres of a line that has no sharp corner; an open one ends square at its ends. */
export function alongLine(line: readonly Point[], half: number, closed: boolean): Point[][][] {
  const offset = new ClipperLib.ClipperOffset(2)
  const { etClosedLine, etOpenButt } = ClipperLib.EndType
  offset.AddPath(toPath(line), ClipperLib.JoinType.jtMiter, closed ? etClosedLine : etOpenButt)
  const solution: Path[] = []
  offset.Execute(solution, half * SCALE)
  return solution.length > 0 ? [solution.map(toPolygon)] : []
}

/** Whether a point lies in the area: inside an odd number of its outlines. */
export function isInside(area: readonly Point[][], { x, y }: Point): boolean {
  let inside = false
  for (const polygon of area)
    for (let i = 0; i < polygon.length; i++) {
      const [a, b] = [polygon[i]!, polygon[(i + 1) % polygon.length]!]
      if (a.y <= y !== b.y <= y && a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x) > x) inside = !inside
    }
  return inside
}

/** The x of each sample on the level `y` that lies inside; samples stand `step` apart from `from` on. */
export function* insidePolygons(area: readonly Point[][], y: number, from: number, step: number): Generator<number> {
  const crossings: number[] = []
  for (const polygon of area)
    for (let i = 0; i < polygon.length; i++) {
      const [a, b] = [polygon[i]!, polygon[(i + 1) % polygon.length]!]
      if (a.y <= y !== b.y <= y) crossings.push(a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x))
    }
  crossings.sort((a, b) => a - b)
  for (let i = 0; i + 1 < crossings.length; i += 2) {
    const first = from + Math.ceil((crossings[i]! - from) / step) * step
    for (let x = first; x < crossings[i + 1]!; x += step) yield x
  }
}
