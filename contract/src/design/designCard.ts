import { asked as t } from '@thimble/language/en/asked'
import { designMirrors, designShapes, designSources, patchRoles } from '@thimble/core/design'
import { loadClasses, workKinds } from '@thimble/core/recipe'
import { z } from '../sentences'
import { StoredAdvice } from '../message'
import { Colour, StoredDocument, Millimetres, Name, Note, Points } from '../stored'

export const Count = z.int().min(0).max(500_000)

export const DesignChange = z.strictObject({
  scale: z.number().min(0.1, t('the-smallest-is-a-tenth')).max(10, t('the-largest-is-ten-times')),
  rotate: z.number().min(-360).max(360),
  mirror: z.enum(designMirrors),
})

/** What was measured of a design as it is stitched now: changed, in its order, in its colours. */
const DesignSummary = z.strictObject({
  estimated: z.boolean(),
  jumps: Count,
  trims: Count,
  longest: z.number().nullable().default(null),
  shortest: z.number().nullable().default(null),
  short: Count,
  long: Count,
  meanLoad: z.number(),
  load95: z.number(),
  loadClass: z.enum(loadClasses),
  colourChanges: Count,
  blocks: z.array(
    z.strictObject({ stitches: Count, lengthMm: z.number(), jumps: Count, trims: Count, estimated: z.boolean() }),
  ),
  /** Design frame. */
  hull: Points,
  sketch: z.array(z.strictObject({ areas: z.array(z.array(z.number())), lines: z.array(z.array(z.number())) })),
  warnings: z.array(StoredAdvice).max(60),
})
type DesignSummary = z.infer<typeof DesignSummary>

export const MOST_BLOCKS = 2000

/** Which patch a block belongs to, and what it does for it. */
export const BlockRole = z.strictObject({
  patch: z.string().trim().min(1, t('give-the-patch-a-name')).max(40, t('keep-the-patchs-name-to')),
  role: z.enum(patchRoles),
  /** Its cloth is cut to shape before it is laid: nothing is trimmed in the hoop. */
  cutBeforehand: z.boolean().default(false),
})
export type BlockRole = z.infer<typeof BlockRole>

/** A part of a grouped design by its outline, in the frame of the whole. */
export const DesignPart = z.strictObject({ name: z.string().max(120), hull: Points })

/** What the shelf knows of a design. The design itself, when there is one, lies packed beside it and never changes. */
export const DesignCard = StoredDocument.extend({
  name: Name,
  width: Millimetres,
  height: Millimetres,
  stitches: z
    .int(t('stitches-are-a-whole-number'))
    .positive(t('it-must-be-above-zero'))
    .max(500_000, t('the-most-is-500-000')),
  /** One a block, in stitch order. */
  colours: z.array(Colour).min(1, t('give-at-least-one-colour')).max(MOST_BLOCKS, t('thats-too-many-colours')),
  kind: z.enum(workKinds),
  smallestLetterMm: z.number().positive().max(300).nullable().default(null),
  /** The colours its letters under 6 mm are in; none: not known. */
  smallLetterColours: z.array(Colour).max(MOST_BLOCKS).default([]),
  note: Note.default(''),
  /** A name set for an order: it is with its pieces, and not on the shelf. */
  ofOrder: z.boolean().default(false),
  /** What is taken to be stitched of one that is known by its size alone. */
  shape: z.enum(designShapes).default('rectangle'),
  source: z.enum(designSources).default('size'),
  /** What placing does to it, worked out from the design as it was read. */
  change: DesignChange.prefault({ scale: 1, rotate: 0, mirror: 'none' }),
  /** Its blocks in the order they are stitched; null: as drawn. */
  order: z.array(z.int().min(0)).max(MOST_BLOCKS).nullable().default(null),
  /** Blocks as drawn that lie near each other and, the worker says, do not touch: their order is free. */
  apart: z
    .array(z.tuple([z.int().min(0), z.int().min(0)]))
    .max(400)
    .default([]),
  /** What each block as drawn does for a patch of applied cloth; null or left out: nothing. */
  roles: z.array(BlockRole.nullable()).max(MOST_BLOCKS).default([]),
  summary: DesignSummary.nullable().default(null),
  /** What it was grouped of, as it was grouped; empty: it is of one piece. */
  parts: z.array(DesignPart).max(12).default([]),
})
export type DesignCard = z.infer<typeof DesignCard>
