import { asked as t } from '@thimble/language/en/asked'
/* How phones come in. Only the desk and its server know of it: a start of the app needs none of this. */
import { z } from './sentences'
import { Id, Instant } from './stored'

/** What a phone says at the door. */
export const PairRequest = z.strictObject({
  code: z
    .string()
    .trim()
    .toUpperCase()
    .regex(/^[A-Z0-9]{6}$/, t('the-code-has-six-letters')),
  name: z.string().trim().min(1, t('give-the-phone-a-name')).max(40, t('keep-the-name-under-40')),
})

/** How it stands with a phone that asked. */
export const PairAnswer = z.object({ state: z.enum(['waiting', 'no', 'gone', 'in']) })
export type PairAnswer = z.infer<typeof PairAnswer>

/** What a phone compares and trusts: the SHA-256 of the shop's authority. */
export const ShopTrust = z.object({ fingerprint: z.string() })
export type ShopTrust = z.infer<typeof ShopTrust>

/** The door for phones as the desk sees it. */
export const PhoneAccess = z.object({
  open: z.boolean(),
  /** Why it does not stand open though it should. */
  problem: z.string().nullable(),
  /** Where a phone comes in, the likeliest first; by name alone while this machine is in no network. */
  addresses: z.array(z.string()),
  fingerprint: z.string().nullable(),
  invited: z.object({ code: z.string(), secondsLeft: z.int() }).nullable(),
  /** Who has said the code and waits for a yes. */
  asking: z.object({ name: z.string() }).nullable(),
  phones: z.array(z.object({ id: Id, name: z.string(), pairedAt: Instant, lastSeenAt: Instant })),
})
export type PhoneAccess = z.infer<typeof PhoneAccess>

export const OpenAccess = z.strictObject({ open: z.boolean() })
export const LetIn = z.strictObject({ letIn: z.boolean() })
