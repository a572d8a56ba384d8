import { Away } from '@/http/client'
import { tellQueue } from './deviceOutbox'

/** Says that the server is away, or what it says itself of its state; or that it does not know this phone. */
export function tellAway(error: unknown): void {
  const { trouble = null, out = false } = error instanceof Away ? error : {}
  tellQueue({ connection: out ? 'out' : 'away', trouble })
}
