import { asked as t } from '@thimble/language/en/asked'
import { z } from './sentences'

export const Id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/, t('an-id-is-1-to'))
export const Name = z.string().trim().min(1, t('give-it-a-name')).max(120, t('keep-the-name-under-120'))
export const Note = z.string().max(4000, t('keep-the-note-under-4000'))
export const Instant = z.iso.datetime({ message: t('write-the-time-as-iso') })
export const LocalDate = z.iso.date({ message: t('write-the-date-as-yyyy') })
export const Colour = z.string().regex(/^#[0-9a-fA-F]{6}$/, t('write-the-colour-as-rrggbb'))
export const Millimetres = z.number().positive(t('it-must-be-above-zero')).max(5000, t('thats-over-5-metres-check'))
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
