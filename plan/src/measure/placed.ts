import type { DesignCard, MeasureDecision, Piece } from '@thimble/contract'
import type { PlacementPlan, TapeStep } from '@thimble/core/placement'
import { applyPose } from '@thimble/core/plane'
import { pointsOf } from '../flatPoints'
import { partsMoved } from './partsMoved'
import { type PieceDesign, shelvedDesign } from './pieceDesign'
import type { MeasurePlan } from './planMeasure'

/** Where the designs lie and how a hand marks them: what a plan comes to, and what is kept of it once it is decided. */
export type Placed = Pick<
  PlacementPlan,
  'item' | 'pose' | 'copies' | 'outlines' | 'row' | 'marks' | 'tapes' | 'placed'
> & {
  steps: readonly Pick<TapeStep, 'id' | 'said' | 'marks'>[]
}

/** What the later stages rest on: as it was decided, or as it stands while nothing is. */
export type Marked = {
  design: PieceDesign
  placed: Placed | null
  /** Millimetres, as they were read from the tape. */
  measures: Readonly<Record<string, number>>
  decided: boolean
}

/** `plan`: as it stands; not looked at once something was decided. */
export function markedOf(
  [kept]: Piece['measure']['kept'],
  plan: Pick<MeasurePlan, 'design' | 'placement' | 'measures'> | null,
  designs: Readonly<Record<string, DesignCard>>,
  moved: Piece['hoop']['moved'] = {},
): Marked {
  if (kept)
    return {
      design: partsMoved(keptDesign(kept, designs), moved),
      placed: keptPlaced(kept),
      measures: kept.measures,
      decided: true,
    }
  if (!plan) throw new Error('Nothing was decided and nothing is planned.')
  return { design: partsMoved(plan.design, moved), placed: plan.placement, measures: plan.measures, decided: false }
}

const alike = (a: number, b: number): boolean => Math.abs(a - b) < 1e-6

/** The design as it was when the marks were decided; drawn by its sketch while the shelf's is still that large. */
function keptDesign({ design }: MeasureDecision, designs: Readonly<Record<string, DesignCard>> = {}): PieceDesign {
  const { hull, parts, ...known } = design
  const card = design.id ? designs[design.id] : undefined
  const shelved = card && shelvedDesign(card, design.change)
  const same = shelved && alike(shelved.width, design.width) && alike(shelved.height, design.height)
  return {
    ...known,
    hull: pointsOf(hull),
    parts: parts.map((part) => ({ name: part.name, hull: pointsOf(part.hull) })),
    sketch: (same && shelved.sketch) || null,
    // Said of the shelf's design at any time, and then so for what is sewn from it.
    patches: shelved?.patches ?? [],
    smallLetterColours: shelved?.smallLetterColours ?? [],
    assumed: false,
    missing: false,
  }
}

const placedBefore = new WeakMap<MeasureDecision, Placed>()

/** Worked out of what was kept, once: it never changes. */
export function keptPlaced(kept: MeasureDecision): Placed {
  const known = placedBefore.get(kept)
  if (known) return known
  const { item, copies, row, marks, tapes, steps, placed, design } = kept
  const hull = pointsOf(design.hull)
  const shape = {
    ...item,
    outline: pointsOf(item.outline),
    details: item.details.map((d) => ({ ...d, points: pointsOf(d.points) })),
    zones: item.zones.map((z) => ({ ...z, outline: pointsOf(z.outline) })),
    tapes: [],
    lines: [],
  }
  const made: Placed = {
    item: shape,
    pose: copies[0]!.pose,
    copies,
    outlines: copies.map(({ pose }) => hull.map((p) => applyPose(pose, p))),
    row: row && { ...row, hoopings: null },
    marks,
    tapes,
    steps,
    placed,
  }
  placedBefore.set(kept, made)
  return made
}
