import { eq } from 'drizzle-orm'
import { sewingMachines } from '../../db/tables'
import type { Db, Tx } from '../../db/database'
import type { Loaded, Memory } from './machineMemory'

/** What the stand-ins remember without power, a row a machine. */
export const readMemories = (db: Db) => db.select().from(sewingMachines)

export async function rememberJob(tx: Tx, id: string, memory: Memory, loaded: Loaded): Promise<void> {
  await tx
    .insert(sewingMachines)
    .values({ id, memory, loaded })
    .onConflictDoUpdate({ target: sewingMachines.id, set: { memory, loaded } })
}

export async function remember(tx: Tx, id: string, memory: Memory): Promise<void> {
  await tx.update(sewingMachines).set({ memory }).where(eq(sewingMachines.id, id))
}
