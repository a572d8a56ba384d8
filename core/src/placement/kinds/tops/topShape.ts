import type { Point } from '../../../plane/point'
import { rectangle } from '../../../plane/box'
import { at, curve, fromRightHalf, mirrored } from '../../curve'
import type { DetailLine, ItemShape, NoSewZone, ReferenceLine, TapeLine } from '../../itemShape'
import type { Named } from '../../../messages/message'
import { type Top, topFrame } from './topFrame'

/** A button on a placket, across, in mm. */
const BUTTON = 11

/** How a top is made up: what its neck is, what opens it, how long its sleeves are. Sizes in mm. */
export type TopMake = {
  neck: 'collar' | 'crew' | 'hood'
  /** An opening down the centre front: half its width, how far down it runs, what keeps clear of it. */
  opening?: {
    half: number
    to: number | 'hem'
    clear: number
    ring: NoSewZone['ring']
    name: Named
    buttons?: boolean
  }
  sleeve: 'short' | 'long' | 'none'
  /** Depth of a rib or hem at the foot. */
  foot: number
  /** Seam ridges keep this far. */
  seamClear?: number
  /** Its seams are flat-felled: too hard for a ring to lie on. */
  felled?: boolean
}

/** A top laid flat, face up: body, sleeves, neck and opening, drawn from its measurements. */
export function topShape(m: Top, make: TopMake): ItemShape {
  const { half, shoulder, underarm, tip, hem, armhole } = topFrame(m)
  const outline = fromRightHalf([...neckEdge(m, make), tip, ...sleeve(m, make), underarm, ...side(m)])
  const seam = curve(tip, at(armhole.x, armhole.y), underarm, 8)
  const clear = make.seamClear ?? 10
  const seams = make.felled ? 'refused' : 'caution'
  const { details, zones } = neckParts(m, make)
  const front = frontOpening(m, make)
  return {
    outline,
    details: [
      { kind: 'seam', points: seam },
      { kind: 'seam', points: mirrored(seam) },
      ...details,
      ...front.details,
      { kind: 'fold', points: [at(-half * 0.98, hem - make.foot), at(half * 0.98, hem - make.foot)] },
    ],
    zones: [
      ...front.zones,
      ...zones,
      { id: 'armhole-left', name: 'zone.armhole', outline: strip(seam), clear, ring: seams },
      { id: 'armhole-right', name: 'zone.armhole', outline: strip(mirrored(seam)), clear, ring: seams },
    ],
    tapes: [
      { id: 'chestWidth', from: at(-half, underarm.y + 22), to: at(half, underarm.y + 22) },
      { id: 'neckWidth', from: at(-shoulder.x, shoulder.y), to: shoulder },
      { id: 'shoulderToUnderarm', from: at(-shoulder.x, shoulder.y), to: at(-shoulder.x, underarm.y) },
      { id: 'neckDrop', from: at(0, shoulder.y), to: at(0, 0) },
      ...straightTapes(m),
    ],
    lines: [...topLines(m), { id: 'neck', name: 'line.neck-seam', axis: 'level', at: 0 }],
    tube: { width: m.chestWidth },
  }
}

/** The levels and uprights that every view of a top is measured from. */
export function topLines(m: Top, back = false): ReferenceLine[] {
  const { half, shoulder, underarm, hem } = topFrame(m)
  return [
    { id: 'shoulder', name: 'line.shoulder', axis: 'level', at: shoulder.y },
    { id: 'underarm', name: 'line.underarm', axis: 'level', at: underarm.y },
    { id: 'hem', name: 'line.hem', axis: 'level', at: hem },
    { id: 'centre', name: 'line.centre', axis: 'upright', at: 0 },
    { id: 'left', name: back ? 'line.left-side-back' : 'line.left-side', axis: 'upright', at: -half },
    { id: 'right', name: back ? 'line.right-side-back' : 'line.right-side', axis: 'upright', at: half },
  ]
}

function straightTapes(m: Top) {
  const { shoulder, underarm, hem } = topFrame(m)
  const level = (id: string, y: number): TapeLine[] => {
    const [left, right] = [m[`${id}Left`], m[`${id}Right`]]
    return [
      ...(left === undefined ? [] : [{ id: `${id}Left`, from: at(-left, y), to: at(0, y) }]),
      ...(right === undefined ? [] : [{ id: `${id}Right`, from: at(0, y), to: at(right, y) }]),
    ]
  }
  return [
    ...level('underarm', underarm.y + 44),
    ...level('hem', hem - 30),
    ...(m.bodyLength === undefined ? [] : [{ id: 'bodyLength', from: shoulder, to: at(shoulder.x, hem) }]),
    ...(m.hemWidth === undefined
      ? []
      : [{ id: 'hemWidth', from: at(-m.hemWidth / 2, hem - 12), to: at(m.hemWidth / 2, hem - 12) }]),
  ]
}

function neckEdge(m: Top, { neck }: TopMake): Point[] {
  const { shoulder } = topFrame(m)
  if (neck === 'crew') {
    // The front's own edge: through the neck one sees the inside of the back.
    const band = neckBand(m)
    return [...band, shoulder]
  }
  if (neck === 'hood') {
    const [w, h] = [m.neckWidth * 0.72, m.neckWidth * 1.15]
    return [
      at(0, shoulder.y - h),
      ...curve(at(0, shoulder.y - h), at(w, shoulder.y - h), at(w * 0.98, shoulder.y - h * 0.35), 6).slice(1),
      shoulder,
    ]
  }
  const rise = 12
  return [
    at(0, shoulder.y - rise),
    ...curve(at(m.neckWidth * 0.3, shoulder.y - rise - 2), at(shoulder.x * 0.8, shoulder.y - rise), shoulder, 4),
  ]
}

