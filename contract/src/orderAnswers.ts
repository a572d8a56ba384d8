import { asked as t } from '@thimble/language/en/asked'
import { costParts } from '@thimble/core/money/costParts'
import { verdicts } from '@thimble/core/outcomes'
import { DesignCard } from './design/designCard'
import { PackedDesign } from './design/packedDesign'
import { Piece } from './piece/piece'
import { z } from './sentences'
import { Id, Instant } from './stored'

const MOST_AT_ONCE = 2000

/** Pieces of an order with the names that were set for them, to be kept all or not at all. */
export const NewPieces = z.strictObject({
  designs: z.array(z.strictObject({ card: DesignCard, packed: PackedDesign })).max(MOST_AT_ONCE),
  pieces: z.array(Piece).max(MOST_AT_ONCE, t('more-than-pieces-at-once', { one: MOST_AT_ONCE })),
})
export type NewPieces = z.infer<typeof NewPieces>

/** A piece of an order as far as the order goes. */
const OrderPiece = z.strictObject({
  id: Id,
  name: z.string(),
  line: Id,
  row: Id,
  place: Id,
  finishedAt: Instant.nullable(),
  verdict: z.enum(verdicts).nullable(),
})

/** What one garment of a line really cost, in minor units, by those that are in the log. */
const RealOfLine = z.strictObject({
  line: Id,
  recorded: z.int(),
  good: z.int(),
  parts: z.record(z.enum(costParts), z.int()),
  cost: z.int(),
  guessed: z.int(),
})

/** How an order stands: all its pieces, those in the log among them, and what they really cost. */
export const OrderStatus = z.strictObject({ pieces: z.array(OrderPiece), real: z.array(RealOfLine) })
export type OrderStatus = z.infer<typeof OrderStatus>
