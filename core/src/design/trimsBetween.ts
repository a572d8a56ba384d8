import { boxOf } from '../plane/box'
import type { Point } from '../plane/point'
import type { DesignBlock } from './design'
import { filledAreas } from './estimate'

/** The thread is cut where the needle has farther to go than this without sewing. */
const TRIM_BEYOND_MM = 3

type Piece = { ends: readonly Point[] | null; box: ReturnType<typeof boxOf> }

/** Times the thread is cut within a block of artwork, sewn shape by shape and line by line as it is drawn. */
export function trimsBetween(block: Pick<DesignBlock, 'fills' | 'lines' | 'outlines'>): number {
  const shapes = filledAreas(block).filter((area) => area.some((ring) => ring.length > 0))
  const lines = (block.lines ?? []).flatMap((one) => one.lines).filter((line) => line.length > 0)
  const pieces: Piece[] = [
    ...shapes.map((area) => ({ ends: null, box: boxOf(area.flat()) })),
    ...lines.map((line) => ({ ends: [line[0]!, line.at(-1)!], box: boxOf([...line]) })),
  ]
  return pieces.filter((piece, i) => i > 0 && apart(pieces[i - 1]!, piece) > TRIM_BEYOND_MM).length
}

/** Between two lines from end to end, as a hand would turn them; else between what they lie in. */
function apart(a: Piece, b: Piece): number {
  if (a.ends && b.ends) return Math.min(...a.ends.flatMap((p) => b.ends!.map((q) => Math.hypot(p.x - q.x, p.y - q.y))))
  const across = Math.max(0, a.box.left - b.box.right, b.box.left - a.box.right)
  const down = Math.max(0, a.box.top - b.box.bottom, b.box.top - a.box.bottom)
  return Math.hypot(across, down)
}
