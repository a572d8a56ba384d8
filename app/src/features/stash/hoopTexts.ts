import { stash as t } from '@thimble/language/en/stash'
import { type Hoop } from '@thimble/contract'
import { formatFine, formatLength, type LengthStyle, type LengthUnit } from '@thimble/core/lengths'
import type { Point } from '@thimble/core/plane'
import { readSigned, readTyped } from '@thimble/plan'

/** The four sizes a hoop is known by, and where each lies in the document. */
export const hoopSizes = [
  { id: 'fieldW', name: t('field-width'), path: 'field.width' },
  { id: 'fieldH', name: t('field-height'), path: 'field.height' },
  { id: 'outW', name: t('hoop-width-outside'), path: 'outside.width' },
  { id: 'outH', name: t('hoop-height-outside'), path: 'outside.height' },
] as const

export const waysToClose = [
  { id: 'screw', name: t('screw') },
  { id: 'lever', name: t('lever') },
  { id: 'magnets', name: t('magnets') },
  { id: 'frame', name: t('clip-on-frame') },
] as const
type Closing = (typeof waysToClose)[number]['id']

type SizeId = (typeof hoopSizes)[number]['id']
export type HoopTexts = {
  name: string
  shape: 'rect' | 'oval' | 'polygon'
  closes: Closing
  corner: string
  /** A polygon's corners, one a line. */
  corners: string
  notchX: string
  notchY: string
  thick: string
  machines: string[]
} & Record<SizeId, string>

const emptyHoop: HoopTexts = {
  ...{ name: '', shape: 'rect', closes: 'screw', machines: [] },
  ...{ fieldW: '', fieldH: '', corner: '', corners: '', outW: '', outH: '', notchX: '', notchY: '', thick: '' },
}

const signed = (mm: number, style: LengthStyle): string =>
  mm < 0 ? `−${formatFine(-mm, style)}` : formatFine(mm, style)
/** One that was counted may be long behind the point. */
const finely = (mm: number, style: LengthStyle): string =>
  Number.isInteger(mm) ? formatLength(mm, style) : formatFine(mm, style)

/** A hoop as it would be typed. */
export function writeHoop(kept: Hoop | undefined, style: LengthStyle): HoopTexts {
  if (!kept) return emptyHoop
  const { name, field, outside, clamp, closes, maxThicknessMm, notchOffset, machines } = kept
  const write = (mm: number): string => (mm ? finely(mm, style) : '')
  return {
    ...emptyHoop,
    name,
    machines,
    closes: clamp ? 'magnets' : closes,
    shape: field.shape,
    ...(field.shape === 'polygon'
      ? { corners: field.points.map(({ x, y }) => `${signed(x, style)}, ${signed(y, style)}`).join('\n') }
      : { fieldW: write(field.width), fieldH: write(field.height) }),
    corner: field.shape === 'rect' ? write(field.cornerRadius) : '',
    outW: write(outside.width),
    outH: write(outside.height),
    ...(notchOffset ? { notchX: signed(notchOffset.x, style), notchY: signed(notchOffset.y, style) } : {}),
    thick: maxThicknessMm ? formatFine(maxThicknessMm, style) : '',
  }
}

type Unread = Partial<Record<keyof HoopTexts, string>>

/** What was typed as a hoop; a number that is not there is none, so that the schema refuses it. */
export function readHoop(texts: HoopTexts, unit: LengthUnit) {
  const unread: Unread = {}
  const read = (text: string) => readTyped({ text, unit })
  const asked = texts.shape === 'polygon' ? hoopSizes.slice(2) : hoopSizes
  for (const { id } of asked) {
    const { mm, problem } = read(texts[id])
    if (problem) unread[id] = problem
    else if (mm === null) unread[id] = t('type-the-measured-size')
  }
  for (const id of ['corner', 'thick'] as const) {
    const { problem } = read(texts[id])
    if (problem) unread[id] = problem
  }
  const [outW, outH] = [texts.outW, texts.outH].map((text) => read(text).mm ?? Number.NaN)
  const doc = {
    name: texts.name,
    field: readField(texts, unit, unread),
    outside: { width: outW, height: outH },
    notchOffset: texts.shape === 'polygon' ? null : readNotch(texts, unit, unread),
    clamp: texts.closes === 'magnets',
    closes: texts.closes === 'magnets' ? ('screw' as const) : texts.closes,
    maxThicknessMm: read(texts.thick).mm,
    machines: texts.machines,
  }
  return { doc, unread }
}

function readField(texts: HoopTexts, unit: LengthUnit, unread: Unread) {
  if (texts.shape === 'polygon') return { shape: 'polygon' as const, points: readCorners(texts.corners, unit, unread) }
  const [width, height] = [texts.fieldW, texts.fieldH].map((text) => readTyped({ text, unit }).mm ?? Number.NaN)
  if (texts.shape === 'oval') return { shape: 'oval' as const, width, height }
  return { shape: 'rect' as const, width, height, cornerRadius: readTyped({ text: texts.corner, unit }).mm ?? 0 }
}

/** “−60, −40”: right and toward the worker of where the notches cross, a corner a line. */
function readCorners(text: string, unit: LengthUnit, unread: Unread): Point[] {
  const lines = text.split('\n').filter((line) => line.trim() !== '')
  return lines.flatMap((line, i) => {
    const parts = line.split(/[,;]\s+|\s{2,}|;/)
    const [x, y] = parts.map((part) => readSigned({ text: part, unit }))
    if (parts.length !== 2 || !x || !y || x.problem || y.problem || x.mm === null || y.mm === null) {
      unread.corners ??= t('corner-isnt-two-lengths-write', { i: i + 1, line: line.trim() })
      return []
    }
    return [{ x: x.mm, y: y.mm }]
  })
}

function readNotch({ notchX, notchY }: HoopTexts, unit: LengthUnit, unread: Unread): Point | null {
  if (notchX.trim() === '' && notchY.trim() === '') return null
  const [x, y] = [readSigned({ text: notchX, unit }), readSigned({ text: notchY, unit })]
  if (x.problem) unread.notchX = x.problem
  if (y.problem) unread.notchY = y.problem
  return x.mm === null || y.mm === null || (x.mm === 0 && y.mm === 0) ? null : { x: x.mm, y: y.mm }
}

/** The field that a path of the document is typed in. */
export function hoopFieldOf(path: string): string {
  const size = hoopSizes.find((s) => s.path === path)
  if (size) return size.id
  if (path.startsWith('field.points')) return 'corners'
  return path === 'maxThicknessMm' ? 'thick' : path.startsWith('field') ? 'corner' : path
}
