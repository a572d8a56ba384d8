import type { Client, InStatement } from '@libsql/client'
import { drizzle } from 'drizzle-orm/libsql'
import Connection from 'libsql/promise'
import type { Tx } from './connection'

/**
 * A transaction that may write the whole shop, on a connection of its own. Its last step puts all that was written in
 * order and into the file, which takes seconds; here that goes on beside other requests, not before them.
 */
export async function writeLarge<T>(file: string, blockMs: number, work: (tx: Tx) => Promise<T>): Promise<T> {
  const connection = new Connection(file, { timeout: blockMs })
  try {
    return await drizzle({ client: clientOf(connection) }).transaction(work)
  } finally {
    connection.close()
  }
}

/** Its types do not tell of this. */
const isOpen = (connection: Connection): boolean => (connection as never as { inTransaction: boolean }).inTransaction

type Prepared = Awaited<ReturnType<Connection['prepare']>>

/**
 * As much of the driver's client as a transaction needs. Statements are kept to its end: one that is thrown away is
 * taken apart by the collector of garbage, which would wait, and all else with it, for the last step.
 */
function clientOf(connection: Connection): Client {
  const kept = new Map<string, Prepared>()
  const preparedFor = async (text: string): Promise<Prepared> => {
    const prepared = kept.get(text) ?? (await connection.prepare(text))
    kept.set(text, prepared)
    return prepared
  }
  const transaction = async (): Promise<unknown> => {
    await connection.exec('BEGIN IMMEDIATE')
    return {
      execute: async (statement: InStatement) => {
        const { sql, args } = statement as { sql: string; args: unknown[] }
        return execute(await preparedFor(sql), args)
      },
      commit: () => connection.exec('COMMIT'),
      // Where there is no room, the database has taken it back already.
      rollback: async () => isOpen(connection) && connection.exec('ROLLBACK'),
    }
  }
  return { transaction } as Pick<Client, never> as Client
}

async function execute(statement: Prepared, args: unknown[]): Promise<unknown> {
  if (!statement.reader) return { rows: [], rowsAffected: statement.run(args).changes }
  const names: string[] = statement.columns().map(({ name }: { name: string }) => name)
  const rows: unknown[][] = await statement.raw().all(args)
  return { rows: rows.map((values) => rowOf(names, values)) }
}

/** A row as the driver gives it: its values by name, and unseen by number. */
const rowOf = (names: readonly string[], values: readonly unknown[]): object =>
  Object.defineProperties(
    Object.fromEntries(names.map((name, i) => [name, values[i]])),
    Object.fromEntries([['length', { value: values.length }], ...values.map((value, i) => [i, { value }])]),
  )
