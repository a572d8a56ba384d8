import { rectangle } from '../../../plane/box'
import { CoreError } from '../../../errors'
import { boxCorners, type Box } from '../../../plane/box'
import { at, curve, fromRightHalf } from '../../curve'
import type { ItemKind } from '../../itemKind'
import { ask, halves, type Measures } from '../../measures'
import { panelLines, panelShape, widthLevel } from './panelShape'
import { centredRule } from './panelRules'

const sizes = [
  { id: 'small', name: 'Small' },
  { id: 'usual', name: 'Usual' },
  { id: 'large', name: 'Large' },
]
const box = (m: Measures): Box => ({ left: -m.width! / 2, right: m.width! / 2, top: 0, bottom: m.length! })
const edges = { top: 'the top edge', bottom: 'the lower edge' }
const level = widthLevel('width', (m) => m.length! / 2)

/** The optical centre of a panel sits about 5 % above its middle (craft.md section 2). */
const OPTICAL = 0.45
const optical =
  (height: string) =>
  ({ measures }: { measures: Measures }) =>
    ({
      id: 'down',
      line: 'top',
      edge: 'centre',
      mm: measures[height]! * OPTICAL,
      toward: 1,
      plausible: [30, measures[height]!],
    }) as const

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
      'From the top edge to where the handles’ stitching ends.',
      [35, 45, 50],
      { plausible: [0, 120], mayBeZero: true },
    ),
    ...halves('width', 'Middle'),
  ],
  sizes,
  usualSize: 'usual',
  usualCloth: 'canvas',
  shape: (m) => {
    const b = box(m)
    const [left, right] = [-m.width! * 0.22, m.width! * 0.22]
    const handle = (x: number) => rectangle(28, m.hem!, at(x, m.hem! / 2))
    const flat = panelShape({
      box: b,
      edges: { ...edges, bottom: 'the bottom seam', left: 'your left seam', right: 'your right seam' },
      sizes: ['width', 'length'],
    })
    return {
      ...flat,
      details: [
        { kind: 'fold', points: [at(b.left, m.hem!), at(b.right, m.hem!)] },
        ...[left, right].map((x) => ({ kind: 'seam' as const, points: handle(x), closed: true })),
      ],
      zones:
        m.hem! > 0
          ? [{ id: 'hem', name: 'top hem', outline: boxCorners({ ...b, bottom: m.hem! }), clear: 10, ring: 'caution' }]
          : [],
      tapes: [...flat.tapes, { id: 'hem', from: at(right + 40, 0), to: at(right + 40, m.hem!) }],
      tube: { width: m.width! },
    }
  },
  levels: level,
  placements: [
    centredRule(
      { id: 'panel', name: 'Middle of the panel', upIs: 'the top edge', usual: { width: 140, height: 120 } },
      'width',
      optical('length'),
    ),
  ],
}

