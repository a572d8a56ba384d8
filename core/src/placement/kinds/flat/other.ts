import { CoreError } from '../../../errors'
import { type Box } from '../../../plane/box'
import type { Point } from '../../../plane/point'
import { at, curve, fromRightHalf } from '../../curve'
import type { ItemKind } from '../../itemKind'
import type { ItemShape } from '../../itemShape'
import { ask, halves, type Measures } from '../../measures'
import type { PlacementContext, PlacementRule } from '../../placementRule'
import { type Named, message, type Called } from '../../../messages/message'
import { centredRule, cornerRules, creaseStep, middleDown, rowRule, scatteredRule } from './panelRules'
import { panelShape, widthLevel } from './panelShape'

const sizes = [
  { id: 'small', name: message('item.small') },
  { id: 'medium', name: message('item.medium') },
  { id: 'large', name: message('item.large') },
]
type Flat = Measures<'width' | 'height'>
type Plush = Measures<'width' | 'height' | 'neckSeam' | 'baseSeam'>
const box = (m: Flat): Box => ({ left: -m.width / 2, right: m.width / 2, top: 0, bottom: m.height })

/** At the worker's own distances from the edges. */
const fromEdges: PlacementRule = {
  id: 'from-edges',
  name: message('item.at-distances-from-the-edges'),
  arrange: 'one',
  upIs: 'top.top-edge',
  spot: ({ measures: m }: PlacementContext<'width' | 'height'>) => ({
    down: { id: 'fromTop', line: 'top', edge: 'centre', mm: m.height / 2, toward: 1, plausible: [0, m.height] },
    across: { id: 'fromLeft', line: 'left', edge: 'centre', mm: m.width / 2, toward: 1, plausible: [0, m.width] },
  }),
}

export const flatPanel: ItemKind = {
  id: 'flat-panel',
  name: message('item.flat-panel'),
  group: 'other',
  reference: message('item.middle-of-the-top-edge'),
  measurements: [
    ask(sizes, 'width', message('item.width'), message('item.edge-to-edge-across-the-2'), [200, 400, 800], {
      plausible: [40, 2500],
    }),
    ask(sizes, 'height', message('item.height'), message('item.top-edge-to-bottom-edge'), [200, 400, 600], {
      plausible: [40, 2500],
    }),
    ask(sizes, 'strip', message('item.strip-to-keep-free'), message('item.seam-or-hem-to-keep'), [10, 15, 20], {
      plausible: [0, 60],
      mayBeZero: true,
    }),
    ...halves('width', message('item.middle')),
  ],
  sizes,
  usualSize: 'medium',
  usualCloth: 'twill',
  shape: (m: Measures<'width' | 'height' | 'strip'>) => {
    if (2 * m.strip >= Math.min(m.width, m.height))
      throw new CoreError('contradiction', message('item.the-strips-kept-free-leave'), 'measures.strip')
    return panelShape({
      box: box(m),
      hem: m.strip,
      hemId: 'strip',
      hemName: 'strip.free',
      edges: { top: 'line.top-edge', bottom: 'line.lower-edge' },
      sizes: ['width', 'height'],
    })
  },
  levels: widthLevel<'height'>((m) => m.height / 2),
  placements: [
    centredRule<'width'>(
      { id: 'centred', name: message('item.centred'), upIs: 'top.top-edge' },
      (m) => m.width,
      () => middleDown,
    ),
    fromEdges,
    scatteredRule<'width'>({ upIs: 'top.top-edge' }, (m) => m.width),
    ...cornerRules({ mm: 40, plausible: [10, 600], box }, ['one', 'diagonal', 'four']),
    rowRule<'width' | 'height' | 'strip'>(
      { id: 'border-row', name: message('item.border-row-along-the-lower'), upIs: 'top.top-edge' },
      { side: 'lower', edgeName: 'line.lower-edge', mm: 45, box, endHem: (m) => m.strip },
    ),
  ],
}

