import { z } from './sentences'

export const Id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/, 'An id is 1 to 64 letters, digits, - or _.')
export const Name = z.string().trim().min(1, 'Give it a name.').max(120, 'Keep the name under 120 characters.')
export const Note = z.string().max(4000, 'Keep the note under 4000 characters.')
export const Instant = z.iso.datetime({ message: 'Write the time as ISO 8601 in UTC.' })
export const LocalDate = z.iso.date({ message: 'Write the date as YYYY-MM-DD.' })
export const Colour = z.string().regex(/^#[0-9a-fA-F]{6}$/, 'Write the colour as #rrggbb.')
export const Millimetres = z.number().positive('It must be above zero.').max(5000, 'That’s over 5 metres. Check it.')
/** The id of a rule, a phrase, a step or another thing of the program's own. */
export const OwnId = z.string().max(120)

export const Point = z.strictObject({ x: z.number(), y: z.number() })
export const Pose = z.strictObject({ x: z.number(), y: z.number(), rotation: z.number() })
/** x, y in turn. */
export const Points = z.array(z.number()).max(8000)

/** What a ledger works out to be left, in its own unit; below nothing where more went than was there. No sum of movements leaves it. */
export const Left = z.number().min(-1e12).max(1e12)

/** The number of a change, rising over the whole shop; 0: not kept by the server yet. */
export const Revision = z.int().min(0).default(0)

/** What the server adds to everything it keeps; `revision`: of its last change. */
export const StoredDocument = z.strictObject({ id: Id, createdAt: Instant, updatedAt: Instant, revision: Revision })
