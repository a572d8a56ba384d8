import type { Client } from '@libsql/client'

/** How often a read is tried on fresh connections: a write that is refused may reopen them several times in a row. */
const TRIES = 5

/**
 * Reads go past the write queue, which reopens all connections when a write was refused: a read that had one of the
 * old ones in its hand at that moment is asked again on a new one, and nobody hears of it.
 */
export function withPatientReads(client: Client): Client {
  const execute = client.execute.bind(client) as (...asked: unknown[]) => ReturnType<Client['execute']>
  client.execute = async (...asked: unknown[]) => {
    for (let tries = 1; ; tries++)
      try {
        return await execute(...asked)
      } catch (error) {
        const reopened = (error as { code?: unknown }).code === 'CLIENT_CLOSED' && !client.closed
        if (!reopened || tries === TRIES) throw error
      }
  }
  return client
}
