import { layerNames, pointNames } from '@thimble/language'
import { stash as t } from '@thimble/language/en/stash'
import { collections, type CollectionName } from '@thimble/contract'
import type { Needle, SupplyKind } from '@thimble/core/recipe'
import { TYPICAL } from '@/words/typical'

/** Thing of a shop as it usually is, to be taken by a tap: its numbers stand until its own are measured. */
export type Usual = { collection: CollectionName; name: string; swatch?: string; doc: object }

const hoop = (name: string, width: number, height: number, rim: number, more: object = {}): Usual => ({
  collection: 'hoops',
  name,
  doc: {
    field: { shape: 'rect', width, height, cornerRadius: 10 },
    outside: { width: width + rim, height: height + rim },
    ...more,
  },
})

/** Hoops of usual sizes, by the field they sew, in mm. */
export const usualHoops: readonly Usual[] = [
  hoop(t('small-60-40'), 60, 40, 40),
  hoop(t('square-100'), 100, 100, 44),
  hoop(t('long-130-180'), 130, 180, 50),
  hoop(t('square-200'), 200, 200, 56),
  hoop(t('large-160-260'), 160, 260, 56),
  hoop(t('large-200-300'), 200, 300, 60),
  hoop(t('clamping-200-100'), 200, 100, 60, { clamp: true }),
]

const roll = (kind: SupplyKind): Usual => ({
  collection: 'supplies',
  name: layerNames[kind],
  doc: { kind, widthMm: 500, leftMm: 5000 },
})

export const usualBackings = (
  [
    ...['tear-away-light', 'tear-away-medium', 'tear-away-sticky', 'part-soluble', 'wash-away'],
    ...['cut-away-mesh', 'cut-away-mesh-fusible', 'cut-away-medium', 'cover-soft-fusible'],
  ] as SupplyKind[]
).map(roll)

export const usualToppings = (['wash-away-film', 'heat-away-film'] as SupplyKind[]).map(roll)

const needle = (size: string, point: Needle['point']): Usual => ({
  collection: 'needles',
  name: `${size} ${pointNames[point]}`,
  doc: { size, point, left: 5 },
})

export const usualNeedles: readonly Usual[] = [
  needle('75/11', 'embroidery'),
  needle('75/11', 'ballpoint'),
  needle('75/11', 'sharp'),
  needle('65/9', 'sharp'),
  needle('90/14', 'sharp'),
]

/** Two dozen colours that most shops have, 40 weight. */
export const usualColours: readonly Usual[] = (
  [
    [t('white'), '#ffffff'],
    [t('ivory'), '#f3ead6'],
    [t('silver'), '#c3c7cb'],
    [t('grey'), '#868c92'],
    [t('charcoal'), '#43484d'],
    [t('black'), '#17181a'],
    [t('lemon'), '#f4e04d'],
    [t('gold'), '#e3a92c'],
    [t('orange'), '#e2742a'],
    [t('coral'), '#e76f61'],
    [t('red'), '#c22a2f'],
    [t('burgundy'), '#6e1f2e'],
    [t('pale-pink'), '#f2c4cd'],
    [t('rose'), '#d6587f'],
    [t('lilac'), '#b79ccb'],
    [t('purple'), '#64408c'],
    [t('pale-blue'), '#a9cbe6'],
    [t('sky'), '#4f9bd0'],
    [t('royal-blue'), '#27509f'],
    [t('navy'), '#1d2b4d'],
    [t('mint'), '#a5d6b6'],
    [t('green'), '#2f8450'],
    [t('olive'), '#77763a'],
    [t('brown'), '#6b452c'],
  ] as const
).map(([name, colour]) => ({ collection: 'threads', name, swatch: colour, doc: { colour } }))

/** What the machine is asked: its numbers beyond these are typical. */
export const beds = [
  { id: 'flat', name: t('flat-bed') },
  { id: 'free-arm', name: t('free-arm') },
] as const
export const needleCounts = ['1', '4', '6', '10', '15'].map((id) => ({ id, name: id }))
export const fields = [
  { id: '100x100', name: t('100-100-mm') },
  { id: '130x180', name: t('130-180-mm') },
  { id: '160x260', name: t('160-260-mm') },
  { id: '200x300', name: t('200-300-mm') },
  { id: '360x200', name: t('360-200-mm') },
] as const

export function usualMachine(bed: string, needles: string, field: string): Usual {
  const [width, height] = field.split('x').map(Number)
  return {
    collection: 'machines',
    name: t('my-machine'),
    doc: { bed, needles: Number(needles), field: { width, height } },
  }
}

/** The document it becomes, marked as typical. */
export function docOf({ collection, name, doc }: Usual, id: string, now: Date) {
  const at = now.toISOString()
  const base = { id, createdAt: at, updatedAt: at, revision: 0, name, note: TYPICAL }
  return collections[collection].schema.parse({ ...base, ...doc }) as { id: string }
}
