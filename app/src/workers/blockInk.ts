import type { DesignBlock } from '@thimble/core/design'
import type { Point } from '@thimble/core/plane'

/**
 * A block as it is drawn: points x, y in turn, and where each run begins (in points). Runs of stitches are open lines,
 * runs of artwork closed outlines painted by the even-odd rule.
 */
export type BlockInk = { colour: string; stitched: boolean; points: Float32Array; starts: Uint32Array }

function packed(runs: readonly (readonly Point[])[]): Pick<BlockInk, 'points' | 'starts'> {
  const count = runs.reduce((sum, run) => sum + run.length, 0)
  const points = new Float32Array(count * 2)
  const starts = new Uint32Array(runs.length)
  let at = 0
  runs.forEach((run, i) => {
    starts[i] = at
    for (const p of run) {
      points[2 * at] = p.x
      points[2 * at + 1] = p.y
      at++
    }
  })
  return { points, starts }
}

/** Stitches keep their number: the n-th point is the n-th stitch. */
export function inkOf(block: DesignBlock): BlockInk {
  const { colour, stitches, outlines = [], moves = [] } = block
  if (!stitches) return { colour, stitched: false, ...packed(outlines) }
  const { points } = packed([stitches])
  const lifts = moves.filter((m) => m.kind !== 'stop' && m.before < stitches.length).map((m) => m.before)
  return { colour, stitched: true, points, starts: Uint32Array.from([...new Set([0, ...lifts])].sort((a, b) => a - b)) }
}
