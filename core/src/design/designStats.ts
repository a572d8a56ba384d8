import { changesIn } from './changesIn'
import type { Point } from '../plane/point'
import type { LoadClass } from '../recipe/recipeQuery'
import type { Design, DesignBlock } from './design'
import { reckoned } from './estimate'
import { estimateLoad, loadClassOf } from './estimateLoad'
import { type LoadGrid, loadGrid } from './loadGrid'
import { eachStitch } from './stitchesOf'

export type BlockStats = {
  colour: string
  stitches: number
  lengthMm: number
  jumps: number
  trims: number
  estimated: boolean
}

/**
 * What a design is in numbers. `meanLoad` and `load95` are stitches per cm2 over the stitched cells of the grid;
 * lengths of stitches in millimetres, null where there are no real stitches.
 */
export type DesignStats = {
  width: number
  height: number
  hull: Point[]
  stitchCount: number
  estimated: boolean
  colourChanges: number
  jumps: number
  trims: number
  longest: number | null
  shortest: number | null
  /** Stitches under 0.5 mm and over 12 mm. */
  short: number
  long: number
  meanLoad: number
  load95: number
  loadClass: LoadClass
  grid: LoadGrid | null
  blocks: BlockStats[]
}

const SHORT_MM = 0.5
const LONG_MM = 12

type Extremes = { longest: number | null; shortest: number | null; short: number; long: number }

function statsOf(block: DesignBlock, seen: Extremes): BlockStats {
  const { colour, stitchCount, jumps, trims, estimated } = block
  let lengthMm = block.stitches ? 0 : reckoned(block).lengthMm
  eachStitch(block, (a, b) => {
    const length = Math.hypot(b.x - a.x, b.y - a.y)
    lengthMm += length
    if (seen.longest === null || length > seen.longest) seen.longest = length
    if (seen.shortest === null || length < seen.shortest) seen.shortest = length
    if (length < SHORT_MM) seen.short++
    if (length > LONG_MM) seen.long++
  })
  return { colour, stitches: stitchCount, lengthMm, jumps, trims, estimated }
}

/** The given share of the sorted numbers lies below, linearly interpolated; 0 of none. */
function percentile(sorted: readonly number[], share: number): number {
  const at = share * (sorted.length - 1)
  const below = sorted[Math.floor(at)] ?? 0
  return below + (at % 1) * ((sorted[Math.ceil(at)] ?? below) - below)
}

function loadOf(design: Design, stitchCount: number, grid: LoadGrid | null) {
  if (!grid) {
    const { mean, loadClass } = estimateLoad(design, stitchCount)
    return { meanLoad: mean, load95: mean, loadClass }
  }
  const stitched = grid.load.filter((load) => load >= 0).sort((a, b) => a - b)
  const meanLoad = stitched.reduce((sum, load) => sum + load, 0) / (stitched.length || 1)
  return { meanLoad, load95: percentile(stitched, 0.95), loadClass: loadClassOf(meanLoad) }
}

/**
 * Measures a design: counts, lengths, load. A stitch goes from one needle point to the next with no jump or trim
 * between; the thread across a jump is cut off and counts as no stitch. A cell is stitched when a stitch crosses it,
 * and its load is the needle points in it.
 *
 * Source: core.md section 7; load classes craft.md section 5.
 *
 * @throws CoreError('bad-design') for a design without size or stitches
 * @example designStats(readStitchCsv(text)).blocks[0].lengthMm // 4, of the two stitches 4 mm apart
 */
export function designStats(design: Design): DesignStats {
  const seen: Extremes = { longest: null, shortest: null, short: 0, long: 0 }
  const blocks = design.blocks.map((block) => statsOf(block, seen))
  const sum = (of: (b: BlockStats) => number): number => blocks.reduce((all, b) => all + of(b), 0)
  const stitchCount = sum((b) => b.stitches)
  const grid = loadGrid(design)
  return {
    width: design.width,
    height: design.height,
    hull: design.hull,
    stitchCount,
    estimated: blocks.some((b) => b.estimated),
    colourChanges: changesIn(blocks.map((b) => b.colour)),
    jumps: sum((b) => b.jumps),
    trims: sum((b) => b.trims),
    ...seen,
    ...loadOf(design, stitchCount, grid),
    grid,
    blocks,
  }
}
