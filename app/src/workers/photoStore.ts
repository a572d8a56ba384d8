import { type DBSchema, openDB } from 'idb'

interface Kept extends DBSchema {
  photos: { key: string; value: Blob }
}

const STORE = 'photos'
const database = () => openDB<Kept>('zt.photos', 1, { upgrade: (db) => void db.createObjectStore(STORE) })

/** Keeps a photo on this device: from here it goes to the server, and is shown with the server away. */
export async function keepPhoto(id: string, photo: Blob): Promise<void> {
  const db = await database()
  try {
    await db.put(STORE, photo, id)
  } catch {
    throw new Error('This device is full. Free some space and try again.')
  } finally {
    db.close()
  }
}

export async function photoHere(id: string): Promise<Blob | null> {
  const db = await database()
  try {
    return (await db.get(STORE, id)) ?? null
  } finally {
    db.close()
  }
}
