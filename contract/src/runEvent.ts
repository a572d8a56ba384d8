import { z } from './sentences'
import { Id, StoredDocument, Name, Note } from './stored'

/** What sets the needle going, what stops it, and what is only noted. */
export const goingEvents = ['started', 'resumed', 'colour', 'laid', 'trimmed'] as const
export const stoppingEvents = [
  'stopped',
  'waiting',
  'halt',
  'thread-break',
  'needle-break',
  'nest',
  'bobbin-out',
  'power',
  'ended',
] as const
const notedEvents = ['shift', 'bobbin'] as const
const runEventKinds = [...goingEvents, ...stoppingEvents, ...notedEvents] as const
export type RunEventKind = (typeof runEventKinds)[number]

/** Stitches of one hooping: a design's, as often as it has copies. */
export const MOST_SEWN = 20_000_000

/**
 * Something that happened while a piece was sewn, at `createdAt` and at a stitch of one hooping; a row of its own that is
 * made once, by the hand that tapped it or by the machine.
 */
export const RunEvent = StoredDocument.extend({
  /** The piece as it was called then. */
  name: Name,
  piece: Id,
  hooping: z.int().min(0).max(10_000).default(0),
  kind: z.enum(runEventKinds),
  /** How many stitches of the hooping were sewn; where it goes on from, of what sets it going. */
  stitch: z.int().min(0).max(MOST_SEWN),
  by: z.enum(['hand', 'machine']).default('hand'),
  machine: Id.nullable().default(null),
  /** Metres on the bobbin that was put in; null: not known. */
  bobbinM: z.number().min(0).max(2000).nullable().default(null),
  /** How many times as fast as it is the stand-in’s time went. */
  pace: z.number().min(1).max(1000).default(1),
  note: Note.default(''),
  /** Whether its piece is on the bench: devices hold it as long. */
  atHand: z.boolean().default(true),
})
export type RunEvent = z.infer<typeof RunEvent>
