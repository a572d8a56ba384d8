import { asked as t } from '@thimble/language/en/asked'
import {
  adhesiveKinds,
  bobbinWeights,
  needlePoints,
  needleSizes,
  supplyKinds,
  threadFibres,
  threadWeights,
} from '@thimble/core/recipe'
import { z } from './sentences'
import { Colour, StoredDocument, Left, Millimetres, Name, Note } from './stored'

/** What one costs, in minor units of the shop's money; null: not known. */
const Cost = z.int().min(0, t('the-cost-cant-be-less')).max(10_000_000).nullable().default(null)
const MOST_MM = 200_000
const MOST_M = 500_000
const MOST = 100_000
const low = (most: number) => z.number().min(0, t('it-cant-be-less-than')).max(most).default(0)

/** A backing or topping on the shelf, of a roll or in sheets. What is left follows from the ledger of movements. */
export const Supply = StoredDocument.extend({
  name: Name,
  kind: z.enum(supplyKinds),
  colour: Colour.default('#ffffff'),
  widthMm: Millimetres,
  /** How long one sheet is; null: it comes on a roll. */
  sheetMm: Millimetres.nullable().default(null),
  /** Of all its sheets together, where it comes in sheets. */
  leftMm: Left,
  lowMm: low(MOST_MM),
  /** A metre of a roll, or a sheet. */
  cost: Cost,
  note: Note.default(''),
})
export type Supply = z.infer<typeof Supply>

/** Thread on the shelf, all spools of it together. */
export const Thread = StoredDocument.extend({
  name: Name,
  colour: Colour,
  weight: z.literal(threadWeights).default(40),
  fibre: z.enum(threadFibres).default('polyester'),
  /** Grams of 1000 m; null: as is usual for its weight. */
  tex: z.number().min(1, t('thats-too-fine-for-a')).max(500, t('thats-too-heavy-for-a')).nullable().default(null),
  leftM: Left.nullable().default(null),
  lowM: low(MOST_M),
  /** On a new spool, and what a bare one weighs; null: not known. */
  spoolM: z.number().positive(t('it-must-be-above-zero')).max(50_000).nullable().default(null),
  bareGrams: z.number().min(0).max(5000).nullable().default(null),
  /** A spool. */
  cost: Cost,
  note: Note.default(''),
})
export type Thread = z.infer<typeof Thread>

const counted = { left: Left.default(0), low: low(MOST), cost: Cost, note: Note.default('') }

/** Needles in the drawer, of one make. */
export const Needle = StoredDocument.extend({
  name: Name,
  size: z.enum(needleSizes),
  point: z.enum(needlePoints),
  coated: z.boolean().default(false),
  ...counted,
})
export type Needle = z.infer<typeof Needle>

/** Wound bobbins of one thread. */
export const Bobbin = StoredDocument.extend({
  name: Name,
  weight: z.literal(bobbinWeights).default(60),
  colour: Colour.default('#ffffff'),
  /** On a full one. */
  woundM: z.number().positive(t('it-must-be-above-zero')).max(2000, t('thats-too-much-for-a')),
  ...counted,
})
export type Bobbin = z.infer<typeof Bobbin>

/** Cans, sticks and rolls of what holds a layer. */
export const Adhesive = StoredDocument.extend({ name: Name, kind: z.enum(adhesiveKinds), ...counted })
export type Adhesive = z.infer<typeof Adhesive>
