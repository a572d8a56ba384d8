import { CoreError } from '../errors'
import { message } from '../messages/message'
import type { Laid } from './laid'
import type { PlacementContext, ScatterSpot, StepDraft } from './placementRule'
import { type Lie, sideOf } from './sides'

/** One motif of a scatter: its cross below the placement’s line, and right (positive) or left of the centre line; mm. */
export type MotifSpot = { down: number; across: number }

/**
 * The same design several times on one piece, each by its own cross (craft.md section 2).
 *
 * @param spots where each goes; none yet: one in the middle of the part
 * @throws CoreError('bad-measure') with the path of a distance that is no number
 */
export function placeScatter(
  { line: id, first = [], usual }: ScatterSpot,
  { shape, design }: PlacementContext,
  spots: readonly MotifSpot[],
  lie: Lie,
): Laid {
  const line = shape.lines.find((one) => one.id === id && one.axis === 'level')!
  const centre = shape.lines.find((one) => one.id === 'centre' && one.axis === 'upright')!
  const all = spots.length > 0 ? spots : [usual]
  for (const [i, { down, across }] of all.entries())
    if (!Number.isFinite(down + across))
      throw new CoreError('bad-measure', message('problem.that-distance-is-not-a'), `spots.${i}`)
  const step = ({ down, across }: MotifSpot, n: number): StepDraft => {
    const fills = {
      n: { plain: n + 1 },
      down: Math.abs(down),
      way: down < 0 ? 'way.above' : 'way.below',
      line: line.name,
    }
    const said =
      Math.abs(across) < 0.05
        ? message('step.motif-centre', fills)
        : message('step.motif', { ...fills, far: Math.abs(across), side: sideOf(across, lie) })
    return { id: `motif${n + 1}`, said, marks: ['cross'] }
  }
  return {
    copies: all.map(({ down, across }, i) => ({
      pose: { x: centre.at + across, y: line.at + down, rotation: 0 },
      name: message('copy.motif', { n: { plain: i + 1 } }),
    })),
    distances: [],
    tapes: all.flatMap(({ down, across }, i) => {
      const [x, y] = [centre.at + across, line.at + down]
      const beside = x + (x < centre.at ? -1 : 1) * (design.width / 2 + 8)
      return [
        { id: `motif${i + 1}.down`, from: { x: beside, y: line.at }, to: { x: beside, y } },
        ...(Math.abs(across) < 0.05 ? [] : [{ id: `motif${i + 1}.across`, from: { x: centre.at, y }, to: { x, y } }]),
      ]
    }),
    steps: [...first, ...all.map(step)],
    summary: message('placed.motifs', { count: { plain: all.length } }),
    warnings: [],
  }
}