/** A rounded body between the neck seam above and the base seam below; y = 0 at the neck seam. */
function plushShape(m: Plush): ItemShape {
  const [half, height, neck, base] = [m.width / 2, m.height, m.neckSeam / 2, m.baseSeam / 2]
  if (neck > half || base > half)
    throw new CoreError(
      'contradiction',
      message('item.a-seam-comes-out-wider'),
      neck > half ? 'measures.neckSeam' : 'measures.baseSeam',
    )
  const outline = fromRightHalf([
    at(0, 0),
    at(neck, 0),
    ...curve(at(neck, 0), at(half, height * 0.12), at(half, height * 0.55), 8).slice(1),
    ...curve(at(half, height * 0.55), at(half, height * 0.92), at(base, height), 8).slice(1),
    at(0, height),
  ])
  const seam = (id: string, name: Named, from: Point, to: Point, into: number) => ({
    id,
    name,
    outline: [from, to, at(to.x, to.y + into), at(from.x, from.y + into)],
    clear: 8,
    ring: 'caution' as const,
  })
  return {
    outline,
    details: [],
    zones: [
      seam('neck', 'zone.neck-seam', at(-neck, 0), at(neck, 0), 6),
      seam('base', 'zone.base-seam', at(-base, height), at(base, height), -6),
    ],
    tapes: [
      { id: 'width', from: at(-half, height * 0.55), to: at(half, height * 0.55) },
      { id: 'height', from: at(half * 0.5, 0), to: at(half * 0.5, height) },
      { id: 'neckSeam', from: at(-neck, 10), to: at(neck, 10) },
      { id: 'baseSeam', from: at(-base, height - 10), to: at(base, height - 10) },
    ],
    lines: [
      { id: 'neck', name: 'line.neck-seam', axis: 'level', at: 0 },
      { id: 'base', name: 'line.base-seam', axis: 'level', at: height },
      { id: 'middle', name: 'line.half-way', axis: 'level', at: height / 2 },
      { id: 'centre', name: 'line.centre', axis: 'upright', at: 0 },
    ],
    tube: null,
  }
}

/** The base is a round piece of its own; drawn when it is the one that is worked. */
function baseShape(m: Measures<'baseRound'>): ItemShape {
  const r = m.baseRound / 2
  const ring = Array.from({ length: 48 }, (_, i) =>
    at(r * Math.cos((i * Math.PI) / 24), r * Math.sin((i * Math.PI) / 24)),
  )
  return {
    outline: ring,
    details: [{ kind: 'fold', points: ring.map((p) => at(p.x * 0.9, p.y * 0.9)), closed: true }],
    zones: [],
    tapes: [{ id: 'baseRound', from: at(-r, 0), to: at(r, 0) }],
    lines: [
      { id: 'middle', name: 'line.middle', axis: 'level', at: 0 },
      { id: 'centre', name: 'line.centre', axis: 'upright', at: 0 },
    ],
    tube: null,
  }
}

const emptied = { id: 'open', said: message('step.open-toy') }
const side = (id: string, name: Called, back: boolean): PlacementRule => ({
  ...centredRule<'width' | 'height'>(
    {
      id,
      name,
      upIs: 'top.head',
      needs: ['width', 'height', 'neckSeam', 'baseSeam'],
      usual: { width: 60, height: 45 },
    },
    (m) => m.width,
    ({ measures: m }) => ({
      id: 'downSeam',
      line: 'neck',
      edge: 'centre',
      mm: m.height / 2,
      toward: 1,
      plausible: [15, m.height],
    }),
    () => ({ first: [emptied] }),
  ),
  ...(back ? { side: 'back' as const, view: plushShape } : {}),
})

export const plushToy: ItemKind = {
  id: 'plush-toy',
  name: message('item.plush-toy-that-opens'),
  group: 'infant',
  reference: message('item.middle-of-the-neck-seam'),
  measurements: [
    ask(sizes, 'width', message('item.body-at-its-widest'), message('item.empty-and-flat-side-to'), [110, 150, 220]),
    ask(
      sizes,
      'height',
      message('item.neck-seam-to-base-seam'),
      message('item.empty-and-flat-down-the'),
      [100, 150, 220],
    ),
    ask(sizes, 'neckSeam', message('item.neck-seam'), message('item.across-empty-and-flat'), [60, 80, 110]),
    ask(sizes, 'baseSeam', message('item.base-seam'), message('item.across-empty-and-flat'), [80, 110, 160]),
    ask(sizes, 'baseRound', message('item.base-across'), message('item.seam-to-seam-across-the'), [80, 110, 160]),
  ],
  sizes,
  usualSize: 'medium',
  usualCloth: 'velvet-plush',
  use: { toy: true },
  shape: plushShape,
  placements: [
    side('belly', message('item.belly'), false),
    side('back', message('item.back'), true),
    {
      id: 'base',
      name: message('item.base'),
      arrange: 'one',
      upIs: 'top.toy-front',
      needs: ['baseRound'],
      usual: { width: 50, height: 30 },
      view: baseShape,
      spot: ({ measures: m }: PlacementContext<'baseRound'>) => ({
        down: middleDown,
        across: { id: 'middle', line: 'centre', edge: 'centre', mm: 0, toward: 1, plausible: [0, m.baseRound / 2] },
        first: [emptied, creaseStep(m.baseRound / 2)],
      }),
    },
  ],
}