function sleeve(m: Top, { sleeve: kind }: TopMake): Point[] {
  const { half, underarm, tip, hem, armhole } = topFrame(m)
  if (kind === 'none') return curve(tip, at(armhole.x, armhole.y), underarm, 8).slice(1, -1)
  if (kind === 'long') {
    const [cuff, foot] = [at(half * 1.62, hem * 0.86), at(half * 1.36, hem * 0.9)]
    return [
      ...curve(tip, at(half * 1.28, tip.y + half * 0.4), cuff, 6).slice(1),
      foot,
      at(half * 1.06, underarm.y + half * 0.12),
    ]
  }
  const [cuff, foot] = [at(half * 1.5, tip.y + half * 0.62), at(half * 1.28, underarm.y + half * 0.18)]
  return [...curve(tip, at(half * 1.2, tip.y + half * 0.16), cuff, 6).slice(1), foot]
}

function side(m: Top): Point[] {
  const { half, underarm, hem } = topFrame(m)
  const foot = m.hemWidth === undefined ? half * 0.99 : m.hemWidth / 2
  return curve(underarm, at((half + foot) / 2 - half * 0.02, (underarm.y + hem) / 2), at(foot, hem), 6).slice(1)
}

/** The upper edge of a rib at the neck, from the middle to the shoulder. */
function neckBand(m: Top): Point[] {
  const { shoulder } = topFrame(m)
  const deep = Math.min(18, m.neckDrop * 0.4)
  return curve(at(0, -deep), at(shoulder.x * 0.6, -deep), at(shoulder.x - 15, shoulder.y + 2), 8)
}

/** Where a collar or a hood stands open: nothing of the front lies above its neck seam. */
function neckHole(seam: readonly Point[], shoulder: Point, neck: TopMake['neck']): Point[] {
  const top = shoulder.y - (neck === 'hood' ? 400 : 60)
  return fromRightHalf([at(0, top), at(shoulder.x, top), ...[...seam].reverse()])
}

function neckParts(m: Top, { neck }: TopMake): { details: DetailLine[]; zones: NoSewZone[] } {
  const { shoulder } = topFrame(m)
  const seam = curve(at(0, 0), at(shoulder.x * 0.72, 0), shoulder, 8)
  if (neck === 'crew') {
    const band = neckBand(m)
    const rib = [...seam, ...[...band].reverse()]
    const back = curve(at(-shoulder.x, shoulder.y), at(0, shoulder.y + m.neckDrop * 0.5), shoulder, 8)
    return {
      details: [seam, mirrored(seam), back].map((points) => ({ kind: 'seam', points })),
      zones: [
        { id: 'neck-left', name: 'zone.neck-binding', outline: rib, clear: 10, ring: 'caution' },
        { id: 'neck-right', name: 'zone.neck-binding', outline: mirrored(rib), clear: 10, ring: 'caution' },
      ],
    }
  }
  const back = curve(at(-shoulder.x, shoulder.y), at(0, shoulder.y + 14), shoulder, 6)
  const foot = at(m.neckWidth * 0.2, m.neckDrop * 0.32)
  const edge = neck === 'hood' ? at(shoulder.x * 1.05, shoulder.y + 6) : at(shoulder.x + 24, shoulder.y + 12)
  const collar = [...seam, edge, ...curve(edge, at(shoulder.x * 0.86, foot.y * 0.6), foot, 4).slice(1), at(6, 4)]
  const name = neck === 'hood' ? 'zone.hood' : 'zone.collar'
  return {
    details: [
      { kind: 'seam', points: back },
      { kind: 'seam', points: collar, closed: true },
      { kind: 'seam', points: mirrored(collar), closed: true },
    ],
    zones: [
      { id: 'collar-left', name, outline: collar, clear: 10, ring: 'caution' },
      { id: 'collar-right', name, outline: mirrored(collar), clear: 10, ring: 'caution' },
      { id: 'neck', name: 'zone.neck-opening', outline: neckHole(seam, shoulder, neck), clear: 0, ring: 'opening' },
    ],
  }
}

function frontOpening(m: Top, { opening }: TopMake): { details: DetailLine[]; zones: NoSewZone[] } {
  if (!opening) return { details: [], zones: [] }
  const { hem } = topFrame(m)
  const to = opening.to === 'hem' ? hem : Math.min(opening.to, m.chestWidth * 0.28)
  const half = Math.min(opening.half, m.chestWidth * 0.03)
  const outline = rectangle(2 * half, to, at(0, to / 2))
  const count = opening.buttons ? Math.max(2, Math.round(to / 95)) : 0
  const buttons = Array.from({ length: count }, (_, i) => at(0, 14 + (i * (to - 24)) / count))
  return {
    details: [
      { kind: 'opening', points: outline, closed: true },
      ...buttons.map((where): DetailLine => ({ kind: 'button', points: [where] })),
    ],
    zones: [
      { id: 'placket', name: opening.name, outline, clear: opening.clear, ring: opening.ring },
      ...buttons.map(
        (where, i): NoSewZone => ({
          ...{ id: `button-${i + 1}`, name: 'zone.button', clear: 0, ring: 'refused' },
          outline: rectangle(BUTTON, BUTTON, where),
        }),
      ),
    ],
  }
}

/** A seam line as the ridge a ring would lie on. */
const strip = (points: readonly Point[]): Point[] => [
  ...points.map((p) => at(p.x - 5, p.y)),
  ...[...points].reverse().map((p) => at(p.x + 5, p.y)),
]
