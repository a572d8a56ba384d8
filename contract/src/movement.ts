import { z } from './sentences'
import { Id, StoredDocument, Name, Note } from './stored'

/** What a ledger is kept of: the collection and the field that says what is left, in its unit. */
export const accounts = {
  'supplies.leftMm': { collection: 'supplies', field: 'leftMm', unknown: false },
  'threads.leftM': { collection: 'threads', field: 'leftM', unknown: true },
  'needles.left': { collection: 'needles', field: 'left', unknown: false },
  'bobbins.left': { collection: 'bobbins', field: 'left', unknown: false },
  'adhesives.left': { collection: 'adhesives', field: 'left', unknown: false },
  'machines.needleMinutes': { collection: 'machines', field: 'needleMinutes', unknown: false },
  'machines.needleStrikes': { collection: 'machines', field: 'needleStrikes', unknown: false },
  'machines.bobbinM': { collection: 'machines', field: 'bobbinM', unknown: true },
} as const
export type Account = keyof typeof accounts
const accountNames = Object.keys(accounts) as [Account, ...Account[]]

/** `opened`: what was said to be there when the ledger was begun. */
const movementKinds = ['opened', 'bought', 'cut', 'used', 'weighed', 'corrected', 'fitted'] as const
export type MovementKind = (typeof movementKinds)[number]

/** What moves: metres, millimetres or pieces of one thing of the stash. */
const Moved = z.number().min(-1_000_000).max(1_000_000)

/**
 * One movement of stock, a row of its own that is made once: something came in or went out (`amount`), or somebody looked
 * what there really is (`found`). What is left of a thing is what was last found and what has moved since.
 */
export const Movement = StoredDocument.extend({
  /** What it was of, as it was called then. */
  name: Name,
  of: z.enum(accountNames),
  ofId: Id,
  kind: z.enum(movementKinds),
  /** In is positive, out negative; 0 where it was found. */
  amount: Moved.default(0),
  found: Moved.nullable().default(null),
  /** The piece it went into. */
  piece: Id.nullable().default(null),
  /** The shop's factor that an amount was counted with. */
  factor: z.number().positive().max(10).default(1),
  note: Note.default(''),
})
export type Movement = z.infer<typeof Movement>

/** What a recorded piece takes of one thing: above zero is taken, below it is given back. */
export const Take = z.strictObject({
  of: z.enum(accountNames),
  ofId: Id,
  name: Name,
  amount: Moved,
  factor: z.number().positive().max(10).default(1),
})
export type Take = z.infer<typeof Take>
