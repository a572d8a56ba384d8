import { CoreError } from '../../../errors'
import type { Box } from '../../../plane/box'
import { type Called, message } from '../../../messages/message'
import type { ItemKind } from '../../itemKind'
import type { PlacementContext } from '../../placementRule'
import { ask, halves, type Measures, type SizePreset } from '../../measures'
import { panelShape, widthLevel } from './panelShape'
import { bothEnds, centredBothWays, centredRule, cornerRules, creaseStep, middleDown, rowRule } from './panelRules'

type Linen = Measures<'width' | 'length' | 'hem'>
const box = (m: Measures<'width' | 'length'>): Box => ({
  left: -m.width / 2,
  right: m.width / 2,
  top: 0,
  bottom: m.length,
})
const edges = { top: 'line.upper-edge', bottom: 'line.lower-edge' }

function requireHem(m: Linen): void {
  if (4 * m.hem >= Math.min(m.width, m.length))
    throw new CoreError('contradiction', message('item.the-hems-leave-nothing-of'), 'measures.hem')
}

/** A hemmed rectangle laid flat, as every table linen is. */
function linenShape(m: Linen) {
  requireHem(m)
  return panelShape({ box: box(m), hem: m.hem, hemId: 'hem', edges, sizes: ['width', 'length'] })
}

const hemAsk = (sizes: readonly SizePreset[], numbers: number[]) =>
  ask(sizes, 'hem', message('item.depth-of-the-hem'), message('item.from-the-edge-to-the'), numbers, {
    plausible: [0, 80],
    mayBeZero: true,
  })
const level = widthLevel<'length'>((m) => m.length / 2)

const napkinSizes = [
  { id: 'small', name: message('item.small') },
  { id: 'lunch', name: message('item.lunch') },
  { id: 'dinner', name: message('item.dinner') },
]
export const napkin: ItemKind = {
  id: 'napkin',
  name: message('item.napkin-or-bread-cloth'),
  group: 'table',
  reference: message('item.middle-of-the-upper-edge'),
  measurements: [
    ask(napkinSizes, 'width', message('item.width'), message('item.edge-to-edge-across-the-3'), [250, 400, 500]),
    ask(napkinSizes, 'length', message('item.length'), message('item.upper-edge-to-lower-edge'), [250, 400, 500]),
    hemAsk(napkinSizes, [6, 10, 12]),
  ],
  sizes: napkinSizes,
  usualSize: 'lunch',
  usualCloth: 'linen',
  shape: linenShape,
  placements: [
    ...cornerRules({ mm: 30, plausible: [15, 90], box }, ['one', 'diagonal', 'four', 'four-diagonal']),
    centredBothWays<'width'>({ upIs: 'top.upper-edge', usual: { width: 120, height: 120 } }, (m) => m.width),
  ],
}

const tableSizes = [
  { id: 'small', name: message('item.small') },
  { id: 'usual', name: message('item.usual') },
  { id: 'large', name: message('item.large') },
]
export const tablecloth: ItemKind = {
  id: 'tablecloth',
  name: message('item.tablecloth'),
  group: 'table',
  reference: message('item.middle-of-the-upper-edge'),
  measurements: [
    ask(tableSizes, 'width', message('item.width'), message('item.edge-to-edge-across-the'), [900, 1400, 1500]),
    ask(tableSizes, 'length', message('item.length'), message('item.upper-edge-to-lower-edge'), [900, 1800, 2500]),
    hemAsk(tableSizes, [15, 20, 25]),
    ask(tableSizes, 'drop', message('item.overhang'), message('item.from-the-tables-edge-down'), [180, 220, 250]),
  ],
  sizes: tableSizes,
  usualSize: 'usual',
  usualCloth: 'linen',
  shape: (m: Measures<'width' | 'length' | 'hem', 'drop'>) => {
    const flat = linenShape(m)
    if (m.drop === undefined) return flat
    if (2 * m.drop >= Math.min(m.width, m.length))
      throw new CoreError('contradiction', message('item.the-overhang-leaves-no-table'), 'measures.drop')
    const table = { left: box(m).left + m.drop, right: box(m).right - m.drop, top: m.drop, bottom: m.length - m.drop }
    const { left, right, top, bottom } = table
    return {
      ...flat,
      details: [
        ...flat.details,
        {
          kind: 'fold',
          points: [
            { x: left, y: top },
            { x: right, y: top },
            { x: right, y: bottom },
            { x: left, y: bottom },
          ],
          closed: true,
        },
      ],
      tapes: [...flat.tapes, { id: 'drop', from: { x: right * 0.6, y: bottom }, to: { x: right * 0.6, y: m.length } }],
      lines: [...flat.lines, { id: 'table', name: 'line.table-edge', axis: 'level', at: bottom }],
    }
  },
  placements: [
    ...cornerRules({ mm: 40, plausible: [20, 400], box, needs: ['width', 'length', 'hem'] }, [
      'one',
      'diagonal',
      'four',
    ]),
    centredRule<'width' | 'drop'>(
      {
        id: 'drop',
        name: message('item.in-the-overhang'),
        upIs: 'top.table-edge',
        usual: { width: 120, height: 80 },
      },
      (m) => m.width,
      ({ measures: m }) => ({
        id: 'downTable',
        line: 'table',
        edge: 'centre',
        mm: m.drop / 2,
        toward: 1,
        plausible: [20, m.drop],
      }),
    ),
    centredRule<'width'>(
      {
        id: 'centre',
        name: message('item.centre-of-the-cloth'),
        upIs: 'top.upper-edge',
        needs: ['width', 'length', 'hem'],
        usual: { width: 200, height: 200 },
      },
      (m) => m.width,
      () => middleDown,
    ),
  ],
}

