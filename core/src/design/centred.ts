import { type Box, boxOf } from '../plane/box'
import { convexHull } from '../plane/convexHull'
import type { Point } from '../plane/point'
import type { Design, DesignBlock } from './design'

/** The block moved; used to put a design's origin at the centre of its box. */
function moveBlock(block: DesignBlock, dx: number, dy: number): DesignBlock {
  return mapBlock(block, ({ x, y }) => ({ x: x + dx, y: y + dy }), 1)
}

/** The block with every point put through `map`; `scale` is what the map does to widths. */
export function mapBlock(block: DesignBlock, map: (p: Point) => Point, scale: number): DesignBlock {
  const each = (lines: Point[][]): Point[][] => lines.map((line) => line.map((p) => map(p)))
  return {
    ...block,
    ...(block.stitches ? { stitches: block.stitches.map((p) => map(p)) } : {}),
    ...(block.moves ? { moves: block.moves.map((m) => ({ ...m, ...map(m) })) } : {}),
    ...(block.outlines ? { outlines: each(block.outlines) } : {}),
    ...(block.fills ? { fills: block.fills.map(each) } : {}),
    ...(block.lines
      ? { lines: block.lines.map(({ width, lines }) => ({ width: width * scale, lines: each(lines) })) }
      : {}),
  }
}

/** All that a design puts on the cloth, as lists of points. */
const pointsOf = (blocks: readonly DesignBlock[]): Point[][] =>
  blocks.flatMap(({ stitches = [], outlines = [] }) => [stitches, ...outlines]).filter((line) => line.length > 0)

/** The box of all that is stitched or painted. */
export function boxOfBlocks(blocks: readonly DesignBlock[]): Box {
  const boxes = pointsOf(blocks).map(boxOf)
  return boxOf(
    boxes.flatMap(({ left, right, top, bottom }) => [
      { x: left, y: top },
      { x: right, y: bottom },
    ]),
  )
}

/** The hull of very many points: the hull of the hulls of handfuls, which are quicker to sort. */
export function hullOf(blocks: readonly DesignBlock[]): Point[] {
  const SLICE = 4000
  return convexHull(
    pointsOf(blocks).flatMap((line) =>
      line.length <= SLICE
        ? convexHull(line)
        : Array.from({ length: Math.ceil(line.length / SLICE) }, (_, i) =>
            line.slice(i * SLICE, (i + 1) * SLICE),
          ).flatMap((part) => convexHull(part)),
    ),
  )
}

/** The parts of a design put together, origin moved to the centre of the box of all of them. */
export function centredDesign(part: Pick<Design, 'source' | 'blocks' | 'warnings'>, keepPage = true): Design {
  const box = boxOfBlocks(part.blocks)
  const [cx, cy] = [(box.left + box.right) / 2, (box.top + box.bottom) / 2]
  const blocks = part.blocks.map((b) => moveBlock(b, -cx, -cy))
  return {
    ...part,
    width: box.right - box.left,
    height: box.bottom - box.top,
    ...(keepPage ? { pageBox: { x: box.left, y: box.top } } : {}),
    hull: hullOf(blocks),
    blocks,
  }
}
