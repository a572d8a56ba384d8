import simplify from 'simplify-js'
import { areaOf } from '../plane/polygons'
import type { Point } from '../plane/point'
import type { Design, DesignBlock } from './design'
import { lengthOfLine } from './estimate'
import { stitchedArea } from './stitchedArea'
import { stitchRuns } from './writeDesignSvg'

/** A block in few points, for drawings small enough: areas (even-odd) and open lines, [x, y, x, y...] in millimetres. */
export type SketchBlock = { areas: number[][]; lines: number[][] }

const MOST_NUMBERS = 2400
/** Simplified to a two-hundredth of its size a drawing begins to lose its shape: then it may have more points. */
const COARSE = 200
const CELLS_ACROSS = 180
/** What is thinner than this many squares, on the whole, is a line of stitches and drawn as one. */
const LINE_CELLS = 2

const flat = (line: readonly Point[]): number[] =>
  line.flatMap((p) => [Math.round(p.x * 10) / 10, Math.round(p.y * 10) / 10])

/** How thick an area is on the whole: that of a long ribbon with its edge. */
const thicknessOf = (area: readonly Point[][]): number => {
  const edge = area.reduce((sum, line) => sum + lengthOfLine([...line, line[0]!]), 0)
  return edge > 0 ? (2 * areaOf(area)) / edge : 0
}

type Shape = { areas: Point[][]; lines: Point[][] }

function shapeOf(block: DesignBlock, cell: number): Shape {
  if (block.outlines) return { areas: block.outlines, lines: [] }
  const area = stitchedArea(block, cell)
  return thicknessOf(area) < LINE_CELLS * cell
    ? { areas: [], lines: stitchRuns(block).filter((run) => run.length > 1) }
    : { areas: area, lines: [] }
}

function simpler({ areas, lines }: Shape, tolerance: number): SketchBlock {
  const small = (line: Point[]): number[] => flat(simplify(line, tolerance, true))
  return {
    areas: areas.map((a) => (a[0] ? small([...a, a[0]]) : [])).filter((a) => a.length >= 8),
    lines: lines.map(small),
  }
}

/**
 * The design drawn with some 1200 points, one sketch a block: what a card, a piece's drawing or a hoop shows
 * of it without fetching the whole. Simplified as far as it needs to be, and no further.
 */
export function sketchDesign(design: Design): SketchBlock[] {
  const size = Math.max(design.width, design.height)
  const shapes = design.blocks.map((block) => shapeOf(block, size / CELLS_ACROSS))
  for (let tolerance = size / 800; ; tolerance *= 1.4) {
    const sketch = shapes.map((shape) => simpler(shape, tolerance))
    const numbers = sketch.reduce((sum, b) => sum + b.areas.flat().length + b.lines.flat().length, 0)
    const coarse = tolerance > size / COARSE
    if (numbers <= MOST_NUMBERS || (coarse && numbers <= 4 * MOST_NUMBERS)) return sketch
    if (tolerance > size) return shapes.map(() => ({ areas: [], lines: [] }))
  }
}
