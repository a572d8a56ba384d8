import { CoreError } from '../../../errors'
import { boxCorners, type Box } from '../../../plane/box'
import { at, curve, fromRightHalf, mirrored } from '../../curve'
import { type Named, message } from '../../../messages/message'
import type { ItemKind } from '../../itemKind'
import type { NoSewZone } from '../../itemShape'
import { ask, halves, type Measures, type SizePreset } from '../../measures'
import { centredBothWays, centredRule, cornerRules } from '../flat/panelRules'
import { panelShape, widthLevel } from '../flat/panelShape'

const ages: readonly SizePreset[] = [
  { id: 'newborn', name: message('item.newborn') },
  { id: 'infant', name: message('item.infant') },
  { id: 'toddler', name: message('item.toddler') },
]

type Bodysuit = Measures<'chestWidth' | 'neckWidth' | 'length' | 'crotchWidth'>

/** A bodysuit laid flat: shoulders that overlap, a bound neck, bound legs with snaps at the foot; y = 0 below the neck. */
// eslint-disable-next-line max-lines-per-function -- one outline, point by point
function bodysuitShape(m: Bodysuit) {
  const [half, neck, length] = [m.chestWidth / 2, m.neckWidth / 2, m.length]
  const top = -neck * 0.62
  const [armhole, snaps] = [half * 0.62, m.crotchWidth / 2]
  if (neck >= half * 0.85)
    throw new CoreError('contradiction', message('item.the-neck-comes-out-nearly'), 'measures.neckWidth')
  if (length < half) throw new CoreError('contradiction', message('item.it-comes-out-shorter-than'), 'measures.length')
  const neckCurve = curve(at(0, 0), at(neck * 0.9, 0), at(neck, top), 6)
  const leg = curve(at(half * 0.97, length * 0.72), at(snaps * 1.4, length * 0.78), at(snaps, length), 8)
  const outline = fromRightHalf([
    ...neckCurve,
    at(half * 0.9, top + half * 0.2),
    ...curve(
      at(half * 0.9, top + half * 0.2),
      at(half * 1.15, top + half * 0.24),
      at(half * 1.32, armhole * 0.72),
      4,
    ).slice(1),
    at(half * 1.06, armhole),
    at(half, armhole * 1.12),
    ...leg,
  ])
  const bindOf = (points: readonly { x: number; y: number }[], depth: number): { x: number; y: number }[] => [
    ...points,
    ...[...points].reverse().map((p) => at(p.x, p.y + depth)),
  ]
  const binding = bindOf(neckCurve, 6)
  const legBinding = leg.map((p) => at(p.x - 7, p.y))
  const legs = [...leg, ...[...legBinding].reverse()]
  const zone = (id: string, name: Named, outline: { x: number; y: number }[], ring: NoSewZone['ring']): NoSewZone => ({
    id,
    name,
    outline,
    clear: 10,
    ring,
  })
  return {
    outline,
    details: [
      { kind: 'seam' as const, points: neckCurve },
      { kind: 'seam' as const, points: mirrored(neckCurve) },
      { kind: 'seam' as const, points: legBinding },
      { kind: 'seam' as const, points: mirrored(legBinding) },
      ...[-0.6, 0, 0.6].map((k) => ({ kind: 'button' as const, points: [at(snaps * k, length - 9)] })),
    ],
    zones: [
      zone('neck-left', 'zone.neck-binding', binding, 'caution'),
      zone('neck-right', 'zone.neck-binding', mirrored(binding), 'caution'),
      zone('leg-left', 'zone.leg-binding', legs, 'caution'),
      zone('leg-right', 'zone.leg-binding', mirrored(legs), 'caution'),
      zone(
        'snaps',
        'zone.snaps',
        boxCorners({ left: -snaps, right: snaps, top: length - 20, bottom: length }),
        'refused',
      ),
    ],
    tapes: [
      { id: 'chestWidth', from: at(-half, armhole * 1.2), to: at(half, armhole * 1.2) },
      { id: 'neckWidth', from: at(-neck, top), to: at(neck, top) },
      { id: 'length', from: at(0, 0), to: at(0, length) },
      { id: 'crotchWidth', from: at(-snaps, length - 22), to: at(snaps, length - 22) },
    ],
    lines: [
      { id: 'neck', name: 'line.neck-binding', axis: 'level' as const, at: 0 },
      { id: 'foot', name: 'line.lower-edge', axis: 'level' as const, at: length },
      { id: 'centre', name: 'line.centre', axis: 'upright' as const, at: 0 },
    ],
    tube: { width: m.chestWidth },
  }
}

