import { Away } from '@/http/client'
import { tellQueue } from './deviceOutbox'

/** Says that the server is away, or what it says itself of its state. */
export function tellAway(error: unknown): void {
  const trouble = error instanceof Away ? error.trouble : null
  tellQueue({ connection: 'away', trouble })
}
