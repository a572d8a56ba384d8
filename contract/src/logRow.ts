import { clothFamilies, layerKinds } from '@thimble/core/recipe'
import { faultIds, verdicts } from '@thimble/core/outcomes'
import { z } from './sentences'
import { Holding } from './piece/stack'
import { Id, Instant } from './stored'

/** Something of the shop as it was called then; without an id it is not on a shelf. */
const Called = z.strictObject({ id: z.string().nullable(), name: z.string() })

/** One finished piece as the log lists it: ids, names of then, and numbers. Landing in mm: right and down are positive. */
export const LogRow = z.strictObject({
  pieceId: Id,
  name: z.string(),
  customer: z.string(),
  run: z.string(),
  finishedAt: Instant,
  cloth: z.enum(clothFamilies),
  /** The shop’s own cloth it is made of, by its name. */
  swatch: z.string().nullable(),
  item: Called,
  placement: Called,
  size: z.string(),
  design: Called.nullable(),
  /** What lay above and below the cloth, from the top; null: no stack was noted. */
  layers: z.array(z.enum(layerKinds)).nullable(),
  needle: z.string().nullable(),
  holding: Holding.nullable(),
  hoop: Called.nullable(),
  machine: Called.nullable(),
  verdict: z.enum(verdicts).nullable(),
  /** How it looked after the wash; null: that tells nothing more; rows of an older program do not have it. */
  washed: z
    .enum([...verdicts, 'open'])
    .nullable()
    .optional(),
  dx: z.number().nullable(),
  dy: z.number().nullable(),
  /** Clockwise, in degrees. */
  rotation: z.number().nullable(),
  /** Degrees from the item's frame to the hoop's; null: not known. */
  toHoop: z.number().nullable(),
  /** What had been added to its move already, in the item's frame. */
  added: z.strictObject({ right: z.number(), down: z.number() }).nullable(),
  tries: z.number().nullable(),
  minutes: z.number().nullable(),
  /** Minutes of sewing as they were, and as they had been forecast. */
  sewn: z.number().nullable(),
  forecast: z.number().nullable(),
  /** Minutes of hooping, and of what was done afterwards; rows of an older program do not have them. */
  hooping: z.number().nullable().optional(),
  finishing: z.number().nullable().optional(),
  faults: z.array(z.enum(faultIds)),
  photos: z.int(),
  note: z.string(),
})
export type LogRow = z.infer<typeof LogRow>

/** What the log is filtered by, each with as many values as one likes; those of one kind widen, kinds narrow. */
export const logFacets = [
  'cloth',
  'swatch',
  'item',
  'placement',
  'holding',
  'hoop',
  'layer',
  'needle',
  'machine',
  'fault',
  'verdict',
  'washed',
  'customer',
  'month',
] as const
export type LogFacet = (typeof logFacets)[number]

export const logSorts = ['newest', 'oldest', 'name', 'off', 'minutes', 'tries'] as const
export type LogSort = (typeof logSorts)[number]

/** `counts`: of each kind, how many there would be of each value if it alone were picked of its kind. */
export const LogFound = z.strictObject({
  total: z.int(),
  rows: z.array(LogRow),
  counts: z.record(z.enum(logFacets), z.array(z.strictObject({ id: z.string(), name: z.string(), count: z.int() }))),
})
export type LogFound = z.infer<typeof LogFound>
