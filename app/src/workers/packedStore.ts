import type { PackedDesign } from '@thimble/core/design'
import { type DBSchema, openDB } from 'idb'

/** The names of the database and its store are those of the first version that kept designs on a device. */
const STORE = 'drawings'

interface Kept extends DBSchema {
  drawings: { key: string; value: string }
}

const database = () => openDB<Kept>('zt.drawings', 1, { upgrade: (db) => void db.createObjectStore(STORE) })

/** Keeps a design on this device, as text: from here it goes to the server, and can be opened with the server away. */
export async function keepPacked(id: string, packed: PackedDesign): Promise<void> {
  const db = await database()
  try {
    await db.put(STORE, JSON.stringify(packed), id)
  } catch {
    throw new Error('This device is full. Free some space and try again.')
  } finally {
    db.close()
  }
}

export async function packedHere(id: string): Promise<string | null> {
  const db = await database()
  try {
    return (await db.get(STORE, id)) ?? null
  } finally {
    db.close()
  }
}
