import type { DesignCard, Piece } from '@thimble/contract'
import {
  changeOutline,
  estimateLoad,
  loadClassOf,
  type OfPatch,
  sizedHull,
  type SketchBlock,
} from '@thimble/core/design'
import type { Point } from '@thimble/core/plane'
import type { LoadClass, WorkKind } from '@thimble/core/recipe'
import { pointsOf } from '../flatPoints'
import { patchesOf } from './patches'
import { readCount, readTyped } from './readTyped'

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
  /** What each of its blocks does for a patch of applied cloth; empty: it has none, or nobody said. */
  patches: OfPatch[]
  smallestLetterMm: number | null
  /** The colours its letters under 6 mm are in; none: not known. */
  smallLetterColours: string[]
  /** Its true hull when it was read from a file, else what its size is taken to be filled by; design frame. */
  hull: Point[]
  sketch: SketchBlock[] | null
  /** What it is grouped of, in its own frame; empty: it is of one piece. */
  parts: { name: string; hull: Point[] }[]
  /** What the piece does to the shelf's design; null: nothing. */
  change: Piece['measure']['ownChange']
  assumed: boolean
  /** One was chosen that is not on this device: nothing may be planned by a guess of it. */
  missing: boolean
}

const STAND_IN = { width: 80, height: 60 }

/** The hull of a design on the shelf, its true outline or what its size is taken to be filled by. */
export function hullOf({
  summary,
  width,
  height,
  shape,
}: Pick<DesignCard, 'summary' | 'width' | 'height' | 'shape'>): Point[] {
  const flat = summary?.hull ?? []
  if (flat.length < 6) return sizedHull(width, height, shape)
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

type Designed = { measure: Pick<Piece['measure'], 'designId' | 'ownDesign' | 'ownChange'> }

/** As it is on the shelf with what this piece does to it, or as its size was typed. */
export function designOf(
  { measure: { designId, ownDesign, ownChange } }: Designed,
  designs: Record<string, DesignCard>,
  usual = STAND_IN,
): PieceDesign {
  const shelved = designId ? designs[designId] : undefined
  return shelved ? shelvedDesign(shelved, ownChange) : sizedDesign(ownDesign, Boolean(designId), usual)
}

/** A design of the shelf as a piece has it. */
export function shelvedDesign(card: DesignCard, change: Piece['measure']['ownChange']): PieceDesign {
  const { mean, loadClass } = loadOf(card)
  const { id, name, width, height, kind, colours, smallestLetterMm, smallLetterColours, summary } = card
  const seen = { width, height, hull: hullOf(card), sketch: summary?.sketch ?? null, load: mean, smallestLetterMm }
  const own = change ? changeOutline(seen, change, card.source === 'artwork') : seen
  const asLoaded = own.load === mean ? loadClass : loadClassOf(own.load ?? mean)
  const parts = change ? changeParts(partsOf(card), change) : partsOf(card)
  const patches = patchesOf(card)
  return {
    id,
    name,
    kind,
    colours,
    patches,
    // One that was sewn over with another colour since is no longer known.
    smallLetterColours: smallLetterColours.filter((colour) => colours.includes(colour)),
    ...own,
    parts,
    change,
    loadClass: asLoaded,
    assumed: false,
    missing: false,
  }
}

type Parts = PieceDesign['parts']

const partsOf = ({ parts, change }: DesignCard): Parts =>
  changeParts(
    parts.map(({ name, hull }) => ({ name, hull: pointsOf(hull) })),
    change,
  )

/** Parts as their whole is changed: about the middle of all of them. */
function changeParts(parts: Parts, change: NonNullable<PieceDesign['change']>): Parts {
  const known = { width: 0, height: 0, sketch: null, load: null, smallestLetterMm: null }
  const hull = parts.flatMap((part) => part.hull)
  if (hull.length === 0) return []
  const changed = changeOutline({ ...known, hull }, change, true).hull
  let from = 0
  return parts.map(({ name, hull: { length } }) => ({ name, hull: changed.slice(from, (from += length)) }))
}

function sizedDesign(own: Piece['measure']['ownDesign'], missing: boolean, usual: typeof STAND_IN): PieceDesign {
  const typed = [readTyped(own.width).mm, readTyped(own.height).mm]
  const [width, height] = [typed[0] || usual.width, typed[1] || usual.height]
  const stitches = readCount(own.stitches).value
  const load = stitches ? estimateLoad({ width, height }, stitches, own.kind) : null
  return {
    id: null,
    name: null,
    width,
    height,
    loadClass: load?.loadClass ?? own.load,
    load: load?.mean ?? null,
    kind: own.kind,
    colours: [own.colour],
    patches: [],
    smallestLetterMm: null,
    smallLetterColours: [],
    hull: sizedHull(width, height, own.shape),
    sketch: null,
    parts: [],
    change: null,
    assumed: !typed[0] || !typed[1],
    missing,
  }
}
