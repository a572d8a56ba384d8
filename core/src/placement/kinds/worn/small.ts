import type { Box } from '../../../plane/box'
import { message } from '../../../messages/message'
import { at, curve } from '../../curve'
import type { ItemKind } from '../../itemKind'
import { ask, type Measures, type SizePreset } from '../../measures'
import { acrossLine, panelLines, panelShape } from '../flat/panelShape'
import { centredBothWays, centredRule, rowRule } from '../flat/panelRules'

const heads: readonly SizePreset[] = [
  { id: 'infant', name: message('item.infant') },
  { id: 'child', name: message('item.child') },
  { id: 'adult', name: message('item.adult') },
]
const lengths: readonly SizePreset[] = [
  { id: 'small', name: message('item.small') },
  { id: 'usual', name: message('item.usual') },
  { id: 'large', name: message('item.large') },
]

type Long = Measures<'width' | 'length'>
/** Its open or lower end toward the worker: y = 0 at that edge. */
const box = (m: Long): Box => ({ left: -m.width / 2, right: m.width / 2, top: -m.length, bottom: 0 })

/** A knitted cap laid flat, its opening toward the worker. */
export const beanie: ItemKind = {
  id: 'beanie',
  name: message('item.beanie'),
  group: 'worn',
  worn: true,
  reference: message('item.middle-of-the-openings-edge'),
  measurements: [
    ask(heads, 'width', message('item.width-of-the-opening'), message('item.laid-flat-side-to-side'), [150, 185, 210]),
    ask(heads, 'length', message('item.edge-to-crown'), message('item.up-the-middle-any-cuff'), [170, 215, 260]),
  ],
  sizes: heads,
  usualSize: 'adult',
  usualCloth: 'rib',
  shape: (m: Long) => {
    const [half, shoulder] = [m.width / 2, -m.length * 0.6]
    const flat = panelShape({
      ...{ box: box(m), edges: { top: 'line.crown', bottom: 'line.opening' }, sizes: ['width', 'length'] },
    })
    return {
      ...flat,
      outline: [
        at(-half, 0),
        ...curve(at(-half, shoulder), at(-half, -m.length), at(0, -m.length), 8),
        ...curve(at(0, -m.length), at(half, -m.length), at(half, shoulder), 8).slice(1),
        at(half, 0),
      ],
      // Where it is usually turned up.
      details: [acrossLine(box(m), -m.length * 0.28)],
      tube: { width: m.width },
      closedEnd: 'up',
    }
  },
  placements: [
    centredRule<'width'>(
      {
        id: 'front',
        name: message('item.front-above-the-edge'),
        upIs: 'top.crown',
        usual: { width: 70, height: 40 },
      },
      (m) => m.width,
      () => ({ id: 'up', line: 'bottom', edge: 'end', mm: 30, toward: -1, plausible: [12, 120] }),
      () => ({ first: [{ id: 'cuff-down', said: message('step.cuff-down') }] }),
    ),
  ],
}

type Stocking = Measures<'width' | 'length' | 'band'>
/** A hanging stocking: leg and foot, its cuff at the top; y = 0 at the top edge. */
export const stocking: ItemKind = {
  id: 'stocking',
  name: message('item.stocking-to-hang'),
  group: 'other',
  reference: message('item.middle-of-the-top-edge'),
  measurements: [
    ask(lengths, 'width', message('item.width-at-the-top'), message('item.laid-flat-seam-to-seam'), [150, 190, 230]),
    ask(lengths, 'length', message('item.top-edge-to-heel'), message('item.down-the-middle'), [280, 400, 480]),
    ask(lengths, 'band', message('item.depth-of-the-cuff'), message('item.from-the-top-edge-to'), [70, 90, 110]),
  ],
  sizes: lengths,
  usualSize: 'usual',
  usualCloth: 'wool-felt',
  shape: (m: Stocking) => {
    const [half, foot] = [m.width / 2, m.width * 0.75]
    const bounds = { left: -half, right: half, top: 0, bottom: m.band }
    return {
      outline: [
        at(-half, 0),
        at(half, 0),
        at(half, m.length * 0.62),
        at(half + foot, m.length * 0.8),
        at(half + foot * 0.8, m.length),
        at(-half * 0.5, m.length),
        at(-half, m.length * 0.85),
      ],
      details: [acrossLine(bounds, m.band)],
      zones: [],
      tapes: [
        { id: 'width', from: at(-half, 12), to: at(half, 12) },
        { id: 'length', from: at(0, 0), to: at(0, m.length) },
        { id: 'band', from: at(half * 0.7, 0), to: at(half * 0.7, m.band) },
      ],
      lines: panelLines(bounds, { top: 'line.top-edge', bottom: 'line.cuff-edge' }),
      tube: { width: m.width },
      closedEnd: 'down',
    }
  },
  placements: [
    centredRule<'width' | 'band'>(
      { id: 'cuff', name: message('item.on-the-cuff'), upIs: 'top.top-edge', usual: { width: 110, height: 40 } },
      (m) => m.width,
      ({ measures: m }) => ({
        ...{ id: 'downTop', line: 'top', edge: 'centre', mm: m.band / 2, toward: 1, plausible: [10, 200] },
      }),
    ),
  ],
}

