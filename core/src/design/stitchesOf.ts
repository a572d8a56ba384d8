import type { Point } from '../plane/point'
import type { DesignBlock } from './design'

/** Calls back for each stitch that has a length: from one needle point to the next with no jump or trim between. */
export function eachStitch(
  { stitches = [], moves = [] }: Pick<DesignBlock, 'stitches' | 'moves'>,
  visit: (from: Point, to: Point) => void,
): void {
  let next = 0
  for (let i = 1; i < stitches.length; i++) {
    let broken = false
    for (; next < moves.length && moves[next]!.before <= i; next++)
      if (moves[next]!.before === i && moves[next]!.kind !== 'stop') broken = true
    if (!broken) visit(stitches[i - 1]!, stitches[i]!)
  }
}
