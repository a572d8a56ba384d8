import type { StoredAdvice as Advice } from '@thimble/core/advice'
import type { Fill as CoreFill, Named as CoreNamed, Message as CoreSaid } from '@thimble/core/messages'
import { z } from './sentences'
import { OwnId } from './stored'

const Own = z.strictObject({ own: z.string().max(120) })

/** A name as data: a word's id, one that somebody gave, or a sentence. */
export const Named: z.ZodType<CoreNamed> = z.lazy(() => z.union([OwnId, Own, Message]))
const Fill: z.ZodType<CoreFill> = z.lazy(() => z.union([z.number(), z.strictObject({ plain: z.number() }), Named]))

/** A sentence as data; see `say` of the core. */
export const Message: z.ZodType<CoreSaid> = z.lazy(() =>
  z.union([z.tuple([OwnId]), z.tuple([OwnId, z.record(z.string().max(40), Fill)])]),
)

export const StoredAdvice: z.ZodType<Advice> = z.strictObject({
  severity: z.enum(['note', 'caution', 'stop']),
  said: Message,
})
