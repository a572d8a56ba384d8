import { message } from '../../messages/message'
import { CoreError } from '../../errors'
import { applyPose, type Point, type Pose } from '../../plane/point'
import { centredDesign, mapBlock } from '../centred'
import { type Design, MOST_MM, MOST_STITCHES } from '../design'

/** A design in a group: where its middle lies, how far it is turned, and whether left and right change places. */
export type GroupPart = { design: Design; pose: Pose; mirror?: boolean }

export type GroupLayout = 'below' | 'beside' | 'around'

/** How far a part is moved from where the layout puts it, millimetres to the right and down. */
type Shift = Point

/**
 * Poses that set parts by their boxes: each below the one before, each beside it, or the first in the middle with the
 * second on its left and a mirror image of it on its right (two sprigs about a name).
 *
 * @param gap millimetres of cloth between boxes; less than nothing lets them overlap
 * @param shifts moves a part after the layout, and no other with it; of two mirrored parts the left one, and the right
 *   one the other way
 * @example layGroup([badge, name], 'below', 6)[1].pose.y // half of both heights and 6
 */
export function layGroup(
  designs: readonly Design[],
  layout: GroupLayout,
  gap: number,
  shifts: readonly Shift[] = [],
): GroupPart[] {
  const [first, second] = designs
  if (!first || !second) throw new CoreError('bad-request', message('problem.a-group-needs-at-least'), 'parts')
  if (!Number.isFinite(gap)) throw new CoreError('bad-request', message('problem.the-space-between-must-be'), 'gap')
  if (!shifts.every(({ x, y }) => Number.isFinite(x + y)))
    throw new CoreError('bad-request', message('problem.a-shift-is-a-length'), 'shifts')
  const at = (x: number, y: number, part: number, way = 1): Pose => {
    const { x: right, y: down } = shifts[part] ?? { x: 0, y: 0 }
    return { x: x + way * right, y: y + down, rotation: 0 }
  }
  if (layout === 'around') {
    const off = first.width / 2 + gap + second.width / 2
    return [
      { design: second, pose: at(-off, 0, 1) },
      { design: first, pose: at(0, 0, 0) },
      { design: second, pose: at(off, 0, 1, -1), mirror: true },
    ]
  }
  let edge = 0
  return designs.map((design, i) => {
    const size = layout === 'below' ? design.height : design.width
    const middle = i === 0 ? 0 : edge + gap + size / 2
    edge = middle + size / 2
    return { design, pose: layout === 'below' ? at(0, middle, i) : at(middle, 0, i) }
  })
}

/**
 * Two or more designs as one, stitched in the order given. Real stitches stay real; with any artwork among them the
 * whole is artwork and counts as an estimate.
 *
 * @throws CoreError('bad-request') for a design known by size alone, 'too-large' beyond 500,000 stitches or 2000 mm
 * @example groupDesigns(layGroup([badge, name], 'below', 6)).height // both heights and 6
 */
export function groupDesigns(parts: readonly GroupPart[]): Design {
  if (parts.length < 2) throw new CoreError('bad-request', message('problem.a-group-needs-at-least'), 'parts')
  if (parts.some(({ design }) => design.source === 'size'))
    throw new CoreError('bad-request', message('problem.a-design-you-only-know-2'), 'parts')
  const blocks = parts.flatMap(({ design, pose, mirror }) =>
    design.blocks.map((block) => mapBlock(block, (p) => applyPose(pose, mirror ? { x: -p.x, y: p.y } : p), 1)),
  )
  if (blocks.reduce((sum, b) => sum + b.stitchCount, 0) > MOST_STITCHES)
    throw new CoreError('too-large', message('problem.together-they-are-more-than'), 'parts')
  const source = parts.every(({ design }) => design.source === 'stitches') ? 'stitches' : 'artwork'
  const warnings = new Map(parts.flatMap(({ design }) => design.warnings).map((w) => [w.code, w]))
  const whole = centredDesign({ source, blocks, warnings: [...warnings.values()] }, false)
  if (Math.max(whole.width, whole.height) > MOST_MM)
    throw new CoreError('too-large', message('problem.together-they-are-larger-than', { one: MOST_MM }), 'gap')
  return whole
}
