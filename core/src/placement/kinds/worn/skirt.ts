import { boxCorners, type Box } from '../../../plane/box'
import { CoreError } from '../../../errors'
import { at, curve, fromRightHalf } from '../../curve'
import { message } from '../../../messages/message'
import type { PlacementContext } from '../../placementRule'
import type { ItemKind } from '../../itemKind'
import type { ItemShape } from '../../itemShape'
import { ask, type Measures } from '../../measures'
import { garmentSizes } from '../tops/topMeasures'

type Skirt = Measures<'hemRound' | 'hem'>

/** A skirt's length as a part of its hem all round. */
const LONG = 0.42

/** How much of the skirt is drawn above the hem, opened out. */
const SHOWN = 260

/** The hem opened out at centre back: x = 0 at centre front, y = 0 at the hem's edge; past centre back it goes on. */
function openedHem(m: Skirt): Box {
  const half = m.hemRound / 2
  return { left: -half, right: half, top: -Math.max(SHOWN, m.hem + 120), bottom: 0 }
}

/** A skirt as it hangs, its hem half as wide as it is round. */
function skirtSilhouette(m: Measures<'hemRound'>): ItemShape {
  const [half, long] = [m.hemRound / 4, m.hemRound * LONG]
  const waist = half * 0.46
  return {
    outline: fromRightHalf([
      at(0, -long),
      at(waist, -long),
      ...curve(at(waist, -long), at(half * 0.72, -long * 0.6), at(half, 0), 8).slice(1),
      ...curve(at(half, 0), at(half * 0.5, long * 0.05), at(0, long * 0.05), 6).slice(1),
    ]),
    details: [
      { kind: 'seam', points: [at(-waist, -long * 0.93), at(waist, -long * 0.93)] },
      { kind: 'fold', points: [at(-half * 0.97, -long * 0.06), at(0, -long * 0.01), at(half * 0.97, -long * 0.06)] },
    ],
    zones: [],
    tapes: [],
    lines: [],
    tube: null,
  }
}

const round = [520, 1050, 1500, 1600, 1700, 1800, 1900, 2000]

/** A skirt or dress: its border goes round the hem, spaced evenly from centre front (core.md section 6). */
export const skirt: ItemKind = {
  id: 'skirt',
  name: message('item.dress-or-skirt'),
  group: 'worn',
  worn: true,
  reference: message('item.centre-front-at-the-hems'),
  measurements: [
    ask(garmentSizes, 'hemRound', message('item.hem-all-round'), message('item.along-the-edge-from-centre'), round),
    ask(
      garmentSizes,
      'hem',
      message('item.depth-of-the-hem'),
      message('item.from-the-edge-to-its'),
      [15, 25, 30, 30, 30, 30, 30, 30],
      { plausible: [0, 120], mayBeZero: true },
    ),
  ],
  sizes: garmentSizes,
  usualSize: 'm',
  usualCloth: 'lawn',
  shape: (m: Skirt) => {
    const b = openedHem(m)
    if (m.hem >= m.hemRound / 3)
      throw new CoreError('contradiction', message('item.the-hem-comes-out-deeper'), 'measures.hem')
    // A motif at centre back straddles the opened edge, so a hand's breadth is drawn on beyond it.
    const over = Math.min(m.hemRound * 0.12, 160)
    const wide = { ...b, left: b.left - over, right: b.right + over }
    const upright = (x: number) => ({ kind: 'seam' as const, points: [at(x, b.top), at(x, 0)] })
    return {
      outline: boxCorners(wide),
      details: [
        upright(b.left),
        upright(b.right),
        upright(b.left / 2),
        upright(b.right / 2),
        ...(m.hem > 0 ? [{ kind: 'fold' as const, points: [at(wide.left, -m.hem), at(wide.right, -m.hem)] }] : []),
      ],
      zones: [],
      tapes: [
        { id: 'hemRound', from: at(b.left, 8), to: at(b.right, 8) },
        { id: 'hem', from: at(30, 0), to: at(30, -m.hem) },
      ],
      lines: [
        { id: 'hem', name: 'line.hem-edge', axis: 'level', at: 0 },
        { id: 'centre', name: 'line.centre-front', axis: 'upright', at: 0 },
      ],
      tube: null,
      goesOn: { up: Math.max(0, m.hemRound * LONG + b.top) },
    }
  },
  silhouette: skirtSilhouette,
  placements: [
    {
      id: 'border-row',
      name: message('item.border-row-round-the-hem'),
      arrange: 'row',
      upIs: 'top.waist',
      usual: { width: 60, height: 40 },
      row: ({ measures: m, design }: PlacementContext<'hemRound' | 'hem'>) => ({
        side: 'lower',
        box: openedHem(m),
        edgeName: 'line.hem-edge',
        inset: { id: 'rowUp', mm: m.hem + 12, edge: 'end', plausible: [8, 260] },
        length: m.hemRound,
        closed: true,
        ends: 'half-gap',
        gap: Math.max(5, design.width / 2),
        first: [{ id: 'seams', said: message('step.seams-hem') }],
      }),
    },
  ],
}
