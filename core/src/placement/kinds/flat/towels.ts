import { caution } from '../../../advice'
import { CoreError } from '../../../errors'
import { boxCorners, type Box } from '../../../plane/box'
import { type Called, message } from '../../../messages/message'
import { at } from '../../curve'
import type { ItemKind } from '../../itemKind'
import { ask, halves, type Measures, type MeasurementAsk, type SizePreset } from '../../measures'
import type { ItemShape } from '../../itemShape'
import type { PlacementRule } from '../../placementRule'
import { acrossLine, panelShape, widthLevel } from './panelShape'
import { bothEnds, centredRule, cornerRules } from './panelRules'

const towelSizes: readonly SizePreset[] = [
  { id: 'small', name: message('item.small') },
  { id: 'usual', name: message('item.usual') },
  { id: 'large', name: message('item.large') },
]
const HEM = 12

/** A towel hangs or lies with its lower hem toward the worker: y = 0 there, the border above it. */
type Towel = Measures<'width' | 'length', 'borderUp' | 'borderDepth'>
const box = (m: Towel): Box => ({ left: -m.width / 2, right: m.width / 2, top: -m.length, bottom: 0 })

function towelShape(m: Towel): ItemShape {
  const b = box(m)
  const [foot, depth] = [m.borderUp ?? 0, m.borderDepth ?? 0]
  if (depth > 0 && foot + depth >= m.length / 2)
    throw new CoreError('contradiction', message('item.the-border-comes-out-beyond'), 'measures.borderUp')
  const flat = panelShape({
    box: b,
    hem: HEM,
    edges: { top: 'line.upper-hem-edge', bottom: 'line.hem-edge' },
    sizes: ['width', 'length'],
  })
  if (depth <= 0) return flat
  const top = -foot - depth
  return {
    ...flat,
    details: [
      ...flat.details,
      acrossLine(b, top),
      acrossLine(b, -foot),
      acrossLine(b, -m.length - top),
      acrossLine(b, -m.length + foot),
    ],
    zones: [
      ...flat.zones,
      {
        id: 'border',
        name: 'zone.border',
        outline: boxCorners({ ...b, top, bottom: -foot }),
        clear: 5,
        ring: 'woven-in',
      },
    ],
    tapes: [
      ...flat.tapes,
      { id: 'borderUp', from: at(b.right - 30, 0), to: at(b.right - 30, -foot) },
      { id: 'borderDepth', from: at(b.right - 60, -foot), to: at(b.right - 60, top) },
    ],
    lines: [...flat.lines, { id: 'border', name: 'line.border-top', axis: 'level', at: top }],
  }
}

const widthAsk = (numbers: number[]): MeasurementAsk =>
  ask(towelSizes, 'width', message('item.width-edge-to-edge'), message('item.across-the-middle-pressed-flat'), numbers)
const lengthAsk = (numbers: number[]): MeasurementAsk =>
  ask(towelSizes, 'length', message('item.length-hem-to-hem'), message('item.along-the-middle-from-one'), numbers)

const needs = ['width', 'length']

/** Foot of the design 12 to 25 mm above the woven border, in the middle of the width (craft.md section 2). */
const aboveBorder: PlacementRule = centredRule<'width' | 'borderDepth'>(
  {
    id: 'above-border',
    name: message('item.above-the-border'),
    upIs: 'top.upper-hem',
    needs: [...needs, 'borderUp', 'borderDepth'],
    usual: { width: 110, height: 70 },
  },
  (m) => m.width,
  ({ measures }) => {
    if (measures.borderDepth <= 0)
      throw new CoreError('contradiction', message('item.this-towel-has-no-border'), 'measures.borderDepth')
    return { id: 'up', line: 'border', edge: 'end', mm: 18, toward: -1, plausible: [8, 90] }
  },
)

/** Without a border the centre goes so far up from the hem; a design too high for that keeps its foot clear of it. */
const aboveHem = (mm: number): PlacementRule =>
  centredRule<'width'>(
    {
      id: 'above-hem',
      name: message('item.above-the-hem-no-border'),
      upIs: 'top.upper-hem',
      needs,
      usual: { width: mm > 50 ? 100 : 40, height: mm > 50 ? 60 : 30 },
    },
    (m) => m.width,
    ({ design }) => ({
      id: 'upHem',
      line: 'bottom',
      edge: 'centre',
      mm: Math.max(mm, design.height / 2 + HEM + 12),
      toward: -1,
      plausible: [20, 260],
    }),
  )

