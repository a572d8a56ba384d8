import type { HoopingAtHand } from '../hoop/hoopingAtHand'
import type { Marked } from '../measure/placed'
import { partOfBlock } from '../measure/partOfBlock'
import { composePose, inversePose, type Pose } from '@thimble/core/plane'

/** Which blocks of a design are sewn in the hooping at hand: all, or of a long design those of its parts that lie there. */
export function blocksSewn({ design }: Pick<Marked, 'design'>, parts: readonly number[] | null): number[] | null {
  if (!parts || design.parts.length === 0 || !design.sketch) return null
  const partOf = partOfBlock(design)
  return design.sketch.flatMap((_, i) => (parts.includes(partOf(i)!) ? [i] : []))
}

/** Where each copy of the hooping at hand lies in the hoop, by where the hooping itself lies there as it was dialled. */
export function copiesInHoop({ placed }: Marked, at: HoopingAtHand, dialled: Pose): Pose[] {
  const lies = composePose(dialled, inversePose(at.target))
  const copies = (placed?.copies ?? []).slice(at.copies.from, at.copies.to + 1)
  return copies.length > 0 ? copies.map(({ pose }) => composePose(lies, pose)) : [dialled]
}
