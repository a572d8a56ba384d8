import type { PackedDesign } from '@thimble/core/design/packDesign'
import { type DBSchema, openDB } from 'idb'

interface Kept extends DBSchema {
  drawings: { key: string; value: string }
}

const database = () => openDB<Kept>('zt.drawings', 1, { upgrade: (db) => void db.createObjectStore('drawings') })

/** Keeps a drawing on this device, as text: from here it goes to the server, and can be opened with the server away. */
export async function keepDrawing(id: string, drawing: PackedDesign): Promise<void> {
  const db = await database()
  try {
    await db.put('drawings', JSON.stringify(drawing), id)
  } catch {
    throw new Error('This device has no room left to keep the drawing. Free some space and try again.')
  } finally {
    db.close()
  }
}

export async function keptDrawing(id: string): Promise<string | null> {
  const db = await database()
  try {
    return (await db.get('drawings', id)) ?? null
  } finally {
    db.close()
  }
}
