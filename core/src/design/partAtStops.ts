import type { DesignBlock } from './design'
import { outlineOfBlock, outlinesSewnOver } from './outline'

/**
 * A block of one thread in which the machine stops to have cloth laid or trimmed: its parts from stop to stop, where one
 * of them sews over another; any other block as it is.
 *
 * Source: core.md section 7.
 *
 * @example partAtStops(block of an outline, a stop, the same outline) // two blocks, the first ends with the stop
 */
export function partAtStops(block: DesignBlock): DesignBlock[] {
  const { stitches = [], moves = [] } = block
  const stops = moves.filter(({ kind, before }) => kind === 'stop' && before > 0 && before < stitches.length)
  if (stops.length === 0) return [block]
  const cuts = [0, ...new Set(stops.map(({ before }) => before)), stitches.length]
  const parts = cuts.slice(1).map((to, i): DesignBlock => {
    const from = cuts[i]!
    // Moves at a cut belong to what was sewn before it.
    const own = moves.filter(({ before }) => before <= to && (before > from || from === 0))
    const of = (kind: string): number => own.filter((move) => move.kind === kind).length
    return {
      ...block,
      stitches: stitches.slice(from, to),
      moves: own.map((move) => ({ ...move, before: move.before - from })),
      ...{ stitchCount: to - from, jumps: of('jump'), trims: of('trim') },
    }
  })
  return outlinesSewnOver(parts.map(outlineOfBlock)).size > 0 ? parts : [block]
}
