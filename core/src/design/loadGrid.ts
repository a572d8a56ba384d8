import { areaOf, insidePolygons } from '../plane/polygons'
import { boxOf } from '../plane/box'
import type { Point } from '../plane/point'
import { CELL_MM, eachCellCrossed } from './cells'
import type { ArtLine, Design, DesignBlock } from './design'
import { areaWork, filledAreas, lineWork } from './estimate'
import { eachStitch } from './stitchesOf'

/**
 * Stitches per cm2 in squares of 2 mm, in the design frame: cell (c, r) covers x from 2 (column0 + c) on. `load` runs
 * row by row; a cell that no stitch crosses is -1, one that is only crossed is 0.
 */
export type LoadGrid = { cellMm: number; column0: number; row0: number; columns: number; rows: number; load: number[] }

const PER_CM2 = 100 / (CELL_MM * CELL_MM)

class Counter {
  readonly column0: number
  readonly row0: number
  readonly columns: number
  readonly rows: number
  readonly count: Float64Array
  readonly crossed: Uint8Array

  constructor(width: number, height: number) {
    this.column0 = Math.floor((-width / 2 - 1e-6) / CELL_MM)
    this.row0 = Math.floor((-height / 2 - 1e-6) / CELL_MM)
    this.columns = Math.floor((width / 2 + 1e-6) / CELL_MM) - this.column0 + 1
    this.rows = Math.floor((height / 2 + 1e-6) / CELL_MM) - this.row0 + 1
    this.count = new Float64Array(this.columns * this.rows)
    this.crossed = new Uint8Array(this.columns * this.rows)
  }

  at(column: number, row: number): number {
    return (row - this.row0) * this.columns + column - this.column0
  }

  add(p: Point, stitches = 1): void {
    const i = this.at(Math.floor(p.x / CELL_MM), Math.floor(p.y / CELL_MM))
    this.count[i]! += stitches
    this.crossed[i] = 1
  }

  cross = (column: number, row: number): void => {
    this.crossed[this.at(column, row)] = 1
  }

  grid(): LoadGrid {
    const { column0, row0, columns, rows, count, crossed } = this
    const load = Array.from(count, (n, i) => (crossed[i] ? n * PER_CM2 : -1))
    return { cellMm: CELL_MM, column0, row0, columns, rows, load }
  }
}

function countStitches(counter: Counter, block: DesignBlock): void {
  for (const p of block.stitches ?? []) counter.add(p)
  eachStitch(block, (a, b) => eachCellCrossed(a, b, counter.cross))
}

/** Looked at in quarter squares: enough for a picture of where it is heavy. */
const SAMPLE_MM = CELL_MM / 4

function countFills(counter: Counter, area: readonly Point[][]): void {
  if (area.length === 0) return
  const box = boxOf(area.flat())
  // Spread evenly over the shape: enough to see where it is heavy.
  const per = (areaWork(area).stitches / (areaOf(area) || 1)) * SAMPLE_MM * SAMPLE_MM
  const from = (edge: number): number => (Math.floor(edge / SAMPLE_MM) + 0.5) * SAMPLE_MM
  for (let y = from(box.top); y < box.bottom; y += SAMPLE_MM)
    for (const x of insidePolygons(area, y, from(box.left), SAMPLE_MM)) within(counter, { x, y }, per)
}

/** Walks the lines in short steps and lays each step's stitches where they go in: on the line, or at both its edges. */
function countLine(counter: Counter, { width, lines }: ArtLine): void {
  const { perMm, across } = lineWork(width)
  for (const line of lines)
    for (let i = 1; i < line.length; i++) {
      const [a, b] = [line[i - 1]!, line[i]!]
      const length = Math.hypot(b.x - a.x, b.y - a.y)
      const steps = Math.max(1, Math.ceil(length / SAMPLE_MM))
      const per = (length * perMm) / steps
      const [nx, ny] = length > 0 ? [(a.y - b.y) / length, (b.x - a.x) / length] : [0, 0]
      for (let s = 0; s < steps; s++) {
        const t = (s + 0.5) / steps
        const at = { x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t }
        for (const off of across) within(counter, { x: at.x + nx * off, y: at.y + ny * off }, per / across.length)
      }
    }
}

/** A clipped stroke's far edge may lie off the design. */
function within(counter: Counter, p: Point, stitches: number): void {
  const column = Math.floor(p.x / CELL_MM) - counter.column0
  const row = Math.floor(p.y / CELL_MM) - counter.row0
  if (column >= 0 && row >= 0 && column < counter.columns && row < counter.rows) counter.add(p, stitches)
}

/** Where the stitches are: counted for a stitch list, worked out from the areas and lines of artwork, null by size. */
export function loadGrid(design: Design): LoadGrid | null {
  if (design.source === 'size') return null
  const counter = new Counter(design.width, design.height)
  for (const block of design.blocks) {
    countStitches(counter, block)
    for (const area of filledAreas(block)) countFills(counter, area)
    for (const line of block.lines ?? []) countLine(counter, line)
  }
  return counter.grid()
}