type TowelMake = {
  id: string
  name: Called
  widths: number[]
  lengths: number[]
  border: [number, number] | null
  hemUp: number
}

function towel({ id, name, widths, lengths, border, hemUp }: TowelMake): ItemKind {
  const borders = border
    ? [
        ask(
          towelSizes,
          'borderUp',
          message('item.hems-edge-up-to-the'),
          message('item.to-the-lower-edge-of'),
          [0.8, 1, 1.1].map((k) => Math.round(border[0] * k)),
          { plausible: [5, 220] },
        ),
        ask(
          towelSizes,
          'borderDepth',
          message('item.depth-of-the-border'),
          message('item.lower-to-upper-edge-of'),
          [0.8, 1, 1.1].map((k) => Math.round(border[1] * k)),
          { plausible: [0, 160], mayBeZero: true },
        ),
      ]
    : []
  const corner = cornerRules({ mm: 25, plausible: [15, 80], box, needs }, ['one', 'diagonal'])
  return {
    id,
    name,
    group: 'towels',
    reference: message('item.centre-line-at-the-lower'),
    measurements: [widthAsk(widths), lengthAsk(lengths), ...borders, ...halves('width', message('item.middle'))],
    sizes: towelSizes,
    usualSize: 'usual',
    usualCloth: 'terry',
    shape: towelShape,
    levels: widthLevel<'length'>((m) => -m.length / 2),
    placements: [...(border ? [aboveBorder] : []), aboveHem(hemUp), ...(id === 'wash-cloth' ? corner : [])],
  }
}

export const bathTowel = towel({
  id: 'bath-towel',
  name: message('item.bath-towel'),
  widths: [600, 700, 1000],
  lengths: [1100, 1350, 1500],
  border: [70, 45],
  hemUp: 100,
})
export const handTowel = towel({
  id: 'hand-towel',
  name: message('item.hand-towel'),
  widths: [380, 450, 500],
  lengths: [600, 800, 1000],
  border: [55, 35],
  hemUp: 75,
})
export const washCloth = towel({
  id: 'wash-cloth',
  name: message('item.wash-cloth'),
  widths: [250, 300, 330],
  lengths: [250, 300, 330],
  border: null,
  hemUp: 40,
})

/** Folded in thirds, the design low in the middle panel, its foot 50-65 mm above the hem (craft.md section 2). */
const lowCentre = centredRule<'width'>(
  { id: 'low-centre', name: message('item.low-centre'), upIs: 'top.upper-hem', usual: { width: 110, height: 70 } },
  (m) => m.width,
  () => ({ id: 'up', line: 'bottom', edge: 'end', mm: 58, toward: -1, plausible: [20, 200] }),
  ({ measures: m, design }) => {
    const panel = m.width / 3
    const said = message('place.wider-than-fold', { wide: design.width, panel })
    return {
      first: [{ id: 'thirds', said: message('step.thirds', { panel }) }],
      warnings: design.width > panel ? [caution('wider-than-fold', said)] : [],
    }
  },
)

export const teaTowel: ItemKind = {
  id: 'tea-towel',
  name: message('item.tea-towel'),
  group: 'towels',
  reference: message('item.centre-line-at-the-lower'),
  measurements: [widthAsk([430, 480, 500]), lengthAsk([600, 700, 760]), ...halves('width', message('item.middle'))],
  sizes: towelSizes,
  usualSize: 'usual',
  usualCloth: 'linen',
  shape: (m: Towel) => {
    const flat = towelShape(m)
    const third = m.width / 6
    const fold = (x: number) => ({ kind: 'fold' as const, points: [at(x, -m.length), at(x, 0)] })
    return { ...flat, details: [...flat.details, fold(-third), fold(third)] }
  },
  levels: widthLevel<'length'>((m) => -m.length / 2),
  placements: [
    lowCentre,
    bothEnds(lowCentre, { id: 'both-ends', name: message('item.both-ends') }),
    ...cornerRules({ mm: 30, plausible: [15, 90], box }, ['one', 'diagonal']),
  ],
}
