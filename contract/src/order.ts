import { asked as t } from '@thimble/language/en/asked'
import { costParts } from '@thimble/core/money/costParts'
import { longNameWays } from '@thimble/core/lettering/longNames'
import { z } from './sentences'
import { NoLength } from './length'
import { CustomItem } from './item'
import { Money } from './money'
import { BuildCloth } from './piece/otherStages'
import { Colour, Id, Instant, StoredDocument, LocalDate, Name, Note } from './stored'

const MOST_PIECES = 5000
const ShortText = z.string().max(120, t('keep-it-under-120-characters'))

/** How names of a line are set: to one letter height or to one width, and what is done about those that come out too long. */
const NameSetting = z.strictObject({
  face: z.string().max(30),
  by: z.enum(['height', 'width']).default('height'),
  /** Of a capital, or of the whole name. */
  size: NoLength,
  /** By height how wide a name may be, by width how high its letters; nothing typed: as it comes. */
  most: NoLength,
  spacing: NoLength,
  colour: Colour.default('#1f2d38'),
  long: z.enum(longNameWays).default('as-set'),
})
export type NameSetting = z.infer<typeof NameSetting>

/** One place on the item with what goes there: a design of the shelf, or each piece's own name. */
const LinePlace = z.strictObject({
  order: z.int().min(0).max(99).default(0),
  placement: z.string().max(60),
  designId: Id.nullable().default(null),
  names: NameSetting.nullable().default(null),
})
export type LinePlace = z.infer<typeof LinePlace>

/** One person's piece. `name` is set where the line has a place for names. */
export const OrderName = z.strictObject({
  order: z.int().min(0).max(MOST_PIECES).default(0),
  size: z.string().max(30),
  name: z.string().max(60, t('keep-the-name-under-60')).default(''),
  /** Of this one's cloth; null: the line's. */
  colour: Colour.nullable().default(null),
  note: z.string().max(400, t('keep-the-note-under-400')).default(''),
})
export type OrderName = z.infer<typeof OrderName>

/** Pieces of one item in one cloth, in their sizes, embroidered alike. */
export const OrderLine = z.strictObject({
  order: z.int().min(0).max(999).default(0),
  name: ShortText.default(''),
  item: z.strictObject({ kind: z.string().max(60), own: CustomItem.nullable().default(null) }),
  cloth: BuildCloth,
  places: z.record(Id, LinePlace).default({}),
  /** How many of each size have no name, as typed. */
  counts: z.record(z.string().max(30), z.string().max(6)).default({}),
  names: z.record(Id, OrderName).default({}),
  /** What one costs the shop; of the customer's own, what a spoiled one costs to replace. */
  blank: Money.nullable().default(null),
  customersOwn: z.boolean().default(false),
})
export type OrderLine = z.infer<typeof OrderLine>

/** What was quoted of a line: its parts a piece, which sum to the cost, in minor units. */
const QuotedLine = z.strictObject({
  line: Id,
  name: ShortText,
  quantity: z.int().min(1),
  parts: z.record(z.enum(costParts), z.int()),
  cost: z.int(),
  price: z.int(),
  total: z.int(),
})
export type QuotedLine = z.infer<typeof QuotedLine>

const Quote = z.strictObject({
  at: Instant,
  currency: z.string().max(3),
  lines: z.array(QuotedLine).min(1).max(100),
  total: z.int(),
  /** When it was said to be ready. */
  ready: LocalDate.nullable().default(null),
})
export type Quote = z.infer<typeof Quote>

/** What a customer orders: lines of pieces, when they are due, and what goes with them. */
export const Order = StoredDocument.extend({
  name: Name,
  customer: ShortText.default(''),
  due: LocalDate.nullable().default(null),
  deliveryNote: Note.default(''),
  lines: z.record(Id, OrderLine).default({}),
  /** For the order as a whole, shared by its pieces. */
  setup: Money.nullable().default(null),
  /** The pieces as a hand put them in order; null: as it is worked out. */
  sequence: z.array(Id).max(MOST_PIECES).nullable().default(null),
  quoted: z.array(Quote).max(1).default([]),
})
export type Order = z.infer<typeof Order>
