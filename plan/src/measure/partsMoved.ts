import type { Piece } from '@thimble/contract'
import type { SketchBlock } from '@thimble/core/design'
import { boxOf, convexHull, type Point } from '@thimble/core/plane'
import { partOfBlock } from './partOfBlock'
import type { PieceDesign } from './pieceDesign'

type Moved = Piece['hoop']['moved']

const movedBy = (points: readonly Point[], { x, y }: Point): Point[] => points.map((p) => ({ x: p.x + x, y: p.y + y }))

/** A grouped design as a piece has it: single parts moved within the whole, in the design's own frame, mm. */
export function partsMoved(design: PieceDesign, moved: Moved): PieceDesign {
  const by = (part: number): Point => moved[part] ?? { x: 0, y: 0 }
  if (design.parts.length === 0 || !design.parts.some((_, i) => moved[i])) return design
  const parts = design.parts.map(({ name, hull }, i) => ({ name, hull: movedBy(hull, by(i)) }))
  const hull = convexHull(parts.flatMap((part) => part.hull))
  const { left, right, top, bottom } = boxOf(hull)
  const partOf = partOfBlock(design)
  const sketch = design.sketch && design.sketch.map((block, i) => sketchMoved(block, by(partOf(i) ?? -1)))
  return { ...design, parts, hull, sketch, width: right - left, height: bottom - top }
}

function sketchMoved({ areas, lines, ...block }: SketchBlock, { x, y }: Point): SketchBlock {
  const put = (flat: readonly number[]): number[] => flat.map((value, i) => value + (i % 2 === 0 ? x : y))
  return { ...block, areas: areas.map(put), lines: lines.map(put) }
}
