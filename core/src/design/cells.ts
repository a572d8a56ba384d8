import type { Point } from '../plane/point'

/** Side of the squares in which load is counted and overlaps are looked for (core.md section 7). */
export const CELL_MM = 2

/**
 * Calls back for every cell that the straight line from `a` to `b` runs through, ends included; cells are
 * floor(x / 2), floor(y / 2). Grid traversal after Amanatides and Woo, 1987; through a corner it steps across.
 */
// eslint-disable-next-line complexity -- one walk, a step each way
export function eachCellCrossed(a: Point, b: Point, visit: (column: number, row: number) => void): void {
  let column = Math.floor(a.x / CELL_MM)
  let row = Math.floor(a.y / CELL_MM)
  const lastColumn = Math.floor(b.x / CELL_MM)
  const lastRow = Math.floor(b.y / CELL_MM)
  visit(column, row)
  if (column === lastColumn && row === lastRow) return
  const dx = b.x - a.x
  const dy = b.y - a.y
  const stepX = dx > 0 ? 1 : -1
  const stepY = dy > 0 ? 1 : -1
  const edgeX = (column + (dx > 0 ? 1 : 0)) * CELL_MM
  const edgeY = (row + (dy > 0 ? 1 : 0)) * CELL_MM
  let atX = dx === 0 ? Infinity : (edgeX - a.x) / dx
  let atY = dy === 0 ? Infinity : (edgeY - a.y) / dy
  const perX = dx === 0 ? Infinity : CELL_MM / Math.abs(dx)
  const perY = dy === 0 ? Infinity : CELL_MM / Math.abs(dy)
  let left = Math.abs(lastColumn - column) + Math.abs(lastRow - row)
  while (left > 0) {
    if (row === lastRow || (column !== lastColumn && atX <= atY)) {
      if (atX === atY && row !== lastRow) {
        row += stepY
        atY += perY
        left--
      }
      column += stepX
      atX += perX
    } else {
      row += stepY
      atY += perY
    }
    left--
    visit(column, row)
  }
}