const runnerSizes = [
  { id: 'short', name: message('item.short') },
  { id: 'usual', name: message('item.usual') },
  { id: 'long', name: message('item.long') },
]
const runnerEnd = centredRule<'width'>(
  {
    id: 'end',
    name: message('item.one-end-in-the-middle'),
    upIs: 'top.runner-middle',
    usual: { width: 120, height: 90 },
  },
  (m) => m.width,
  () => ({ id: 'up', line: 'bottom', edge: 'end', mm: 45, toward: -1, plausible: [15, 250] }),
)

export const tableRunner: ItemKind = {
  id: 'table-runner',
  name: message('item.table-runner'),
  group: 'table',
  reference: message('item.middle-of-the-upper-end'),
  measurements: [
    ask(runnerSizes, 'width', message('item.width'), message('item.long-edge-to-long-edge'), [300, 350, 400]),
    ask(runnerSizes, 'length', message('item.length'), message('item.end-to-end-along-the'), [900, 1400, 1800]),
    hemAsk(runnerSizes, [10, 12, 15]),
    ...halves('width', message('item.middle')),
  ],
  sizes: runnerSizes,
  usualSize: 'usual',
  usualCloth: 'linen',
  shape: linenShape,
  levels: level,
  placements: [
    runnerEnd,
    bothEnds(runnerEnd, { id: 'both-ends', name: message('item.both-ends') }),
    rowRule<'width' | 'length' | 'hem'>(
      { id: 'end-row', name: message('item.row-across-one-end'), upIs: 'top.runner-middle' },
      { side: 'lower', edgeName: 'line.end-edge', mm: 40, box, endHem: (m) => m.hem },
    ),
    rowRule<'width' | 'length' | 'hem'>(
      { id: 'border-row', name: message('item.border-row-along-one-side'), upIs: 'top.runner-middle' },
      { side: 'right', edgeName: 'line.long-edge', mm: 35, box, endHem: (m) => m.hem },
    ),
  ],
}

const cushionSizes = [
  { id: 'small', name: { own: '30 cm' } },
  { id: 'usual', name: { own: '45 cm' } },
  { id: 'large', name: { own: '60 cm' } },
]
const cushionMeasures = [
  ask(cushionSizes, 'width', message('item.width'), message('item.seam-to-seam-across-the-2'), [300, 450, 600]),
  ask(cushionSizes, 'length', message('item.height'), message('item.seam-to-seam-from-top'), [300, 450, 600]),
  ask(
    cushionSizes,
    'hem',
    message('item.kept-free-along-the-seams'),
    message('item.seam-piping-or-zip-along'),
    [12, 15, 15],
    { plausible: [0, 60], mayBeZero: true },
  ),
]
const offCentre = message('item.off-centre-from-one-edge')

/** Centred, or at a stated distance from one edge to the design's edge; a filled one is opened first. */
function cushion(id: string, name: Called, filled: boolean): ItemKind {
  const first = filled ? [{ id: 'open', said: message('step.open-pillow') }] : []
  return {
    id,
    name,
    group: 'bed',
    reference: message('item.middle-of-the-upper-seam'),
    measurements: [...cushionMeasures, ...halves('width', message('item.middle'))],
    sizes: cushionSizes,
    usualSize: 'usual',
    usualCloth: 'canvas',
    shape: (m: Linen) => {
      requireHem(m)
      return panelShape({
        box: box(m),
        hem: m.hem,
        hemId: 'hem',
        hemName: 'strip.seam',
        edges: { top: 'line.upper-seam', bottom: 'line.lower-seam', left: 'line.left-seam', right: 'line.right-seam' },
        sizes: ['width', 'length'],
      })
    },
    levels: level,
    placements: [
      centredRule<'width'>(
        {
          id: 'centred',
          name: message('item.centred'),
          upIs: 'top.upper-seam',
          usual: { width: 160, height: 120 },
        },
        (m) => m.width,
        () => middleDown,
        () => ({ first }),
      ),
      {
        id: 'off-centre',
        name: offCentre,
        arrange: 'one',
        upIs: 'top.upper-seam',
        usual: { width: 100, height: 100 },
        spot: ({ measures: m }: PlacementContext<'width'>) => ({
          down: { id: 'up', line: 'bottom', edge: 'end', mm: 70, toward: -1, plausible: [20, 400] },
          across: { id: 'in', line: 'right', edge: 'end', mm: 70, toward: -1, plausible: [20, 400] },
          first: [...first, creaseStep(m.width / 2)],
        }),
      },
    ],
  }
}
export const cushionCover = cushion('cushion-cover', message('item.cushion-cover'), false)
export const readyPillow = cushion('ready-pillow', message('item.ready-made-pillow'), true)
