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
  name: message('item.tote-bag'),
  group: 'bags',
  reference: message('item.middle-of-the-top-edge'),
  measurements: [
    ask(sizes, 'width', message('item.width'), message('item.side-seam-to-side-seam'), [280, 380, 450]),
    ask(sizes, 'length', message('item.height'), message('item.top-edge-to-the-bottom'), [300, 420, 450]),
    ask(sizes, 'hem', message('item.top-hem-with-the-handles'), message('item.top-edge-to-where-the'), [35, 45, 50], {
      plausible: [0, 120],
      mayBeZero: true,
    }),
    ...halves('width', message('item.middle')),
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
      {
        id: 'panel',
        name: message('item.middle-of-the-panel'),
        upIs: 'top.top-edge',
        usual: { width: 140, height: 120 },
      },
      (m) => m.width,
      panelDown,
    ),
    centredBothWays<'width' | 'length'>({ upIs: 'top.top-edge', usual: { width: 140, height: 120 } }, (m) => m.width),
  ],
}

export const toolRoll: ItemKind = {
  id: 'tool-roll',
  name: message('item.tool-roll'),
  group: 'bags',
  reference: message('item.middle-of-the-top-edge'),
  measurements: [
    ask(sizes, 'width', message('item.width'), message('item.end-to-end-unrolled-outside'), [350, 500, 650]),
    ask(sizes, 'length', message('item.height'), message('item.top-edge-to-lower-edge'), [250, 330, 380]),
    ask(sizes, 'hem', message('item.binding'), message('item.from-the-edge-to-its'), [12, 15, 15], {
      plausible: [0, 50],
      mayBeZero: true,
    }),
    ...halves('width', message('item.middle')),
  ],
  sizes,
  usualSize: 'usual',
  usualCloth: 'canvas',
  shape: (m: Bag) =>
    panelShape({ box: box(m), hem: m.hem, hemId: 'hem', hemName: 'strip.binding', edges, sizes: ['width', 'length'] }),
  levels: level,
  placements: [
    centredRule<'width' | 'length'>(
      {
        id: 'panel',
        name: message('item.middle-of-the-outside'),
        upIs: 'top.top-edge',
        usual: { width: 120, height: 120 },
      },
      (m) => m.width,
      panelDown,
    ),
    centredBothWays<'width' | 'length'>({ upIs: 'top.top-edge', usual: { width: 120, height: 120 } }, (m) => m.width),
    {
      id: 'end-panel',
      name: message('item.on-the-last-turn-seen'),
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
