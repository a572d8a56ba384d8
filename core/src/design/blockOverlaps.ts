import { boxOf } from '../plane/box'
import { insidePolygons } from '../plane/polygons'
import { CELL_MM, eachCellCrossed } from './cells'
import type { ColourBlock, DesignBlock } from './design'
import { eachStitch } from './stitchesOf'

/** A block as the overlaps see it: needle points, and moves or painted outlines where they are known. */
export type OrderedBlock = ColourBlock & Pick<DesignBlock, 'moves' | 'outlines'>

/** The cells a block's stitches cross, each grown by its eight neighbours, as bits of one grid's rows. */
type Area = { top: number; bottom: number; rows: Map<number, Set<number>>; crossed: Set<number> }

function areaOfBlock(block: OrderedBlock): Area {
  const rows = new Map<number, Set<number>>()
  const crossed = new Set<number>()
  const OFFSET = 1 << 20
  const visit = (column: number, row: number): void => {
    const key = (column + OFFSET) * (OFFSET * 2) + row + OFFSET
    if (crossed.has(key)) return
    crossed.add(key)
    for (let r = row - 1; r <= row + 1; r++) {
      const cells = rows.get(r) ?? rows.set(r, new Set()).get(r)!
      cells
        .add(column - 1)
        .add(column)
        .add(column + 1)
    }
  }
  for (const p of block.stitches) visit(Math.floor(p.x / CELL_MM), Math.floor(p.y / CELL_MM))
  eachStitch(block, (a, b) => eachCellCrossed(a, b, visit))
  paintedCells(block.outlines ?? [], visit)
  const tall = [...rows.keys()]
  return { top: Math.min(...tall), bottom: Math.max(...tall), rows, crossed }
}

function paintedCells(outlines: NonNullable<DesignBlock['outlines']>, visit: (c: number, r: number) => void): void {
  for (const line of outlines)
    for (let i = 0; i < line.length; i++) eachCellCrossed(line[i]!, line[(i + 1) % line.length]!, visit)
  if (outlines.length === 0) return
  const box = boxOf(outlines.flat())
  const middle = (edge: number): number => (Math.floor(edge / CELL_MM) + 0.5) * CELL_MM
  for (let y = middle(box.top); y < box.bottom; y += CELL_MM)
    for (const x of insidePolygons(outlines, y, middle(box.left), CELL_MM))
      visit(Math.floor(x / CELL_MM), Math.floor(y / CELL_MM))
}

function meet(a: Area, b: Area): boolean {
  for (let row = Math.max(a.top, b.top); row <= Math.min(a.bottom, b.bottom); row++) {
    const [one, other] = [a.rows.get(row), b.rows.get(row)]
    if (!one || !other) continue
    const [few, many] = one.size < other.size ? [one, other] : [other, one]
    for (const cell of few) if (many.has(cell)) return true
  }
  return false
}

function overlie({ crossed: a }: Area, { crossed: b }: Area): boolean {
  const [few, many] = a.size < b.size ? [a, b] : [b, a]
  for (const cell of few) if (many.has(cell)) return true
  return false
}

/** For each block, the earlier blocks it has to stay after: those whose stitched area it touches. */
export function blockOverlaps(blocks: readonly OrderedBlock[]): number[][] {
  const areas = blocks.map(areaOfBlock)
  return areas.map((area, j) => areas.slice(0, j).flatMap((earlier, i) => (meet(earlier, area) ? [i] : [])))
}

/** Two blocks by their place, the earlier one first. */
export type BlockPair = readonly [earlier: number, later: number]

/**
 * Blocks that only lie near each other, under about 4 mm, and so count as touching: no cell is stitched by both.
 *
 * Source: core.md section 7.
 *
 * @example nearBlocks([a dot at 0, 0; one at 3, 0; one at 30, 0]) // [[0, 1]]
 */
export function nearBlocks(blocks: readonly OrderedBlock[]): BlockPair[] {
  const areas = blocks.map(areaOfBlock)
  return areas.flatMap((later, j) =>
    areas
      .slice(0, j)
      .flatMap((earlier, i): BlockPair[] => (meet(earlier, later) && !overlie(earlier, later) ? [[i, j]] : [])),
  )
}
