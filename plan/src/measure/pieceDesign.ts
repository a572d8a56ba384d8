import type { DesignCard, Piece } from '@thimble/contract'
import { estimateLoad, type SketchBlock } from '@thimble/core/design'
import { type Point, rectangle } from '@thimble/core/plane'
import type { LoadClass, WorkKind } from '@thimble/core/recipe'
import { readTyped } from './readTyped'

/** The design a piece gets, from the shelf or sized by hand. `assumed` when no size is known yet. */
export type PieceDesign = {
  /** On the shelf; null: by its size. */
  id: string | null
  name: string | null
  width: number
  height: number
  loadClass: LoadClass
  load: number | null
  kind: WorkKind
  colours: string[]
  smallestLetterMm: number | null
  /** Its true hull when it was read from a file, its box otherwise; design frame. */
  hull: Point[]
  sketch: SketchBlock[] | null
  assumed: boolean
  /** One was chosen that is not on this device: nothing may be planned by a guess of it. */
  missing: boolean
}

const STAND_IN = { width: 80, height: 60 }

/** The hull of a design on the shelf, its true outline or its box. */
export function hullOf({ summary, width, height }: Pick<DesignCard, 'summary' | 'width' | 'height'>): Point[] {
  const flat = summary?.hull ?? []
  if (flat.length < 6) return rectangle(width, height)
  return Array.from({ length: flat.length / 2 }, (_, i) => ({ x: flat[2 * i]!, y: flat[2 * i + 1]! }))
}

/** Load and its class: measured where it was read from a file, estimated from the box otherwise. */
export function loadOf(design: Pick<DesignCard, 'summary' | 'width' | 'height' | 'stitches' | 'kind'>): {
  mean: number
  loadClass: LoadClass
} {
  const { summary } = design
  return summary
    ? { mean: summary.meanLoad, loadClass: summary.loadClass }
    : estimateLoad(design, design.stitches, design.kind)
}

export function designOf(
  { measure: { designId, ownDesign } }: Pick<Piece, 'measure'>,
  designs: Record<string, DesignCard>,
  usual = STAND_IN,
): PieceDesign {
  const shelved = designId ? designs[designId] : undefined
  if (shelved) {
    const { mean, loadClass } = loadOf(shelved)
    const { name, width, height, kind, colours, smallestLetterMm, summary } = shelved
    const seen = { hull: hullOf(shelved), sketch: summary?.sketch ?? null }
    return {
      id: shelved.id,
      name,
      width,
      height,
      kind,
      colours,
      smallestLetterMm,
      loadClass,
      load: mean,
      ...seen,
      assumed: false,
      missing: false,
    }
  }
  const typed = [readTyped(ownDesign.width).mm, readTyped(ownDesign.height).mm]
  const [width, height] = [typed[0] || usual.width, typed[1] || usual.height]
  return {
    id: null,
    name: null,
    width,
    height,
    loadClass: ownDesign.load,
    load: null,
    kind: ownDesign.kind,
    colours: [ownDesign.colour],
    smallestLetterMm: null,
    hull: rectangle(width, height),
    sketch: null,
    assumed: !typed[0] || !typed[1],
    missing: Boolean(designId),
  }
}
