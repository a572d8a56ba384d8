import type { LibSQLDatabase } from 'drizzle-orm/libsql'

export type Db = LibSQLDatabase
export type Tx = Parameters<Parameters<Db['transaction']>[0]>[0]
