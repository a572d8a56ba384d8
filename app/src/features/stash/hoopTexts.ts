import type { Hoop } from '@thimble/contract'
import { formatFine, formatLength, type LengthStyle, type LengthUnit } from '@thimble/core/lengths'
import { readTyped } from '@thimble/plan'

/** The four sizes a hoop is known by, and where each lies in the document. */
export const hoopSizes = [
  { id: 'fieldW', name: 'Field width', path: 'field.width' },
  { id: 'fieldH', name: 'Field height', path: 'field.height' },
  { id: 'outW', name: 'Ring width outside', path: 'outside.width' },
  { id: 'outH', name: 'Ring height outside', path: 'outside.height' },
] as const

type SizeId = (typeof hoopSizes)[number]['id']
export type HoopTexts = {
  name: string
  shape: 'rect' | 'oval'
  clamp: 'yes' | 'no'
  corner: string
  thick: string
} & Record<SizeId, string>

const emptyHoop: HoopTexts = {
  ...{ name: '', shape: 'rect', clamp: 'no' },
  ...{ fieldW: '', fieldH: '', corner: '', outW: '', outH: '', thick: '' },
}

/** A hoop as it would be typed. */
export function writeHoop(kept: Hoop | undefined, style: LengthStyle): HoopTexts {
  if (!kept) return emptyHoop
  const { name, field, outside, clamp, maxThicknessMm } = kept
  const write = (mm: number): string => (mm ? formatLength(mm, style) : '')
  return {
    ...emptyHoop,
    name,
    clamp: clamp ? 'yes' : 'no',
    ...(field.shape === 'polygon'
      ? {}
      : { shape: field.shape, fieldW: write(field.width), fieldH: write(field.height) }),
    corner: field.shape === 'rect' ? write(field.cornerRadius) : '',
    outW: write(outside.width),
    outH: write(outside.height),
    thick: maxThicknessMm ? formatFine(maxThicknessMm, style) : '',
  }
}

/** What was typed as a hoop; a number that is not there is none, so that the schema refuses it. */
export function readHoop(texts: HoopTexts, unit: LengthUnit) {
  const read = (text: string) => readTyped({ text, unit })
  const unread: Partial<Record<keyof HoopTexts, string>> = {}
  for (const field of [...hoopSizes.map((s) => s.id), 'corner', 'thick'] as const) {
    const { mm, problem } = read(texts[field])
    if (problem) unread[field] = problem
    else if (mm === null && field !== 'corner' && field !== 'thick') unread[field] = 'Measure it and type it here.'
  }
  const [width, height, outW, outH] = hoopSizes.map((s) => read(texts[s.id]).mm ?? Number.NaN)
  const field =
    texts.shape === 'oval'
      ? { shape: 'oval', width, height }
      : { shape: 'rect', width, height, cornerRadius: read(texts.corner).mm ?? 0 }
  const doc = {
    name: texts.name,
    field,
    outside: { width: outW, height: outH },
    clamp: texts.clamp === 'yes',
    maxThicknessMm: read(texts.thick).mm,
  }
  return { doc, unread }
}

/** The field that a path of the document is typed in. */
export function hoopFieldOf(path: string): string {
  const size = hoopSizes.find((s) => s.path === path)
  if (size) return size.id
  return path === 'maxThicknessMm' ? 'thick' : path.startsWith('field') ? 'corner' : path
}
