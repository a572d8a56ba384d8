import { type StoredAdvice, storeAdvice } from '../advice'
import type { Design } from './design'
import { type DesignStats, designStats } from './designStats'
import { packPoints } from './packDesign'
import { type SketchBlock, sketchDesign } from './sketchDesign'

/** What a card on the shelf, a piece and a hoop need of a design without having all of it. */
type DesignSummary = Pick<
  DesignStats,
  | 'estimated'
  | 'jumps'
  | 'trims'
  | 'longest'
  | 'shortest'
  | 'short'
  | 'long'
  | 'meanLoad'
  | 'load95'
  | 'loadClass'
  | 'colourChanges'
> & {
  blocks: { stitches: number; lengthMm: number; jumps: number; trims: number; estimated: boolean }[]
  hull: number[]
  sketch: SketchBlock[]
  warnings: StoredAdvice[]
}

export type SummarisedDesign = {
  source: Design['source']
  width: number
  height: number
  stitches: number
  colours: string[]
  summary: DesignSummary
}

/** The design measured, with its hull and a sketch; lengths of hull and sketch in millimetres, design frame. */
export function summariseDesign(design: Design, stats = designStats(design)): SummarisedDesign {
  const { estimated, jumps, trims, longest, shortest, short, long, meanLoad, load95, loadClass, colourChanges } = stats
  return {
    source: design.source,
    width: stats.width,
    height: stats.height,
    stitches: stats.stitchCount,
    colours: stats.blocks.map((b) => b.colour),
    summary: {
      ...{ estimated, jumps, trims, longest, shortest, short, long, meanLoad, load95, loadClass, colourChanges },
      blocks: stats.blocks.map(({ colour, ...rest }) => rest),
      hull: packPoints(design.hull).map((micron) => micron / 1000),
      sketch: sketchDesign(design),
      warnings: storeAdvice(design.warnings),
    },
  }
}
