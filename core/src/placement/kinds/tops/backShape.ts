import { at, curve, fromRightHalf, mirrored } from '../../curve'
import type { ItemShape } from '../../itemShape'
import type { Measures } from '../../measures'
import { topFrame } from './topFrame'
import { topLines, topShape, type TopMake } from './topShape'

/** The collar seam of the back lies this far below the shoulder points, as a part of the neck's width. */
const BACK_DROP = 0.13

/** A top laid face down, its back up: no opening, the neck seam high; y = 0 at the back's collar seam. */
export function backShape(m: Measures<'chestWidth' | 'neckWidth' | 'shoulderToUnderarm'>, make: TopMake): ItemShape {
  const drop = m.neckWidth * BACK_DROP
  const back = { ...m, neckDrop: drop }
  const front = topShape(back, { ...make, neck: 'crew', opening: undefined })
  const { shoulder, half } = topFrame(back)
  const seam = curve(at(0, 0), at(shoulder.x * 0.7, 0), shoulder, 8)
  const collar = fromRightHalf([
    at(0, -14 - drop * 0.4),
    ...curve(at(shoulder.x * 0.4, -14 - drop * 0.5), at(shoulder.x * 0.8, -14 - drop * 0.7), shoulder, 4),
    ...[...seam].reverse(),
  ])
  return {
    ...front,
    details: [
      ...front.details.filter((d) => d.kind === 'fold'),
      ...front.zones
        .filter((z) => z.id.startsWith('armhole'))
        .map((z) => ({ kind: 'seam' as const, points: z.outline.slice(0, z.outline.length / 2) })),
      { kind: 'seam', points: seam },
      { kind: 'seam', points: mirrored(seam) },
    ],
    zones: [
      { id: 'collar', name: 'zone.collar-seam', outline: collar, clear: 10, ring: 'caution' },
      ...front.zones.filter((z) => z.id.startsWith('armhole')),
    ],
    tapes: [
      {
        id: 'chestWidth',
        from: at(-half, topFrame(back).underarm.y + 22),
        to: at(half, topFrame(back).underarm.y + 22),
      },
      { id: 'neckWidth', from: at(-shoulder.x, shoulder.y), to: shoulder },
      { id: 'shoulderToUnderarm', from: at(-shoulder.x, shoulder.y), to: at(-shoulder.x, topFrame(back).underarm.y) },
    ],
    lines: [{ id: 'neck', name: 'line.collar-seam', axis: 'level', at: 0 }, ...topLines(back, true)],
  }
}
