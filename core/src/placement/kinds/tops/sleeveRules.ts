import { boxCorners, rectangle } from '../../../plane/box'
import { at } from '../../curve'
import { panelLines } from '../flat/panelShape'
import type { ItemShape } from '../../itemShape'
import { ask, type MeasurementAsk, type Measures } from '../../measures'
import type { PlacementContext, PlacementRule } from '../../placementRule'
import { message } from '../../../messages/message'
import { isRight, whichSide } from '../../pair'
import { garmentSizes } from './topMeasures'

export const sleeveMeasures = (widths: readonly number[], lengths: readonly number[]): MeasurementAsk[] => [
  ask(garmentSizes, 'sleeveHem', message('item.sleeve-across-the-hem'), message('item.laid-flat-fold-to-seam'), widths),
  ask(
    garmentSizes,
    'sleeveLength',
    message('item.underarm-to-sleeve-hem'),
    message('item.along-the-underside-seam'),
    lengths,
  ),
]

/** The depth of the ribbed cuff that ends a long sleeve. */
export const ribMeasure: MeasurementAsk = ask(
  garmentSizes,
  'sleeveRib',
  message('item.ribbed-cuff-edge-to-seam'),
  message('item.from-the-sleeves-end-up'),
  [28, 45, 58, 62, 64, 65, 66, 68],
  { plausible: [0, 110], mayBeZero: true },
)

type Sleeve = Measures<'sleeveHem' | 'sleeveLength', 'sleeveRib'>

/** The garment that hangs on a sleeve, in mm. */
const GARMENT = 550

/** As much of a sleeve as lies flat when it is opened. */
const LYING = 320

/** A sleeve laid by itself with its fold in the middle, opened as far as it lies flat; y = 0 at its end. */
function sleeveShape(m: Sleeve): ItemShape {
  const [half, top, rib] = [m.sleeveHem / 2, -Math.min(m.sleeveLength, LYING), m.sleeveRib ?? 0]
  const wide = half * 1.15
  const [hem, foot] = rib > 0 ? [rib, half * 0.82] : [Math.min(22, m.sleeveHem * 0.12), half]
  const ribs = rib > 0 ? [-0.6, -0.2, 0.2, 0.6].map((k) => [at(half * k, -rib), at(foot * k, 0)]) : []
  return {
    outline: [at(-wide, top), at(wide, top), at(half, -rib), at(foot, 0), at(-foot, 0), at(-half, -rib)],
    details: [
      { kind: rib > 0 ? 'seam' : 'fold', points: [at(-half, -hem), at(half, -hem)] },
      ...ribs.map((points) => ({ kind: 'fold' as const, points })),
    ],
    zones: [
      {
        id: 'hem',
        name: rib > 0 ? 'zone.rib' : 'zone.hem',
        outline: boxCorners({ left: -half, right: half, top: -hem, bottom: 0 }),
        clear: rib > 0 ? 15 : 5,
        ring: 'free',
      },
    ],
    tapes: [
      { id: 'sleeveHem', from: at(-half, -hem - 8), to: at(half, -hem - 8) },
      { id: 'sleeveLength', from: at(-half, 0), to: at(-half, -m.sleeveLength) },
      ...(rib > 0 ? [{ id: 'sleeveRib', from: at(foot * 0.4, 0), to: at(foot * 0.4, -rib) }] : []),
    ],
    lines: [
      { id: 'hem', name: 'line.sleeve-hem', axis: 'level', at: 0 },
      ...(rib > 0 ? [{ id: 'rib', name: 'line.rib-seam' as const, axis: 'level' as const, at: -rib }] : []),
      { id: 'centre', name: 'line.fold', axis: 'upright', at: 0 },
    ],
    tube: { width: m.sleeveHem },
    goesOn: { up: GARMENT + Math.max(0, m.sleeveLength - LYING) },
  }
}

