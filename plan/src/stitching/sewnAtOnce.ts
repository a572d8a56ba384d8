import type { HoopingAtHand } from '../hoop/hoopingAtHand'
import type { Marked } from '../measure/placed'
import { boxOf, composePose, inversePose, type Point, type Pose } from '@thimble/core/plane'

/** Which blocks of a design are sewn in the hooping at hand: all, or of a long design those of its parts that lie there. */
export function blocksSewn({ design }: Pick<Marked, 'design'>, parts: readonly number[] | null): number[] | null {
  if (!parts || design.parts.length === 0 || !design.sketch) return null
  const middles = design.parts.map(({ hull }) => middleOf(hull))
  return design.sketch.flatMap(({ areas, lines }, i) => {
    const points = [...areas, ...lines].flat()
    const at = middleOf(
      Array.from({ length: points.length / 2 }, (_, n) => ({ x: points[2 * n]!, y: points[2 * n + 1]! })),
    )
    const far = middles.map((p) => Math.hypot(p.x - at.x, p.y - at.y))
    return parts.includes(far.indexOf(Math.min(...far))) ? [i] : []
  })
}

function middleOf(points: readonly Point[]): Point {
  if (points.length === 0) return { x: 0, y: 0 }
  const { left, right, top, bottom } = boxOf(points)
  return { x: (left + right) / 2, y: (top + bottom) / 2 }
}

/** Where each copy of the hooping at hand lies in the hoop, by where the hooping itself lies there as it was dialled. */
export function copiesInHoop({ placed }: Marked, at: HoopingAtHand, dialled: Pose): Pose[] {
  const lies = composePose(dialled, inversePose(at.target))
  const copies = (placed?.copies ?? []).slice(at.copies.from, at.copies.to + 1)
  return copies.length > 0 ? copies.map(({ pose }) => composePose(lies, pose)) : [dialled]
}
