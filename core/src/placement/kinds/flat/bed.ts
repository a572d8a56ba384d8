import { CoreError } from '../../../errors'
import type { Box } from '../../../plane/box'
import { message } from '../../../messages/message'
import type { ItemKind } from '../../itemKind'
import { ask, halves, type Measures } from '../../measures'
import { acrossLine, panelShape, widthLevel } from './panelShape'
import { centredRule, cornerRules, rowRule } from './panelRules'

/** Bed linen lies with the end that is worked toward the worker: y = 0 at its edge. */
type Bed = Measures<'width' | 'length' | 'band'>
const box = (m: Measures<'width' | 'length'>): Box => ({
  left: -m.width / 2,
  right: m.width / 2,
  top: -m.length,
  bottom: 0,
})
const widthY = (m: Measures<'width' | 'length'>): number => -m.length / 2

const caseSizes = [
  { id: 'cot', name: message('item.cot') },
  { id: 'usual', name: message('item.usual') },
  { id: 'large', name: message('item.large') },
]
/** Centred on the band, reading toward the open end: the design's foot points to it (craft.md section 2). */
export const pillowcase: ItemKind = {
  id: 'pillowcase',
  name: message('item.pillowcase'),
  group: 'bed',
  reference: message('item.middle-of-the-open-end'),
  measurements: [
    ask(
      caseSizes,
      'width',
      message('item.width-of-the-open-end'),
      message('item.seam-to-seam-along-the'),
      [400, 500, 550],
    ),
    ask(caseSizes, 'length', message('item.length'), message('item.open-end-to-closed-end'), [600, 750, 900]),
    ask(caseSizes, 'band', message('item.depth-of-the-band'), message('item.from-the-open-end-to'), [60, 90, 100]),
    ...halves('width', message('item.middle')),
  ],
  sizes: caseSizes,
  usualSize: 'usual',
  usualCloth: 'quilting-cotton',
  shape: (m: Bed) => {
    if (m.band >= m.length / 2)
      throw new CoreError('contradiction', message('item.the-band-comes-out-deeper'), 'measures.band')
    const flat = panelShape({
      box: box(m),
      edges: { top: 'line.closed-end', bottom: 'line.open-end', left: 'line.left-seam', right: 'line.right-seam' },
      sizes: ['width', 'length'],
    })
    const stitching = { left: -m.width / 2, right: m.width / 2, top: -m.band - 3, bottom: -m.band + 3 }
    const { left, right, top, bottom } = stitching
    return {
      ...flat,
      details: [acrossLine(box(m), -m.band)],
      zones: [
        {
          id: 'band',
          name: 'zone.band',
          outline: [
            { x: left, y: top },
            { x: right, y: top },
            { x: right, y: bottom },
            { x: left, y: bottom },
          ],
          clear: 5,
          ring: 'caution',
        },
      ],
      tapes: [...flat.tapes, { id: 'band', from: { x: right * 0.7, y: 0 }, to: { x: right * 0.7, y: -m.band } }],
      lines: [...flat.lines, { id: 'band', name: 'line.band-stitching', axis: 'level', at: -m.band }],
      tube: { width: m.width },
      closedEnd: 'up',
    }
  },
  levels: widthLevel<'length'>(widthY),
  placements: [
    centredRule<'width' | 'band'>(
      { id: 'band', name: message('item.on-the-band'), upIs: 'top.closed-end', usual: { width: 150, height: 40 } },
      (m) => m.width,
      ({ measures: m }) => ({
        id: 'up',
        line: 'bottom',
        edge: 'centre',
        mm: m.band / 2,
        toward: -1,
        plausible: [15, m.band],
      }),
    ),
    rowRule<'width' | 'length' | 'band'>(
      {
        id: 'band-row',
        name: message('item.row-along-the-band'),
        upIs: 'top.closed-end',
        usual: { width: 50, height: 30 },
      },
      {
        side: 'lower',
        edgeName: 'line.open-end',
        mm: ({ measures: m, design }) => Math.max(12, (m.band - design.height) / 2),
        box,
        endHem: () => 15,
      },
    ),
  ],
}