export const apron: ItemKind = {
  id: 'apron',
  name: 'Apron',
  group: 'bags',
  reference: 'middle of the bib’s top edge',
  measurements: [
    ask(sizes, 'bibWidth', 'Bib, top edge', 'Across the top of the bib, edge to edge.', [160, 240, 260]),
    ask(sizes, 'bibHeight', 'Bib, top edge to waist', 'Down the middle to the level of the ties.', [180, 270, 290]),
    ask(sizes, 'width', 'Width at the waist', 'Tie to tie, laid flat.', [400, 620, 720]),
    ask(sizes, 'length', 'Top edge to hem', 'Down the middle, all of it.', [480, 800, 860]),
    ...halves('width', 'Waist'),
  ],
  sizes,
  usualSize: 'usual',
  usualCloth: 'twill',
  shape: (m) => {
    const [bib, waist, half] = [m.bibWidth! / 2, m.bibHeight!, m.width! / 2]
    if (waist >= m.length!)
      throw new CoreError(
        'contradiction',
        'The waist comes out below the hem: measure both again.',
        'measures.bibHeight',
      )
    if (bib > half)
      throw new CoreError(
        'contradiction',
        'The bib comes out wider than the waist: measure both again.',
        'measures.bibWidth',
      )
    const hem = 12
    const outline = fromRightHalf([
      at(0, 0),
      at(bib, 0),
      ...curve(at(bib, 0), at(bib + (half - bib) * 0.15, waist * 0.75), at(half, waist), 8).slice(1),
      at(half, m.length!),
    ])
    return {
      outline,
      details: [{ kind: 'fold', points: [at(-bib, 20), at(bib, 20)] }],
      zones: [
        {
          id: 'top-hem',
          name: 'bib’s hem',
          outline: boxCorners({ left: -bib, right: bib, top: 0, bottom: 20 }),
          clear: 8,
          ring: 'caution',
        },
        {
          id: 'hem',
          name: 'hem',
          outline: boxCorners({ left: -half, right: half, top: m.length! - hem, bottom: m.length! }),
          clear: 5,
          ring: 'free',
        },
      ],
      tapes: [
        { id: 'bibWidth', from: at(-bib, 8), to: at(bib, 8) },
        { id: 'bibHeight', from: at(-bib * 0.8, 0), to: at(-bib * 0.8, waist) },
        { id: 'width', from: at(-half, waist + 10), to: at(half, waist + 10) },
        { id: 'length', from: at(-bib * 0.6, 0), to: at(-bib * 0.6, m.length!) },
      ],
      lines: [
        { id: 'top', name: 'the bib’s top edge', axis: 'level', at: 0 },
        { id: 'waist', name: 'the waist', axis: 'level', at: waist },
        { id: 'hem', name: 'the hem', axis: 'level', at: m.length! },
        { id: 'centre', name: 'the centre line', axis: 'upright', at: 0 },
      ],
      tube: null,
    }
  },
  levels: (m) => [{ id: 'width', name: 'the waist', y: m.bibHeight!, width: m.width!, part: 'body' }],
  placements: [
    centredRule(
      { id: 'bib', name: 'Bib', upIs: 'the bib’s top edge', usual: { width: 120, height: 90 } },
      'bibWidth',
      optical('bibHeight'),
    ),
    centredRule(
      { id: 'skirt', name: 'Below the waist', upIs: 'the bib', usual: { width: 160, height: 120 } },
      'width',
      ({ measures: m, design }) => ({
        id: 'downWaist',
        line: 'waist',
        edge: 'start',
        mm: Math.max(30, Math.min(120, (m.length! - m.bibHeight! - design.height) * 0.4)),
        toward: 1,
        plausible: [10, 500],
      }),
    ),
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
  shape: (m) =>
    panelShape({ box: box(m), hem: m.hem!, hemId: 'hem', hemName: 'binding', edges, sizes: ['width', 'length'] }),
  levels: level,
  placements: [
    centredRule(
      { id: 'panel', name: 'Middle of the outside', upIs: 'the top edge', usual: { width: 120, height: 120 } },
      'width',
      optical('length'),
    ),
    {
      id: 'end-panel',
      name: 'On the last turn, seen when rolled',
      arrange: 'one',
      upIs: 'the top edge',
      usual: { width: 80, height: 80 },
      spot: ({ measures: m }) => ({
        down: optical('length')({ measures: m }),
        across: {
          id: 'in',
          line: 'right',
          edge: 'centre',
          mm: Math.min(110, m.width! / 4),
          toward: -1,
          plausible: [40, m.width!],
        },
        first: [
          { id: 'roll', text: 'Roll it up, mark the middle of the turn that shows, and unroll it again.', lengths: [] },
        ],
      }),
    },
  ],
}

/** What shows of a cut panel once the bag is sewn: without seams, half the boxed base on each side, and the casing. */
export function finishedFace(m: Measures): Box {
  const half = m.width! / 2 - m.seam! - m.base! / 2
  const face = { left: -half, right: half, top: m.casing!, bottom: m.length! - m.seam! - m.base! / 2 }
  if (half <= 0)
    throw new CoreError(
      'contradiction',
      'Seams and base leave nothing of the width: measure them again.',
      'measures.base',
    )
  if (face.bottom <= face.top)
    throw new CoreError(
      'contradiction',
      'Casing and base leave nothing of the height: measure them again.',
      'measures.casing',
    )
  return face
}

/** Sewn after: the cut panel lies flat, its face worked out from seam, boxed base and casing (craft.md section 2). */
export const drawstringBag: ItemKind = {
  id: 'drawstring-bag',
  name: 'Drawstring bag, cut panel',
  group: 'bags',
  reference: 'middle of the cut top edge',
  measurements: [
    ask(sizes, 'width', 'Cut width', 'Of one panel, raw edge to raw edge.', [220, 320, 420]),
    ask(sizes, 'length', 'Cut height', 'Of one panel, raw top edge to raw lower edge.', [280, 420, 520]),
    ask(sizes, 'seam', 'Seam allowance', 'At the sides and the foot.', [10, 10, 12], {
      plausible: [0, 30],
      mayBeZero: true,
    }),
    ask(sizes, 'base', 'Depth of the boxed base', 'Front to back once boxed; 0 for a flat bag.', [0, 80, 100], {
      plausible: [0, 240],
      mayBeZero: true,
    }),
    ask(
      sizes,
      'casing',
      'Casing and top hem',
      'From the raw top edge down to the casing’s lower stitching.',
      [50, 65, 70],
      { plausible: [20, 140] },
    ),
  ],
  sizes,
  usualSize: 'usual',
  usualCloth: 'quilting-cotton',
  shape: (m) => {
    const b = box(m)
    const face = finishedFace(m)
    const strip = (id: string, name: string, part: Partial<Box>) =>
      ({ id, name, outline: boxCorners({ ...b, ...part }), clear: 10, ring: 'free' }) as const
    const turned = m.base! > 0 ? 'seam and turn to the base' : 'seam'
    return {
      outline: boxCorners(b),
      details: [{ kind: 'fold', points: boxCorners(face), closed: true }],
      zones: [
        strip('casing', 'casing', { bottom: face.top }),
        strip('base', m.base! > 0 ? 'base and its seam' : 'bottom seam', { top: face.bottom }),
        strip('left', `left ${turned}`, { right: face.left }),
        strip('right', `right ${turned}`, { left: face.right }),
      ],
      tapes: [
        { id: 'width', from: at(b.left, m.length! * 0.92), to: at(b.right, m.length! * 0.92) },
        { id: 'length', from: at(b.left + m.width! * 0.08, 0), to: at(b.left + m.width! * 0.08, m.length!) },
        { id: 'seam', from: at(b.left, m.length! * 0.3), to: at(b.left + m.seam!, m.length! * 0.3) },
        { id: 'base', from: at(-m.base! / 2, m.length! * 0.97), to: at(m.base! / 2, m.length! * 0.97) },
        { id: 'casing', from: at(b.right * 0.7, 0), to: at(b.right * 0.7, m.casing!) },
      ],
      lines: [
        ...panelLines(face, {
          top: 'the casing’s line',
          bottom: 'the base’s line',
          left: 'your left edge of the face',
          right: 'your right edge of the face',
        }),
        { id: 'cut-top', name: 'the cut top edge', axis: 'level', at: 0 },
        { id: 'cut-bottom', name: 'the cut lower edge', axis: 'level', at: m.length! },
      ],
      tube: null,
    }
  },
  placements: [
    centredRule(
      { id: 'low-centre', name: 'Middle of the finished face', upIs: 'the casing', usual: { width: 100, height: 100 } },
      'width',
      ({ measures: m }) => {
        const face = finishedFace(m)
        return {
          id: 'downCut',
          line: 'cut-top',
          edge: 'centre',
          mm: (face.top + face.bottom) / 2,
          toward: 1,
          plausible: [face.top, face.bottom],
        }
      },
      ({ measures: m, write }) => {
        const face = finishedFace(m)
        const [wide, high] = [face.right - face.left, face.bottom - face.top]
        return {
          first: [
            {
              id: 'face',
              text: `The finished face will be ${write(wide)} wide and ${write(high)} high: chalk it on the panel.`,
              lengths: [wide, high],
            },
          ],
        }
      },
    ),
  ],
}