/** Centred on the sleeve's fold, 40 to 75 mm above the hem; never across a rib, whose seam it counts from (craft.md section 2). */
const sleeveOf = (needs: readonly string[]): PlacementRule => ({
  id: 'sleeve',
  name: message('item.sleeve'),
  arrange: 'one',
  upIs: 'top.shoulder',
  needs,
  choices: [whichSide],
  usual: { width: 50, height: 40 },
  growsWith: 'sleeveHem',
  view: sleeveShape,
  spot: ({ measures: m, design }: PlacementContext<'sleeveHem' | 'sleeveLength'>) => {
    const rib = m.sleeveRib ?? 0
    const room = Math.min(m.sleeveLength, LYING) - rib
    const mm = Math.max(20, Math.min(58, room * 0.35, room - design.height - 8))
    const line = rib > 0 ? 'rib' : 'hem'
    return {
      down: { id: 'up', line, edge: 'end', mm, toward: -1, plausible: [15, 160] },
      across: { id: 'middle', line: 'centre', edge: 'centre', mm: 0, toward: 1, plausible: [0, m.sleeveHem / 2] },
      first: [{ id: 'sleeve', said: message('step.sleeve') }],
    }
  },
})

export const sleeve = sleeveOf(['sleeveHem', 'sleeveLength'])
export const ribbedSleeve = sleeveOf(['sleeveHem', 'sleeveLength', 'sleeveRib'])

export const cuffMeasures: readonly MeasurementAsk[] = [
  ask(
    garmentSizes,
    'cuffLength',
    message('item.cuff-end-to-end'),
    message('item.unbuttoned-and-laid-flat'),
    [150, 185, 215, 230, 240, 250, 260, 270],
  ),
  ask(
    garmentSizes,
    'cuffDepth',
    message('item.cuff-seam-to-edge'),
    message('item.across-the-cuff-from-the'),
    [40, 50, 60, 65, 65, 65, 70, 70],
  ),
  ask(
    garmentSizes,
    'cuffHole',
    message('item.end-of-the-cuff-to'),
    message('item.to-the-inner-end-of'),
    [16, 20, 24, 26, 26, 26, 28, 28],
  ),
]

/**
 * One cuff, open, its outside up and the sleeve away from the worker: the end with the buttonhole, which laps over the other
 * from the front, lies at the worker's right on the wearer's left cuff, and at the left on the right one.
 */
function cuffShape(
  m: Measures<'cuffLength' | 'cuffDepth' | 'cuffHole'>,
  choices: Readonly<Record<string, string>>,
): ItemShape {
  const [half, depth, hole] = [m.cuffLength / 2, m.cuffDepth, m.cuffHole]
  const right = isRight(choices)
  const way = right ? -1 : 1
  const box = { left: -half, right: half, top: 0, bottom: depth }
  const slit = (x: number) => rectangle(6, 20, at(x, depth / 2))
  return {
    outline: boxCorners(box),
    details: [
      {
        kind: 'seam',
        points: boxCorners({ left: -half + 5, right: half - 5, top: 5, bottom: depth - 5 }),
        closed: true,
      },
    ],
    zones: [
      { id: 'buttonhole', name: 'zone.buttonhole', outline: slit(way * (half - hole + 3)), clear: 10, ring: 'caution' },
      { id: 'button', name: 'zone.button', outline: slit(way * (-half + hole - 3)), clear: 10, ring: 'refused' },
    ],
    tapes: [
      { id: 'cuffLength', from: at(-half, depth * 0.86), to: at(half, depth * 0.86) },
      { id: 'cuffDepth', from: at(half * 0.6, 0), to: at(half * 0.6, depth) },
      { id: 'cuffHole', from: at(way * half, depth * 0.2), to: at(way * (half - hole), depth * 0.2) },
    ],
    lines: panelLines(box, {
      top: 'line.sleeve-seam',
      bottom: 'line.cuff-edge',
      left: right ? 'line.buttonhole-end' : 'line.button-end',
      right: right ? 'line.button-end' : 'line.buttonhole-end',
    }),
    tube: null,
    goesOn: { up: GARMENT },
  }
}

