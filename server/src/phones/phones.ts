import { shopComputer as t } from '@thimble/language/en/shopComputer'
import type { PhoneAccess } from '@thimble/contract/phones'
import path from 'node:path'
import type { Database } from '../db/database'
import { type ShopCertificates, shopCertificates } from './keptCertificates'
import { type OwnPlace, ownPlace } from './localNetwork'
import { Pairing } from './pairing'
import { PhoneListener } from './phoneListener'
import { PhoneStore } from './phoneStore'

/** How often this machine's addresses are looked at: another router gives it others. */
const LOOK_MS = 30_000

type Setting = {
  port: number
  now?: () => Date
  place?: () => OwnPlace
  pause?: (ms: number) => Promise<void>
}
type Listen = (certificates: ShopCertificates) => PhoneListener

/** The phones of a shop: the door they come in by, the way to be let in, and who is in. */
export class Phones {
  readonly pairing: Pairing
  #listener: PhoneListener | null = null
  #certificates: ShopCertificates | null = null
  #problem: string | null = null
  #listen: Listen | null = null
  #looking: NodeJS.Timeout | undefined
  readonly #now: () => Date
  readonly #place: () => OwnPlace

  private constructor(
    private readonly folder: string,
    readonly store: PhoneStore,
    readonly port: number,
    { now = () => new Date(), place = ownPlace, pause = wait }: Omit<Setting, 'port'>,
  ) {
    this.#now = now
    this.#place = place
    this.pairing = new Pairing({ now: () => now().getTime(), pause })
  }

  static async of(database: Database, { port, ...setting }: Setting): Promise<Phones> {
    const now = setting.now ?? (() => new Date())
    const store = await PhoneStore.of(database, () => now().toISOString())
    return new Phones(path.join(database.folder, 'tls'), store, port, setting)
  }

  /** By what the network calls this machine, each with the door's port. */
  hosts(): ReadonlySet<string> {
    const { addresses, names } = this.#place()
    const own = [...addresses, ...names, 'localhost', '127.0.0.1', '::1']
    return new Set(own.map((one) => `${bracketed(one)}:${this.port}`))
  }

  get fingerprint(): string | null {
    return this.#certificates?.authority.fingerprint ?? null
  }

  get authority(): Uint8Array | null {
    return this.#certificates?.authority.der ?? null
  }

  /** From now on the door can be opened; it is where it stood open before, or is asked to be. */
  async ready(listen: Listen, { open = false } = {}): Promise<void> {
    this.#listen = listen
    if (open || this.store.open) await this.#open()
  }

  /** Opens the door or closes it, and keeps to that at the next start. */
  async setOpen(open: boolean): Promise<void> {
    await this.store.setOpen(open)
    if (open) await this.#open()
    else await this.close()
  }

  async close(): Promise<void> {
    clearInterval(this.#looking)
    this.store.noteShop()
    this.pairing.callOff()
    const listener = this.#listener
    this.#listener = null
    this.#problem = null
    await listener?.close()
  }

  /** A phone that is in has shown its key by this connection: its place at the door is kept. */
  trust(socket: Parameters<PhoneListener['trust']>[0]): void {
    this.#listener?.trust(socket)
  }

  state(): PhoneAccess {
    const { invited, asking } = this.pairing
    return {
      open: this.#listener !== null,
      problem: this.#problem,
      addresses: this.#listener ? this.#addresses() : [],
      fingerprint: this.fingerprint,
      invited: invited && {
        code: invited.code,
        secondsLeft: Math.ceil((invited.until - this.#now().getTime()) / 1000),
      },
      asking: asking && { name: asking.name },
      phones: this.store.list(),
    }
  }

  #addresses(): string[] {
    const { addresses, names } = this.#place()
    // A name without an ending is known to few routers.
    const called = [...addresses.map(bracketed), ...names.filter((name) => name.includes('.'))]
    return called.map((one) => `https://${one}:${this.port}`)
  }

  async #open(): Promise<void> {
    if (this.#listener || !this.#listen) return
    try {
      this.#certificates = await shopCertificates(this.folder, this.#place(), this.#now())
      const listener = this.#listen(this.#certificates)
      await listener.open()
      this.#listener = listener
      this.#problem = null
      this.#looking = setInterval(() => void this.#renew(), LOOK_MS)
      this.#looking.unref()
    } catch (error) {
      this.#problem = cannotOpen(error, this.port)
    }
  }

  /** Shows another certificate where this machine is called otherwise by now, or the old one is about to run out. */
  async #renew(): Promise<void> {
    try {
      const fresh = await shopCertificates(this.folder, this.#place(), this.#now())
      if (fresh.server.certificate !== this.#certificates?.server.certificate) this.#listener?.show(fresh.server)
      this.#certificates = fresh
    } catch {
      // The one that is shown serves on; it is tried again.
    }
  }
}

const wait = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms))
const bracketed = (address: string): string => (address.includes(':') ? `[${address}]` : address)

function cannotOpen(error: unknown, port: number): string {
  const { code, message } = error as NodeJS.ErrnoException
  if (code === 'EADDRINUSE') return t('port-is-taken-stop-the', { port: String(port) })
  if (code === 'ENOSPC') return t('the-disk-is-full-the')
  if (code === 'EACCES') return t('this-program-may-not-open', { port: String(port) })
  return t('the-door-cannot-be-opened', { code: code ?? message })
}
