import { stop } from '../../../advice'
import { type Called, message } from '../../../messages/message'
import type { PlacementContext, PlacementRule, Spot } from '../../placementRule'
import { backShape } from './backShape'
import { crease, topNeeds } from './chestRules'
import type { Measures } from '../../measures'
import { requireSoundTop, type TopId, topFrame } from './topFrame'
import type { TopMake } from './topShape'

/** A number that grows evenly with the chest between the sizes craft.md section 2 names. */
function byChest(chest: number, knots: readonly (readonly [number, number])[]): number {
  if (chest <= knots[0]![0]) return knots[0]![1]
  const next = knots.findIndex(([width]) => width >= chest)
  if (next < 0) return knots[knots.length - 1]![1]
  const [[x0, y0], [x1, y1]] = [knots[next - 1]!, knots[next]!]
  return y0 + ((chest - x0) / (x1 - x0)) * (y1 - y0)
}

const TALL = 160

/**
 * Top edge 75 mm below the neck seam, less on low necks, children and infants; a high design's top no higher than
 * mid-armhole (craft.md section 2).
 */
function frontTop({ measures: m, design }: PlacementContext<TopId>): number {
  const { underarm, tip } = topFrame(m)
  const size = byChest(m.chestWidth, [
    [255, 32],
    [380, 50],
    [480, 68],
    [530, 75],
  ])
  const low = m.neckDrop > m.chestWidth * 0.22 ? Math.min(size, 38) : size
  return design.height > TALL ? Math.max(low, (tip.y + underarm.y) / 2) : low
}

function frontSpot(c: PlacementContext<TopId>): Spot {
  requireSoundTop(c.measures)
  const { half } = topFrame(c.measures)
  return {
    down: { id: 'downTop', line: 'neck', edge: 'start', mm: frontTop(c), toward: 1, plausible: [20, 200] },
    across: { id: 'middle', line: 'centre', edge: 'centre', mm: 0, toward: 1, plausible: [0, half] },
    first: [crease(half)],
  }
}

export const centreFront: PlacementRule = {
  id: 'centre-front',
  name: message('item.centre-front'),
  arrange: 'one',
  upIs: 'top.neck',
  needs: topNeeds,
  usual: { width: 160, height: 90 },
  growsWith: 'chestWidth',
  spot: frontSpot,
}

/**
 * On a hooded top the design's centre lies 60 to 90 mm above the underarm line, on the line from neck to pocket, at
 * least 20 mm clear of the pocket's stitching; where that leaves no room it moves between neck and pocket.
 */
export const hoodedFront: PlacementRule = {
  ...centreFront,
  needs: [...topNeeds, 'pocketTop', 'pocketWidth'],
  usual: { width: 180, height: 50 },
  arrange: 'one',
  spot: (c: PlacementContext<TopId | 'pocketTop' | 'pocketWidth'>) => {
    const { measures: m, design } = c
    requireSoundTop(m)
    const { underarm, half } = topFrame(m)
    const lift = byChest(m.chestWidth, [
      [275, 35],
      [410, 55],
      [510, 70],
      [560, 75],
    ])
    const [most, least] = [m.pocketTop - 20 - design.height / 2, 25 + design.height / 2]
    const centre = most < least ? (most + least) / 2 : Math.min(most, Math.max(least, underarm.y - lift))
    const room = m.pocketTop - 20 - 10
    return {
      down: {
        id: 'up',
        line: 'underarm',
        edge: 'centre',
        mm: Math.abs(underarm.y - centre),
        toward: centre > underarm.y ? 1 : -1,
        plausible: [0, 160],
      },
      across: { id: 'middle', line: 'centre', edge: 'centre', mm: 0, toward: 1, plausible: [0, half] },
      first: [
        { id: 'centre-line', said: message('step.crease-hood', { half: m.pocketWidth / 2 }) },
        { id: 'pocket', said: message('step.feel-pocket') },
      ],
      warnings:
        design.height > room
          ? [stop('no-room-pocket', message('place.no-room-pocket', { room, high: design.height }))]
          : [],
    }
  },
}

/** Motifs scattered over the front, each by its own cross. */
export const scatteredFront: PlacementRule = {
  id: 'scatter',
  name: message('item.scattered-over-the-front'),
  arrange: 'scatter',
  upIs: 'top.neck',
  needs: topNeeds,
  usual: { width: 40, height: 40 },
  growsWith: 'chestWidth',
  scatter: ({ measures: m }: PlacementContext<TopId>) => {
    requireSoundTop(m)
    const { half } = topFrame(m)
    return { line: 'neck', first: [crease(half)], usual: { down: Math.round(m.chestWidth * 0.25), across: 0 } }
  },
}

type BackId = 'chestWidth' | 'neckWidth' | 'shoulderToUnderarm'

/** Yoke: centre 100 to 125 mm below the collar seam; full back: its top edge there. Laid face down, the back up. */
export function backRules(make: TopMake): PlacementRule[] {
  const back = (
    id: string,
    name: Called,
    edge: 'start' | 'centre',
    usual: { width: number; height: number },
  ): PlacementRule => ({
    id,
    name,
    arrange: 'one',
    side: 'back',
    upIs: 'top.collar',
    needs: ['chestWidth', 'neckWidth', 'shoulderToUnderarm'],
    usual,
    growsWith: 'chestWidth',
    view: (m: Measures<BackId>) => backShape(m, make),
    spot: ({ measures: m }: PlacementContext<BackId>) => {
      requireSoundTop({ ...m, neckDrop: 0 })
      const mm = byChest(m.chestWidth, [
        [255, 50],
        [380, 75],
        [480, 100],
        [530, 112],
        [720, 120],
      ])
      const half = m.chestWidth / 2
      return {
        down: { id: edge === 'start' ? 'downTop' : 'down', line: 'neck', edge, mm, toward: 1, plausible: [30, 260] },
        across: { id: 'middle', line: 'centre', edge: 'centre', mm: 0, toward: 1, plausible: [0, half] },
        first: [
          { id: 'face-down', said: message('step.face-down') },
          { id: 'centre-line', said: message('step.crease-back', { half }) },
        ],
      }
    },
  })
  return [
    back('back-yoke', message('item.back-yoke'), 'centre', { width: 90, height: 40 }),
    back('full-back', message('item.full-back'), 'start', { width: 230, height: 200 }),
  ]
}