/** On one cuff, centred on what shows when it is buttoned, clear of the buttonhole by 10 mm. */
export const cuff: PlacementRule = {
  id: 'cuff',
  name: message('item.cuff'),
  choices: [whichSide],
  arrange: 'one',
  upIs: 'top.sleeve-seam',
  needs: ['cuffLength', 'cuffDepth', 'cuffHole'],
  usual: { width: 30, height: 12 },
  use: { noCover: true },
  growsWith: 'cuffLength',
  view: cuffShape,
  spot: ({ measures: m, choices }: PlacementContext<'cuffLength' | 'cuffDepth'>) => ({
    down: { id: 'up', line: 'bottom', edge: 'centre', mm: m.cuffDepth / 2, toward: -1, plausible: [10, m.cuffDepth] },
    across: { id: 'middle', line: 'centre', edge: 'centre', mm: 0, toward: 1, plausible: [0, m.cuffLength / 2] },
    first: [
      { id: 'cuff', said: message(isRight(choices) ? 'step.cuff-right' : 'step.cuff') },
      { id: 'centre-line', said: message('step.crease-cuff', { half: m.cuffLength / 2 }) },
    ],
  }),
}

export const collarMeasures: readonly MeasurementAsk[] = [
  ask(
    garmentSizes,
    'collarFront',
    message('item.collar-point-along-its-front'),
    message('item.from-the-collars-band-down'),
    [42, 52, 62, 68, 70, 72, 74, 76],
  ),
  ask(
    garmentSizes,
    'collarEdge',
    message('item.collar-half-of-its-outer'),
    message('item.from-the-point-to-the'),
    [120, 150, 185, 200, 208, 216, 224, 232],
  ),
]

function collarShape(m: Measures<'collarFront' | 'collarEdge'>, choices: Readonly<Record<string, string>>): ItemShape {
  const [front, edge] = [m.collarFront, isRight(choices) ? -m.collarEdge : m.collarEdge]
  const inset = isRight(choices) ? -5 : 5
  return {
    outline: [at(0, -front), at(edge, -front * 0.8), at(edge, 0), at(0, 0)],
    details: [{ kind: 'seam', points: [at(edge, -5), at(inset, -5), at(inset, -front + 2)] }],
    zones: [],
    tapes: [
      { id: 'collarFront', from: at(0, -front), to: at(0, 0) },
      { id: 'collarEdge', from: at(0, 0), to: at(edge, 0) },
    ],
    lines: [
      { id: 'edge', name: 'line.collar-edge', axis: 'level', at: 0 },
      { id: 'front', name: 'line.collar-front', axis: 'upright', at: 0 },
    ],
    tube: null,
    goesOn: { up: GARMENT },
  }
}

/** In one point of the collar, its nearest edges 12 mm from both edges. */
export const collarPoint: PlacementRule = {
  id: 'collar-point',
  name: message('item.collar-point'),
  choices: [whichSide],
  arrange: 'one',
  upIs: 'top.collar-band',
  needs: ['collarFront', 'collarEdge'],
  usual: { width: 18, height: 18 },
  use: { noCover: true },
  growsWith: 'collarFront',
  view: collarShape,
  spot: ({ choices }) => ({
    down: { id: 'up', line: 'edge', edge: 'end', mm: 12, toward: -1, plausible: [6, 30] },
    across: isRight(choices)
      ? { id: 'in', line: 'front', edge: 'end', mm: 12, toward: -1, plausible: [6, 60] }
      : { id: 'in', line: 'front', edge: 'start', mm: 12, toward: 1, plausible: [6, 60] },
    first: [{ id: 'collar', said: message(isRight(choices) ? 'step.collar-right' : 'step.collar') }],
  }),
}
