import { customKindId, customPlacementIds } from '@thimble/core/placement/customItem'
import { itemKinds } from '@thimble/core/placement/itemKinds'
import { ownZoneKinds } from '@thimble/core/placement/ownZones'
import { z } from 'zod'
import { CustomItem } from './item'
import { TypedLength } from './length'
import { Colour, Id, Instant, Kept, LocalDate, Name, Note } from './stored'

export const clothFamilyIds = [
  'quilting-cotton',
  'lawn',
  'linen',
  'satin',
  'organza',
  'twill',
  'denim',
  'canvas',
  'coated',
  'suede-like',
  'jersey',
  'pique',
  'rib',
  'performance',
  'infant-jersey',
  'sweatshirt',
  'polar-fleece',
  'terry',
  'waffle',
  'velvet-plush',
  'wool-felt',
  'chunky-knit',
  'quilted',
] as const
export const holdingIds = ['hooped', 'floated', 'backing-under', 'clamped', 'backing-alone'] as const
export const faultIds = [
  'puckering',
  'outline-off',
  'sinking',
  'loops-on-top',
  'bobbin-on-top',
  'nest',
  'thread-breaks',
  'needle-breaks',
  'placed-off',
  'crooked',
  'ring-mark',
  'backing-shows',
  'hole',
  'sewn-in',
  'scratchy',
] as const

const Ticks = z.record(z.string().max(60), z.boolean())
const Grip = z.enum(['in-ring', 'fused', 'sprayed', 'sticky', 'basted', 'pinned', 'loose'])

/** A layer as really used: what the recipe said, or what the worker put in its place. */
export const UsedLayer = z.object({
  role: z.enum(['topping', 'cloth', 'backing', 'cover']),
  kind: z.string().max(40),
  sheets: z.int().min(1).max(9),
  grip: Grip,
  crossed: z.boolean().optional(),
  piece: z.object({ widthMm: z.number(), heightMm: z.number() }).optional(),
  own: z.boolean().optional(),
})
export type UsedLayer = z.infer<typeof UsedLayer>

export const Stack = z.object({
  recipe: z.string().max(120),
  holding: z.enum(holdingIds),
  layers: z.array(UsedLayer).max(12),
  needle: z.string().max(60),
  bobbin: z.string().max(60),
  speedSpm: z.number().min(0).max(3000),
})
export type Stack = z.infer<typeof Stack>

export const Fault = z.object({ id: z.enum(faultIds), howBad: z.union([z.literal(1), z.literal(2), z.literal(3)]) })

export const Record = z.object({
  /** Landing as typed: how far low (negative high) and right of the target, seen by the worker; and askew in degrees. */
  low: z.object({ text: z.string().max(60), unit: z.enum(['mm', 'cm', 'in']), way: z.enum(['low', 'high']) }),
  side: z.object({ text: z.string().max(60), unit: z.enum(['mm', 'cm', 'in']), way: z.enum(['left', 'right']) }),
  faults: z.array(Fault).max(15),
  verdict: z.enum(['good', 'passable', 'spoiled']).nullable().default(null),
  minutes: z.string().max(10),
  note: Note,
  nextTime: Note,
  stack: Stack.nullable().default(null),
  hoopName: z.string().max(120),
})
export type PieceRecord = z.infer<typeof Record>

const knownPlacement = (piece: { itemKind: string; placement: string; customItem: CustomItem | null }): boolean => {
  if (piece.itemKind === customKindId)
    return piece.customItem !== null && (customPlacementIds as readonly string[]).includes(piece.placement)
  if (piece.customItem) return false
  return itemKinds.find((k) => k.id === piece.itemKind)?.placements.some((p) => p.id === piece.placement) ?? false
}

const Lengths = z.record(z.string().max(90), TypedLength)
const OwnAnchor = z.object({
  line: z.string().max(90),
  edge: z.enum(['start', 'centre', 'end']),
  toward: z
    .union([z.literal(1), z.literal(-1)])
    .nullable()
    .default(null),
})

