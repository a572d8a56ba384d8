import type { Client, InStatement } from '@libsql/client'
import { drizzle } from 'drizzle-orm/libsql'
import Connection from 'libsql/promise'
import type { Tx } from './connection'
import type { Prepare } from './database'

/**
 * A transaction that may write the whole shop, on a connection of its own. Its last step puts all that was written in
 * order and into the file, which takes seconds; here that goes on beside other requests, not before them.
 */
export async function writeLarge<T>(
  file: string,
  blockMs: number,
  work: (tx: Tx, prepare: Prepare) => Promise<T>,
): Promise<T> {
  const connection = new Connection(file, { timeout: blockMs })
  await connection.exec(`PRAGMA cache_size = -${CACHE_KB}`)
  const prepared = new Statements(connection)
  const prepare: Prepare = async (text) => {
    const statement = await prepared.of(text)
    return (values) => void statement.run([...values])
  }
  try {
    return await drizzle({ client: clientOf(connection, prepared) }).transaction((tx) => work(tx, prepare))
  } finally {
    connection.close()
  }
}

/** What a large write touches lies all over the file, by ids that follow no order: less of it has to be read again. */
const CACHE_KB = 32_000

/** Its types do not tell of this. */
const isOpen = (connection: Connection): boolean => (connection as never as { inTransaction: boolean }).inTransaction

type Prepared = Awaited<ReturnType<Connection['prepare']>>

/**
 * Statements are kept to the end of the transaction: one that is thrown away is taken apart by the collector of garbage,
 * which would wait, and all else with it, for the last step.
 */
class Statements {
  readonly #kept = new Map<string, Prepared>()

  constructor(private readonly connection: Connection) {}

  async of(text: string): Promise<Prepared> {
    const prepared = this.#kept.get(text) ?? (await this.connection.prepare(text))
    this.#kept.set(text, prepared)
    return prepared
  }
}

/** As much of the driver's client as a transaction needs. */
function clientOf(connection: Connection, prepared: Statements): Client {
  const transaction = async (): Promise<unknown> => {
    await connection.exec('BEGIN IMMEDIATE')
    return {
      execute: async (statement: InStatement) => {
        const { sql, args } = statement as { sql: string; args: unknown[] }
        return execute(await prepared.of(sql), args)
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
