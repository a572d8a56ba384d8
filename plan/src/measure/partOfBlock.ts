import { boxOf, type Point } from '@thimble/core/plane'
import { pointsOf } from '../flatPoints'
import type { PieceDesign } from './pieceDesign'

/** Which part of a grouped design a block of it belongs to, by where it is drawn; null where that is not known. */
export function partOfBlock({
  parts,
  sketch,
}: Pick<PieceDesign, 'parts' | 'sketch'>): (block: number) => number | null {
  const middles = parts.map(({ hull }) => middleOf(hull))
  return (block) => {
    const drawn = sketch?.[block]
    if (!drawn || middles.length === 0) return null
    const at = middleOf(pointsOf([...drawn.areas, ...drawn.lines].flat()))
    const far = middles.map((p) => Math.hypot(p.x - at.x, p.y - at.y))
    return far.indexOf(Math.min(...far))
  }
}

function middleOf(points: readonly Point[]): Point {
  if (points.length === 0) return { x: 0, y: 0 }
  const { left, right, top, bottom } = boxOf(points)
  return { x: (left + right) / 2, y: (top + bottom) / 2 }
}