const bedSizes = [
  { id: 'cot', name: message('item.cot') },
  { id: 'single', name: message('item.single') },
  { id: 'double', name: message('item.double') },
]
const sheetFirst = { id: 'wrong-side', said: message('step.wrong-side') }
export const flatSheet: ItemKind = {
  id: 'flat-sheet',
  name: message('item.flat-sheet'),
  group: 'bed',
  reference: message('item.middle-of-the-top-hems'),
  measurements: [
    ask(bedSizes, 'width', message('item.width'), message('item.edge-to-edge-along-the'), [1200, 1800, 2600]),
    ask(bedSizes, 'length', message('item.length'), message('item.top-hem-to-foot-hem'), [1500, 2600, 2800]),
    ask(bedSizes, 'band', message('item.depth-of-the-top-hem'), message('item.from-the-edge-to-its-2'), [60, 90, 100]),
    ...halves('width', message('item.middle')),
  ],
  sizes: bedSizes,
  usualSize: 'single',
  usualCloth: 'quilting-cotton',
  shape: (m: Bed) => {
    const flat = panelShape({
      box: box(m),
      edges: { top: 'line.foot-hem', bottom: 'line.top-hem-edge' },
      sizes: ['width', 'length'],
    })
    return {
      ...flat,
      details: [acrossLine(box(m), -m.band)],
      tapes: [...flat.tapes, { id: 'band', from: { x: m.width * 0.3, y: 0 }, to: { x: m.width * 0.3, y: -m.band } }],
      lines: [...flat.lines, { id: 'band', name: 'line.hem-stitching', axis: 'level', at: -m.band }],
    }
  },
  levels: widthLevel<'length'>(widthY),
  placements: [
    rowRule(
      {
        id: 'border-row',
        name: message('item.border-row-along-the-top'),
        upIs: 'top.foot-end',
        usual: { width: 120, height: 50 },
      },
      { side: 'lower', edgeName: 'line.top-hem-edge', mm: 20, box, endHem: () => 25, first: () => [sheetFirst] },
    ),
    centredRule<'width' | 'band'>(
      {
        id: 'top-centre',
        name: message('item.middle-of-the-top'),
        upIs: 'top.foot-end',
        usual: { width: 160, height: 100 },
      },
      (m) => m.width,
      ({ measures: m }) => ({
        id: 'upBand',
        line: 'band',
        edge: 'end',
        mm: Math.max(15, m.band * 0.25),
        toward: -1,
        plausible: [5, 200],
      }),
      () => ({ first: [sheetFirst] }),
    ),
  ],
}

const blanketSizes = [
  { id: 'cot', name: message('item.cot') },
  { id: 'throw', name: message('item.throw') },
  { id: 'bed', name: message('item.bed') },
]
/** In a corner, 125 to 150 mm in from both edges, or at 45 degrees (craft.md section 2). */
export const blanket: ItemKind = {
  id: 'blanket',
  name: message('item.blanket-or-throw'),
  group: 'bed',
  reference: message('item.middle-of-the-lower-edge'),
  measurements: [
    ask(blanketSizes, 'width', message('item.width'), message('item.edge-to-edge-across-the'), [750, 1300, 2000]),
    ask(blanketSizes, 'length', message('item.length'), message('item.edge-to-edge-along-the-2'), [1000, 1700, 2300]),
    ask(blanketSizes, 'hem', message('item.binding-or-hem'), message('item.from-the-edge-to-its'), [15, 20, 25], {
      plausible: [0, 120],
      mayBeZero: true,
    }),
  ],
  sizes: blanketSizes,
  usualSize: 'throw',
  usualCloth: 'polar-fleece',
  shape: (m: Measures<'width' | 'length' | 'hem'>) =>
    panelShape({
      box: box(m),
      hem: m.hem,
      hemId: 'hem',
      hemName: 'strip.binding',
      edges: { top: 'line.upper-edge', bottom: 'line.lower-edge' },
      sizes: ['width', 'length'],
    }),
  placements: cornerRules({ mm: 137, plausible: [60, 400], box }, ['one', 'diagonal', 'four']),
}
