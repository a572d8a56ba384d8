import type { Hoop, Piece } from '@thimble/contract'
import type { HoldingMethod } from '@thimble/core/recipe'
import { canRingLie, fieldBox, type HoopChoice, type MachineSide, roomInHoop } from '@thimble/core/hooping'
import { applyPose, boxOf, composePose, inversePose, type Point, type Pose } from '@thimble/core/plane'
import type { Named } from '@thimble/core/messages'
import { CoreError } from '@thimble/core/errors'
import { type ItemShape, withOwnZones } from '@thimble/core/placement'
import type { Marked } from '../measure/placed'
import { readZones } from '../measure/readPiece'
import { kindOf } from '../pieces/kindOf'
import { sourceOf } from './hoopSource'
import { itemAsMade } from './itemAsMade'

/** What of a ring's inside cannot be sewn, where it was not measured: from its edge to the field (craft.md section 3). */
const UNSEWABLE = 12
/** A line farther from the design than this is not what it is lined up by. */
const NEAR = 90

/**
 * A line of the piece laid along the ring's inside edge: which, along which side, how far the field begins from it and how
 * far the design's nearest edge lies from it, and where the design then lies in the hoop.
 */
export type LineUp = {
  line: string
  name: Named
  side: MachineSide
  fieldFrom: number
  designFrom: number
  pose: Pose
}

/** What is counted from and cannot be seen or felt on the cloth: middles, and a garment's levels and sides. */
const MIDDLES = new Set(['centre', 'middle'])
const LEVELS = new Set(['underarm', 'shoulder', 'neck', 'left', 'right', 'crotch', 'waist'])

type LineUpInput = {
  piece: Pick<Piece, 'item' | 'measure'>
  marked: Marked
  plan: {
    hoop: Hoop | null
    chosen: (Pick<HoopChoice, 'pose' | 'target' | 'fits'> & { method: HoldingMethod }) | null
  }
}

/**
 * Ways to line the piece up by the ring itself, for the hoop that is chosen; none where the design does not reach so far, or
 * where a ring that holds the cloth would not lie on it.
 */
export function waysToLineUp({ piece, marked, plan: { hoop, chosen } }: LineUpInput): LineUp[] {
  const { placed, design } = marked
  if (!placed || !hoop || !chosen?.target || !chosen.fits) return []
  const { target, pose, method } = chosen
  const frame = composePose(pose, inversePose(target))
  const outline = design.hull.map((p) => applyPose(pose, p))
  const floats = method === 'floated' || method === 'backing-alone'
  const mayLie = (way: LineUp): boolean => floats || canRingLie(sourceOf(hoop), way.pose, target, placed.item)
  return linesToLay(piece, marked).flatMap(({ id, name, ends }) => {
    const found = alongSide(ends.map((p) => applyPose(frame, p)) as [Point, Point], outline)
    if (!found || found.far > NEAR) return []
    return fitting({ line: id, name, ...found }, hoop, pose, design.hull).filter(mayLie)
  })
}

/** The item's lines that a hand can see or feel, by two of their points. */
function linesToLay(piece: LineUpInput['piece'], marked: Marked): { id: string; name: Named; ends: [Point, Point] }[] {
  const worn = kindOf(piece).worn ?? false
  return linesFound(piece, marked)
    .filter(({ id }) => !MIDDLES.has(id) && !(worn && LEVELS.has(id)))
    .map(({ id, name, axis, at }) => {
      const point = (along: number): Point => (axis === 'level' ? { x: along, y: at } : { x: at, y: along })
      return { id, name, ends: [point(-50), point(50)] }
    })
}

/** The item’s own, and a stripe or a seam found on this very piece; without these where they do not agree with it. */
function linesFound(piece: LineUpInput['piece'], marked: Marked): ItemShape['lines'] {
  const made = itemAsMade(piece, marked.measures)
  if (!made) return []
  try {
    return withOwnZones(made, readZones(piece.measure.zones, {})).lines
  } catch (error) {
    if (error instanceof CoreError) return made.lines
    throw error
  }
}

type SideOffset = { side: MachineSide; far: number }

/** On which side of the design a level or upright line lies in the hoop, and how far from its nearest edge. */
function alongSide([a, b]: [Point, Point], outline: readonly Point[]): SideOffset | null {
  const box = boxOf(outline)
  const level = Math.abs(a.y - b.y) < 0.5
  if (!level && Math.abs(a.x - b.x) >= 0.5) return null
  const sides: SideOffset[] = level
    ? [
        { side: 'front', far: a.y - box.bottom },
        { side: 'back', far: box.top - a.y },
      ]
    : [
        { side: 'throat', far: a.x - box.right },
        { side: 'carriage', far: box.left - a.x },
      ]
  return sides.find(({ far }) => far > 0) ?? null
}

function fitting(
  { line, name, side, far }: SideOffset & { line: string; name: Named },
  hoop: Hoop,
  pose: Pose,
  hull: Point[],
): LineUp[] {
  const [field, box] = [fieldBox(hoop.field), boxOf(hull.map((p) => applyPose(pose, p)))]
  const moves: Record<MachineSide, Point> = {
    front: { x: 0, y: field.bottom + UNSEWABLE - far - box.bottom },
    back: { x: 0, y: field.top - UNSEWABLE + far - box.top },
    throat: { x: field.right + UNSEWABLE - far - box.right, y: 0 },
    carriage: { x: field.left - UNSEWABLE + far - box.left, y: 0 },
  }
  const moved = { ...pose, x: pose.x + moves[side].x, y: pose.y + moves[side].y }
  if (!roomInHoop({ hull, field: hoop.field, pose: moved }).fits) return []
  return [{ line, name, side, fieldFrom: UNSEWABLE, designFrom: far, pose: moved }]
}
