import { boxCorners } from '../../../plane/box'
import { CoreError } from '../../../errors'
import { at } from '../../curve'
import type { ItemKind } from '../../itemKind'
import { ask, type Measures } from '../../measures'
import { type Called, message } from '../../../messages/message'
import type { PlacementContext, PlacementRule } from '../../placementRule'
import { whichSide } from '../../pair'
import { garmentSizes } from '../tops/topMeasures'

type Leg = Measures<'hemWidth' | 'thighWidth' | 'inseam'>

/** How far a seam's ridge reaches into the leg. */
const RIDGE = 4
/** Near a seam keep this far (craft.md section 2). */
const SEAM_CLEAR = 15
/** Clear of the hem's own stitching. */
const ABOVE_HEM = 34

/** One leg laid flat with its two seams apart, the front up: y = 0 at the hem's edge, x = 0 on the front's middle. */
function legShape(m: Leg) {
  const [foot, thigh, top] = [m.hemWidth / 2, m.thighWidth / 2, -m.inseam]
  if (foot > thigh * 1.8)
    throw new CoreError('contradiction', message('item.the-hem-comes-out-far'), 'measures.hemWidth')
  const hem = 25
  const seam = (side: 1 | -1) => [
    ...[at(side * thigh, top), at(side * foot, 0)],
    ...[at(side * (foot - RIDGE), 0), at(side * (thigh - RIDGE), top)],
  ]
  const beside = (side: 1 | -1) => ({
    ...{ id: side > 0 ? 'seam-right' : 'seam-left', name: 'zone.leg-seam' as const, outline: seam(side) },
    ...{ clear: SEAM_CLEAR, ring: 'free' as const },
  })
  return {
    outline: [at(-thigh, top), at(thigh, top), at(foot, 0), at(-foot, 0)],
    details: [{ kind: 'fold' as const, points: [at(-foot, -hem), at(foot, -hem)] }],
    zones: [
      {
        id: 'hem',
        name: 'zone.hem',
        outline: boxCorners({ left: -foot, right: foot, top: -hem, bottom: 0 }),
        clear: 5,
        ring: 'free' as const,
      },
      beside(-1),
      beside(1),
    ],
    tapes: [
      { id: 'hemWidth', from: at(-foot, -hem - 8), to: at(foot, -hem - 8) },
      { id: 'thighWidth', from: at(-thigh, top + 12), to: at(thigh, top + 12) },
      { id: 'inseam', from: at(-Math.min(foot, thigh) * 0.7, top), to: at(-Math.min(foot, thigh) * 0.7, 0) },
    ],
    lines: [
      { id: 'hem', name: 'line.hem', axis: 'level' as const, at: 0 },
      { id: 'crotch', name: 'line.crotch', axis: 'level' as const, at: top },
      { id: 'centre', name: 'line.leg-crease', axis: 'upright' as const, at: 0 },
    ],
    tube: { width: Math.min(m.hemWidth, m.thighWidth) },
    // The seat and the other leg hang on it.
    goesOn: { up: m.thighWidth },
  }
}

const legRule = (id: string, name: Called, low: boolean): PlacementRule => ({
  id,
  name,
  arrange: 'one',
  upIs: 'top.waist',
  choices: [whichSide],
  usual: { width: 50, height: 50 },
  growsWith: 'hemWidth',
  spot: ({ measures: m, design }: PlacementContext<'hemWidth' | 'thighWidth' | 'inseam'>) => ({
    down: low
      ? {
          id: 'up',
          line: 'hem',
          edge: 'end',
          mm: Math.min(70, Math.max(ABOVE_HEM, m.inseam * 0.3)),
          toward: -1,
          plausible: [30, 400],
        }
      : {
          id: 'downCrotch',
          line: 'crotch',
          edge: 'start',
          mm: Math.max(10, Math.min(90, m.inseam * 0.2, m.inseam - design.height - 40)),
          toward: 1,
          plausible: [5, 400],
        },
    across: { id: 'middle', line: 'centre', edge: 'centre', mm: 0, toward: 1, plausible: [0, m.thighWidth / 2] },
    first: [
      { id: 'side', said: message('step.leg-front') },
      { id: 'centre-line', said: message('step.crease-leg', { half: m.hemWidth / 2 }) },
    ],
  }),
})

type LegMake = Pick<ItemKind, 'id' | 'name' | 'usualCloth' | 'use'> &
  Record<'hem' | 'thigh' | 'inseam', readonly number[]>

/** One leg of a piece; its numbers by size from infant to 3XL. */
function leg({ hem, thigh, inseam, ...kind }: LegMake): ItemKind {
  return {
    ...kind,
    group: 'worn',
    worn: true,
    reference: message('item.middle-of-the-hems-edge'),
    measurements: [
      ask(garmentSizes, 'hemWidth', message('item.leg-across-the-hem'), message('item.laid-flat-edge-to-edge'), hem),
      ask(
        garmentSizes,
        'thighWidth',
        message('item.leg-across-the-thigh'),
        message('item.laid-flat-at-the-level'),
        thigh,
      ),
      ask(garmentSizes, 'inseam', message('item.crotch-to-hem'), message('item.along-the-inside-leg-seam'), inseam),
    ],
    sizes: garmentSizes,
    usualSize: 'm',
    shape: legShape,
    placements: [legRule('lower-leg', message('item.lower-leg'), true), legRule('thigh', message('item.thigh'), false)],
  }
}

export const trouserLeg = leg({
  id: 'trouser-leg',
  name: message('item.trouser-leg'),
  usualCloth: 'denim',
  hem: [85, 130, 165, 180, 190, 200, 210, 220],
  thigh: [125, 200, 270, 290, 310, 330, 350, 370],
  inseam: [180, 480, 740, 770, 790, 800, 810, 810],
})
export const leggings = leg({
  id: 'leggings',
  name: message('item.leggings'),
  usualCloth: 'performance',
  use: { nextToSkin: true },
  hem: [65, 80, 95, 100, 105, 110, 115, 120],
  thigh: [100, 150, 200, 215, 230, 245, 260, 275],
  inseam: [170, 460, 680, 700, 710, 720, 725, 730],
})
export const shorts = leg({
  id: 'shorts',
  name: message('item.shorts'),
  usualCloth: 'twill',
  hem: [130, 210, 270, 285, 300, 315, 330, 345],
  thigh: [135, 215, 280, 300, 320, 340, 360, 380],
  inseam: [75, 120, 150, 160, 170, 175, 180, 185],
})