/** A long strip worn over the shoulder or round the waist, one end toward the worker. */
export const sash: ItemKind = {
  id: 'sash',
  name: message('item.sash'),
  group: 'worn',
  reference: message('item.middle-of-the-lower-end'),
  measurements: [
    ask(lengths, 'width', message('item.width'), message('item.long-edge-to-long-edge'), [80, 100, 130]),
    ask(lengths, 'length', message('item.length'), message('item.end-to-end'), [1400, 1800, 2000]),
  ],
  sizes: lengths,
  usualSize: 'usual',
  usualCloth: 'satin',
  shape: (m: Long) =>
    panelShape({ box: box(m), edges: { top: 'line.upper-edge', bottom: 'line.end-edge' }, sizes: ['width', 'length'] }),
  placements: [
    centredRule<'width'>(
      {
        id: 'end',
        name: message('item.one-end-in-the-middle'),
        upIs: 'top.upper-edge',
        usual: { width: 60, height: 60 },
      },
      (m) => m.width,
      () => ({ id: 'up', line: 'bottom', edge: 'end', mm: 60, toward: -1, plausible: [15, 400] }),
    ),
    centredBothWays<'width'>({ upIs: 'top.upper-edge', usual: { width: 60, height: 60 } }, (m) => m.width),
    rowRule<'width' | 'length'>(
      { id: 'border-row', name: message('item.along-one-side'), upIs: 'top.upper-edge' },
      { side: 'right', edgeName: 'line.long-edge', mm: 25, box },
    ),
  ],
}

/** The hood of an infant’s towel: a corner folded over, its straight edge toward the worker; y = 0 there. */
export const hoodedTowel: ItemKind = {
  id: 'hooded-towel',
  name: message('item.hooded-towel'),
  group: 'infant',
  reference: message('item.middle-of-the-hoods-edge'),
  measurements: [
    ask(
      heads.slice(0, 2),
      'hood',
      message('item.hood-edge-to-point'),
      message('item.from-the-middle-of-its'),
      [210, 240],
    ),
    ask(
      heads.slice(0, 2),
      'binding',
      message('item.binding-along-the-edge'),
      message('item.its-depth-0-for-none'),
      [12, 12],
      {
        plausible: [0, 40],
        mayBeZero: true,
      },
    ),
  ],
  sizes: heads.slice(0, 2),
  usualSize: 'infant',
  usualCloth: 'terry',
  use: { infant: true },
  shape: (m: Measures<'hood' | 'binding'>) => {
    const bounds = { left: -m.hood, right: m.hood, top: -m.hood, bottom: 0 }
    return {
      outline: [at(-m.hood, 0), at(0, -m.hood), at(m.hood, 0)],
      details:
        m.binding > 0
          ? [acrossLine({ ...bounds, left: -m.hood + m.binding, right: m.hood - m.binding }, -m.binding)]
          : [],
      zones: [],
      tapes: [
        { id: 'hood', from: at(0, 0), to: at(0, -m.hood) },
        { id: 'binding', from: at(m.hood * 0.5, 0), to: at(m.hood * 0.5, -m.binding) },
      ],
      lines: panelLines(bounds, { top: 'line.hood-point', bottom: 'line.hood-edge' }),
      tube: null,
      goesOn: { down: 700 },
    }
  },
  placements: [
    centredRule<'hood' | 'binding'>(
      { id: 'hood', name: message('item.on-the-hood'), upIs: 'top.hood-point', usual: { width: 80, height: 50 } },
      (m) => 2 * m.hood,
      ({ measures: m }) => ({
        ...{ id: 'up', line: 'bottom', edge: 'end', mm: m.binding + 25, toward: -1, plausible: [15, 120] },
      }),
    ),
  ],
}
