import { CoreError } from '../../../errors'
import type { Box } from '../../../plane/box'
import { message } from '../../../messages/message'
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
    throw new CoreError('contradiction', 'The hems leave nothing of the cloth. Measure them again.', 'measures.hem')
}

/** A hemmed rectangle laid flat, as every table linen is. */
function linenShape(m: Linen) {
  requireHem(m)
  return panelShape({ box: box(m), hem: m.hem, hemId: 'hem', edges, sizes: ['width', 'length'] })
}

const hemAsk = (sizes: readonly SizePreset[], numbers: number[]) =>
  ask(sizes, 'hem', 'Depth of the hem', 'From the edge to the hem’s stitching; 0 for none.', numbers, {
    plausible: [0, 80],
    mayBeZero: true,
  })
const level = widthLevel<'length'>((m) => m.length / 2)

const napkinSizes = [
  { id: 'small', name: 'Small' },
  { id: 'lunch', name: 'Lunch' },
  { id: 'dinner', name: 'Dinner' },
]
export const napkin: ItemKind = {
  id: 'napkin',
  name: 'Napkin or bread cloth',
  group: 'table',
  reference: 'middle of the upper edge',
  measurements: [
    ask(napkinSizes, 'width', 'Width', 'Edge to edge across the middle, pressed flat.', [250, 400, 500]),
    ask(napkinSizes, 'length', 'Length', 'Upper edge to lower edge along the middle.', [250, 400, 500]),
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
  { id: 'small', name: 'Small' },
  { id: 'usual', name: 'Usual' },
  { id: 'large', name: 'Large' },
]
export const tablecloth: ItemKind = {
  id: 'tablecloth',
  name: 'Tablecloth',
  group: 'table',
  reference: 'middle of the upper edge',
  measurements: [
    ask(tableSizes, 'width', 'Width', 'Edge to edge across the middle.', [900, 1400, 1500]),
    ask(tableSizes, 'length', 'Length', 'Upper edge to lower edge along the middle.', [900, 1800, 2500]),
    hemAsk(tableSizes, [15, 20, 25]),
    ask(tableSizes, 'drop', 'Overhang', 'From the table’s edge down to the hem’s edge.', [180, 220, 250]),
  ],
  sizes: tableSizes,
  usualSize: 'usual',
  usualCloth: 'linen',
  shape: (m: Measures<'width' | 'length' | 'hem', 'drop'>) => {
    const flat = linenShape(m)
    if (m.drop === undefined) return flat
    if (2 * m.drop >= Math.min(m.width, m.length))
      throw new CoreError(
        'contradiction',
        'The overhang leaves no table under the cloth: measure it again.',
        'measures.drop',
      )
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
      { id: 'drop', name: 'In the overhang', upIs: 'top.table-edge', usual: { width: 120, height: 80 } },
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
        name: 'Centre of the cloth',
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
  { id: 'short', name: 'Short' },
  { id: 'usual', name: 'Usual' },
  { id: 'long', name: 'Long' },
]
const runnerEnd = centredRule<'width'>(
  { id: 'end', name: 'One end, in the middle', upIs: 'top.runner-middle', usual: { width: 120, height: 90 } },
  (m) => m.width,
  () => ({ id: 'up', line: 'bottom', edge: 'end', mm: 45, toward: -1, plausible: [15, 250] }),
)

export const tableRunner: ItemKind = {
  id: 'table-runner',
  name: 'Table runner',
  group: 'table',
  reference: 'middle of the upper end',
  measurements: [
    ask(runnerSizes, 'width', 'Width', 'Long edge to long edge.', [300, 350, 400]),
    ask(runnerSizes, 'length', 'Length', 'End to end along the middle.', [900, 1400, 1800]),
    hemAsk(runnerSizes, [10, 12, 15]),
    ...halves('width', 'Middle'),
  ],
  sizes: runnerSizes,
  usualSize: 'usual',
  usualCloth: 'linen',
  shape: linenShape,
  levels: level,
  placements: [
    runnerEnd,
    bothEnds(runnerEnd, { id: 'both-ends', name: 'Both ends' }),
    rowRule<'width' | 'length' | 'hem'>(
      { id: 'end-row', name: 'Row across one end', upIs: 'top.runner-middle' },
      { side: 'lower', edgeName: 'line.end-edge', mm: 40, box, endHem: (m) => m.hem },
    ),
    rowRule<'width' | 'length' | 'hem'>(
      { id: 'border-row', name: 'Border row along one side', upIs: 'top.runner-middle' },
      { side: 'right', edgeName: 'line.long-edge', mm: 35, box, endHem: (m) => m.hem },
    ),
  ],
}

const cushionSizes = [
  { id: 'small', name: '30 cm' },
  { id: 'usual', name: '45 cm' },
  { id: 'large', name: '60 cm' },
]
const cushionMeasures = [
  ask(cushionSizes, 'width', 'Width', 'Seam to seam across the middle, flat and empty.', [300, 450, 600]),
  ask(cushionSizes, 'length', 'Height', 'Seam to seam from top to bottom.', [300, 450, 600]),
  ask(
    cushionSizes,
    'hem',
    'Kept free along the seams',
    'Seam, piping or zip along the edges; 0 for none.',
    [12, 15, 15],
    { plausible: [0, 60], mayBeZero: true },
  ),
]
const offCentre = 'Off-centre, from one edge'

/** Centred, or at a stated distance from one edge to the design's edge; a filled one is opened first. */
function cushion(id: string, name: string, filled: boolean): ItemKind {
  const first = filled ? [{ id: 'open', said: message('step.open-pillow') }] : []
  return {
    id,
    name,
    group: 'bed',
    reference: 'middle of the upper seam',
    measurements: [...cushionMeasures, ...halves('width', 'Middle')],
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
        { id: 'centred', name: 'Centred', upIs: 'top.upper-seam', usual: { width: 160, height: 120 } },
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
export const cushionCover = cushion('cushion-cover', 'Cushion cover', false)
export const readyPillow = cushion('ready-pillow', 'Ready-made pillow', true)