/** Something found on this very piece, its lengths as typed: a height or width left empty runs from edge to edge. */
export const PieceZone = z.object({
  id: Id,
  kind: z.enum(ownZoneKinds),
  name: z.string().max(60),
  line: z.string().max(90),
  down: TypedLength,
  height: TypedLength,
  side: z.enum(['left', 'centre', 'right']),
  off: TypedLength,
  width: TypedLength,
})
export type PieceZone = z.infer<typeof PieceZone>

export const Piece = Kept.extend({
  name: Name,
  customer: z.string().max(120),
  run: z.string().max(120),
  due: LocalDate.nullable().default(null),
  note: Note,

  itemKind: z.string().max(60),
  size: z.string().max(30),
  placement: z.string().max(60),
  /** Pieces with the same one lie on one item and share what was measured. */
  itemId: Id.nullable().default(null),
  customItem: CustomItem.nullable().default(null),
  measures: Lengths,
  distances: Lengths,
  choices: z.record(z.string().max(40), z.string().max(40)).default({}),
  anchors: z
    .object({ down: OwnAnchor.nullable().default(null), across: OwnAnchor.nullable().default(null) })
    .default({ down: null, across: null }),
  zones: z.array(PieceZone).max(20).default([]),
  row: z
    .object({ count: z.string().max(10), gap: TypedLength, ends: z.string().max(10), margin: TypedLength })
    .default({ count: '', gap: { text: '', unit: 'mm' }, ends: '', margin: { text: '', unit: 'mm' } }),
  markWith: z.string().max(30).nullable().default(null),
  /** Numbers of an earlier piece, assumed until they are confirmed. */
  carried: z
    .object({ from: z.string().max(120), measures: Lengths, distances: Lengths })
    .nullable()
    .default(null),
  designId: Id.nullable().default(null),
  ownDesign: z.object({
    width: TypedLength,
    height: TypedLength,
    load: z.enum(['outline', 'light', 'medium', 'dense']),
    kind: z.enum(['line', 'wording', 'fill', 'applique', 'satin']),
    colour: Colour,
  }),
  marked: Ticks,

  cloth: z.object({
    family: z.enum(clothFamilyIds),
    stretch: z.string().max(10),
    colour: Colour,
  }),
  use: z.object({
    nextToSkin: z.boolean(),
    infant: z.boolean(),
    heirloom: z.boolean(),
    backSeen: z.boolean(),
    laundering: z.enum(['never', 'sometimes', 'daily']),
  }),
  thread: z.object({
    weight: z.union([z.literal(12), z.literal(30), z.literal(40), z.literal(60)]),
    fibre: z.enum(['polyester', 'rayon', 'matte-polyester', 'metallic']),
  }),
  stack: Stack.nullable().default(null),

  hoopId: Id.nullable().default(null),
  hoopTurn: z.number().min(0).max(359),
  holding: z.enum(holdingIds).nullable().default(null),
  holdingWhy: z.string().max(400),

  checks: Ticks,
  finishing: Ticks,
  record: Record,

  measuredAt: Instant.nullable().default(null),
  builtAt: Instant.nullable().default(null),
  hoopedAt: Instant.nullable().default(null),
  stitchedAt: Instant.nullable().default(null),
  finishedAt: Instant.nullable().default(null),
}).refine(knownPlacement, { path: ['placement'], message: 'No item is known with this placement.' })
export type Piece = z.infer<typeof Piece>

export const stageIds = ['measure', 'build', 'hoop', 'stitch', 'finish'] as const
export type StageId = (typeof stageIds)[number]
export const stageDoneAt = {
  measure: 'measuredAt',
  build: 'builtAt',
  hoop: 'hoopedAt',
  stitch: 'stitchedAt',
  finish: 'finishedAt',
} as const satisfies { [S in StageId]: keyof Piece }
