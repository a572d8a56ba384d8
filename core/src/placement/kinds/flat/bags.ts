import { type Box, boxCorners, rectangle } from '../../../plane/box'
import { at } from '../../curve'
import { message } from '../../../messages/message'
import type { PlacementContext } from '../../placementRule'
import type { ItemKind } from '../../itemKind'
import { ask, halves, type Measures } from '../../measures'
import { panelShape, widthLevel } from './panelShape'
import { bagSizes as sizes, optical } from './bagSizes'
import { centredBothWays, centredRule } from './panelRules'

type Bag = Measures<'width' | 'length' | 'hem'>
const box = (m: Measures<'width' | 'length'>): Box => ({
  left: -m.width / 2,
  right: m.width / 2,
  top: 0,
  bottom: m.length,
})
const edges = { top: 'line.top-edge', bottom: 'line.lower-edge' }
const level = widthLevel<'length'>((m) => m.length / 2)
const panelDown = optical<'length'>((m) => m.length)

export const tote: ItemKind = {
  id: 'tote',
  name: 'Tote bag',
  group: 'bags',
  reference: 'middle of the top edge',
  measurements: [
    ask(sizes, 'width', 'Width', 'Side seam to side seam, laid flat.', [280, 380, 450]),
    ask(sizes, 'length', 'Height', 'Top edge to the bottom seam or fold.', [300, 420, 450]),
    ask(
      sizes,
      'hem',
      'Top hem with the handles’ ends',
      'Top edge to where the handles’ stitching ends.',
      [35, 45, 50],
      { plausible: [0, 120], mayBeZero: true },
    ),
    ...halves('width', 'Middle'),
  ],
  sizes,
  usualSize: 'usual',
  usualCloth: 'canvas',
  shape: (m: Bag) => {
    const b = box(m)
    const [left, right] = [-m.width * 0.22, m.width * 0.22]
    const handle = (x: number) => rectangle(28, m.hem, at(x, m.hem / 2))
    const flat = panelShape({
      box: b,
      edges: { ...edges, bottom: 'line.bottom-seam', left: 'line.left-seam', right: 'line.right-seam' },
      sizes: ['width', 'length'],
    })
    return {
      ...flat,
      details: [
        { kind: 'fold', points: [at(b.left, m.hem), at(b.right, m.hem)] },
        ...[left, right].map((x) => ({ kind: 'seam' as const, points: handle(x), closed: true })),
      ],
      zones:
        m.hem > 0
          ? [
              {
                id: 'hem',
                name: 'zone.top-hem',
                outline: boxCorners({ ...b, bottom: m.hem }),
                clear: 10,
                ring: 'caution',
              },
            ]
          : [],
      tapes: [...flat.tapes, { id: 'hem', from: at(right + 40, 0), to: at(right + 40, m.hem) }],
      tube: { width: m.width },
      closedEnd: 'down',
    }
  },
  levels: level,
  placements: [
    centredRule<'width' | 'length'>(
      { id: 'panel', name: 'Middle of the panel', upIs: 'top.top-edge', usual: { width: 140, height: 120 } },
      (m) => m.width,
      panelDown,
    ),
    centredBothWays<'width' | 'length'>({ upIs: 'top.top-edge', usual: { width: 140, height: 120 } }, (m) => m.width),
  ],
}

export const toolRoll: ItemKind = {
  id: 'tool-roll',
  name: 'Tool roll',
  group: 'bags',
  reference: 'middle of the top edge',
  measurements: [
    ask(sizes, 'width', 'Width', 'End to end, unrolled, outside up.', [350, 500, 650]),
    ask(sizes, 'length', 'Height', 'Top edge to lower edge.', [250, 330, 380]),
    ask(sizes, 'hem', 'Binding', 'From the edge to its stitching; 0 for none.', [12, 15, 15], {
      plausible: [0, 50],
      mayBeZero: true,
    }),
    ...halves('width', 'Middle'),
  ],
  sizes,
  usualSize: 'usual',
  usualCloth: 'canvas',
  shape: (m: Bag) =>
    panelShape({ box: box(m), hem: m.hem, hemId: 'hem', hemName: 'strip.binding', edges, sizes: ['width', 'length'] }),
  levels: level,
  placements: [
    centredRule<'width' | 'length'>(
      { id: 'panel', name: 'Middle of the outside', upIs: 'top.top-edge', usual: { width: 120, height: 120 } },
      (m) => m.width,
      panelDown,
    ),
    centredBothWays<'width' | 'length'>({ upIs: 'top.top-edge', usual: { width: 120, height: 120 } }, (m) => m.width),
    {
      id: 'end-panel',
      name: 'On the last turn, seen when rolled',
      arrange: 'one',
      upIs: 'top.top-edge',
      usual: { width: 80, height: 80 },
      spot: ({ measures: m }: PlacementContext<'width' | 'length'>) => ({
        down: panelDown({ measures: m }),
        across: {
          id: 'in',
          line: 'right',
          edge: 'centre',
          mm: Math.min(110, m.width / 4),
          toward: -1,
          plausible: [40, m.width],
        },
        first: [{ id: 'roll', said: message('step.roll') }],
      }),
    },
  ],
}