export const infantBodysuit: ItemKind = {
  id: 'infant-bodysuit',
  name: message('item.infant-bodysuit'),
  group: 'infant',
  worn: true,
  reference: message('item.centre-line-right-below-the'),
  measurements: [
    ask(
      ages,
      'chestWidth',
      message('item.seam-to-seam-at-the'),
      message('item.laid-flat-face-up-snapped'),
      [180, 215, 250],
    ),
    ask(
      ages,
      'neckWidth',
      message('item.neck-inside-the-binding'),
      message('item.full-width-across-lying-flat'),
      [90, 105, 120],
    ),
    ask(
      ages,
      'length',
      message('item.neck-binding-to-lower-edge'),
      message('item.down-the-middle-to-the-2'),
      [270, 330, 390],
    ),
    ask(
      ages,
      'crotchWidth',
      message('item.lower-edge-across-the-snaps'),
      message('item.from-leg-binding-to-leg'),
      [65, 75, 85],
    ),
    ...halves('chest', message('item.chest'), true),
  ],
  sizes: ages,
  usualSize: 'infant',
  usualCloth: 'infant-jersey',
  use: { nextToSkin: true, infant: true },
  shape: bodysuitShape,
  levels: (m: Bodysuit) => [
    { id: 'chest', name: 'level.chest', y: m.chestWidth * 0.35, width: m.chestWidth, part: 'body' },
  ],
  placements: [
    centredRule<'chestWidth'>(
      {
        id: 'chest',
        name: message('item.chest'),
        upIs: 'top.neck',
        usual: { width: 70, height: 45 },
        growsWith: 'chestWidth',
      },
      (m) => m.chestWidth,
      () => ({ id: 'downTop', line: 'neck', edge: 'start', mm: 25, toward: 1, plausible: [12, 90] }),
      () => ({
        first: [{ id: 'snaps', said: message('step.snaps') }],
      }),
    ),
  ],
}

/** A bib hangs from the neck: a rounded body with a bound edge; y = 0 at the foot of the neck opening. */
function bibShape(m: Measures<'width' | 'length' | 'binding'>) {
  const [half, length, bind] = [m.width / 2, m.length, m.binding]
  if (2 * bind >= Math.min(half, length))
    throw new CoreError('contradiction', message('item.the-binding-leaves-nothing-of'), 'measures.binding')
  const neck = half * 0.42
  const edge = (inset: number) => [
    ...curve(at(half * 0.98 - inset, 0), at(half * 1.02 - inset, length - inset), at(half * 0.5, length - inset), 10),
    at(0, length - inset),
  ]
  const top = -half * 0.62
  const outer = [
    ...curve(at(0, 0), at(neck * 1.15, 0), at(neck, top), 6),
    ...curve(at(neck, top), at(half * 1.05, top), at(half * 0.98, 0), 6).slice(1),
    ...edge(0).slice(1),
  ]
  const lower = edge(0)
  const inner = edge(bind)
  const strip = [...lower, ...[...inner].reverse()]
  return {
    outline: fromRightHalf(outer),
    details: [
      { kind: 'fold' as const, points: inner },
      { kind: 'fold' as const, points: mirrored(inner) },
    ],
    zones:
      bind > 0
        ? [
            { id: 'binding-right', name: 'zone.binding', outline: strip, clear: 8, ring: 'caution' as const },
            { id: 'binding-left', name: 'zone.binding', outline: mirrored(strip), clear: 8, ring: 'caution' as const },
          ]
        : [],
    tapes: [
      { id: 'width', from: at(-half, 0.1), to: at(half, 0.1) },
      { id: 'length', from: at(0, 0), to: at(0, length) },
      { id: 'binding', from: at(half * 0.3, length - bind), to: at(half * 0.3, length) },
    ],
    lines: [
      { id: 'neck', name: 'line.neck-opening', axis: 'level' as const, at: 0 },
      { id: 'binding', name: 'line.lower-binding', axis: 'level' as const, at: length - bind },
      { id: 'bottom', name: 'line.lower-edge', axis: 'level' as const, at: length },
      { id: 'centre', name: 'line.centre', axis: 'upright' as const, at: 0 },
    ],
    tube: null,
  }
}

