import { shopComputer as t } from '@thimble/language/en/shopComputer'
import type { ZodError } from 'zod'
import type { Tx } from '../db/database'
import { setAside } from '../db/tables'

/** A document that cannot be read any more, as it lay there, and why. */
type Unreadable = { collection: string; id: string; text: string; reason: string }

/** Keeps what cannot be read beside the collections, so that the rest of them can. */
export async function putAside(tx: Tx, { text, ...one }: Unreadable): Promise<void> {
  const row = { ...one, doc: text }
  await tx
    .insert(setAside)
    .values(row)
    .onConflictDoUpdate({ target: [setAside.collection, setAside.id], set: row })
}

/** Why, in one sentence for a person. */
export function reasonOf(error: Pick<ZodError, 'issues'> | SyntaxError): string {
  if (!('issues' in error)) return t('its-damaged-or-incomplete')
  const [issue] = error.issues
  return issue ? `${issue.path.join('.')}: ${issue.message}` : t('it-cant-be-read')
}
