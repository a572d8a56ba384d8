import { deviceStorage } from '../state/deviceStorage'

const KEY = 'zt.heard'
/** Said to the minute, so it is not written down more often than this. */
const EVERY_MS = 10_000
let written = 0

/** The server was heard: what is shown is as it is now. Kept, as a page may be opened while it is away. */
export function noteContact(): void {
  const now = Date.now()
  if (now - written < EVERY_MS) return
  written = now
  try {
    deviceStorage.setItem(KEY, String(now))
  } catch {
    // Without room it is not known later how old this is; nothing else rests on it.
  }
}

/** When the server was last heard here; null: never, as far as this device knows. */
export const lastContact = (): number | null => Number(deviceStorage.getItem(KEY)) || null