/** Centred on the width, its foot 25 to 40 mm above the lower binding (craft.md section 2). */
export const bib: ItemKind = {
  id: 'bib',
  name: message('item.bib'),
  group: 'infant',
  reference: message('item.middle-of-the-neck-opening'),
  measurements: [
    ask(ages, 'width', message('item.width'), message('item.edge-to-edge-at-its'), [190, 220, 260]),
    ask(ages, 'length', message('item.neck-opening-to-lower-edge'), message('item.down-the-middle'), [160, 200, 250]),
    ask(ages, 'binding', message('item.binding'), message('item.its-depth-at-the-lower'), [8, 10, 10], {
      plausible: [0, 30],
      mayBeZero: true,
    }),
  ],
  sizes: ages,
  usualSize: 'infant',
  usualCloth: 'terry',
  use: { infant: true },
  shape: bibShape,
  placements: [
    centredRule<'width'>(
      {
        id: 'low-centre',
        name: message('item.low-centre'),
        upIs: 'top.neck',
        usual: { width: 90, height: 50 },
        growsWith: 'width',
      },
      (m) => m.width,
      () => ({
        id: 'up',
        line: 'binding',
        edge: 'end',
        mm: 32,
        toward: -1,
        plausible: [12, 140],
      }),
    ),
    centredRule<'width' | 'length'>(
      {
        id: 'centred',
        name: message('item.centred-both-ways'),
        upIs: 'top.neck',
        usual: { width: 90, height: 50 },
        growsWith: 'width',
      },
      (m) => m.width,
      ({ measures: m }) => ({
        id: 'downNeck',
        line: 'neck',
        edge: 'centre',
        mm: m.length / 2,
        toward: 1,
        plausible: [20, m.length],
      }),
    ),
  ],
}

const clothBox = (m: Measures<'width' | 'length'>): Box => ({
  left: -m.width / 2,
  right: m.width / 2,
  top: -m.length,
  bottom: 0,
})
export const burpCloth: ItemKind = {
  id: 'burp-cloth',
  name: message('item.burp-cloth'),
  group: 'infant',
  reference: message('item.middle-of-the-lower-edge'),
  measurements: [
    ask(ages, 'width', message('item.width'), message('item.edge-to-edge-across-the'), [200, 250, 300]),
    ask(ages, 'length', message('item.length'), message('item.upper-to-lower-edge'), [350, 450, 500]),
    ask(ages, 'binding', message('item.binding-or-hem'), message('item.from-the-edge-to-its'), [10, 10, 10], {
      plausible: [0, 40],
      mayBeZero: true,
    }),
    ...halves('width', message('item.middle')),
  ],
  sizes: ages,
  usualSize: 'infant',
  usualCloth: 'quilting-cotton',
  use: { infant: true },
  shape: (m: Measures<'width' | 'length' | 'binding'>) =>
    panelShape({
      box: clothBox(m),
      hem: m.binding,
      hemId: 'binding',
      hemName: 'strip.binding',
      edges: { top: 'line.upper-edge', bottom: 'line.lower-edge' },
      sizes: ['width', 'length'],
    }),
  levels: widthLevel<'length'>((m) => -m.length / 2),
  placements: [
    centredRule<'width' | 'binding'>(
      {
        id: 'low-centre',
        name: message('item.low-centre'),
        upIs: 'top.upper-edge',
        usual: { width: 110, height: 70 },
      },
      (m) => m.width,
      ({ measures: m }) => ({
        id: 'up',
        line: 'bottom',
        edge: 'end',
        mm: m.binding + 32,
        toward: -1,
        plausible: [15, 200],
      }),
    ),
    centredBothWays<'width'>({ upIs: 'top.upper-edge', usual: { width: 110, height: 70 } }, (m) => m.width),
    ...cornerRules({ mm: 25, plausible: [15, 90], box: clothBox }, ['one']),
  ],
}
