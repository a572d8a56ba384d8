import type { Advice } from '../advice'
import type { Point } from '../plane/point'
import type { OfPatch } from './patchRoles'

/** What the machine does between two stitches; `before` is the index of the stitch it comes before. */
export type StitchMove = { before: number; kind: 'jump' | 'trim' | 'stop'; x: number; y: number }

/** A stroke of artwork: its centre lines and its width in millimetres. */
export type ArtLine = { width: number; lines: Point[][] }

/**
 * What is stitched between two colour changes. Stitch lists have `stitches` (needle points in order) and `moves`;
 * artwork has `outlines` (closed, of all that is painted; points inside an odd number of them are painted), and of
 * what it is made: `fills`, an area for each shape, and `lines`. A design known by size alone has neither.
 */
export type DesignBlock = OfPatch & {
  colour: string
  stitches?: Point[]
  moves?: StitchMove[]
  outlines?: Point[][]
  fills?: Point[][][]
  lines?: ArtLine[]
  stitchCount: number
  estimated: boolean
  jumps: number
  trims: number
}

/** What a design was read from: drawn outlines, a stitch list, or nothing but its size. */
export const designSources = ['size', 'artwork', 'stitches'] as const

/**
 * A design in its own frame: origin at the centre of its box, x to the right, y down, millimetres. `pageBox` is the
 * upper left corner of the box on the page or in the list it was read from.
 */
export type Design = {
  source: (typeof designSources)[number]
  width: number
  height: number
  pageBox?: Point
  hull: Point[]
  blocks: DesignBlock[]
  warnings: Advice[]
}

/** What `planColourOrder` needs of a block: its colour and its needle points in order, design frame. */
export type ColourBlock = OfPatch & { colour: string; stitches: Point[] }

/** The most that is read of one file. */
export const MOST_FILE_BYTES = 10_000_000
export const MOST_STITCHES = 500_000
/** No hoop and no table is larger; a coordinate beyond it is a slip. */
export const MOST_MM = 2000
