import type { Socket } from 'node:net'

/** Who is at the other end, as both a socket and what is wrapped round it say it. */
type End = { remoteAddress?: string | undefined; remotePort?: number | undefined }
type Connection = { socket: Socket; address: string; paired: boolean; shaking: NodeJS.Timeout }
type Limits = { all: number; ofOneAddress: number; handshakeMs: number }

const LIMITS: Limits = { all: 200, ofOneAddress: 20, handshakeMs: 10_000 }
const keyOf = ({ remoteAddress, remotePort }: End): string => `${remoteAddress} ${remotePort}`

/**
 * The open connections of the phones' door, oldest first. Who showed the key of a phone that is in keeps its place; of the
 * others the oldest makes room for who comes: of one address first, so that no device can hold the door shut for another.
 */
export class Connections {
  readonly #open = new Map<string, Connection>()

  constructor(private readonly limits: Limits = LIMITS) {}

  get size(): number {
    return this.#open.size
  }

  /** Takes a connection in; false where all places are held by phones that are in. */
  take(socket: Socket): boolean {
    const address = socket.remoteAddress ?? ''
    const ofAddress = (one: Connection): boolean => one.address === address
    if (!this.#makeRoom(this.limits.ofOneAddress, ofAddress) || !this.#makeRoom(this.limits.all, () => true))
      return false
    const key = keyOf(socket)
    // However slowly it drips: a handshake that is not done by then is none.
    const shaking = setTimeout(() => socket.destroy(), this.limits.handshakeMs)
    shaking.unref()
    this.#open.set(key, { socket, address, paired: false, shaking })
    socket.on('close', () => {
      clearTimeout(shaking)
      if (this.#open.get(key)?.socket === socket) this.#open.delete(key)
    })
    return true
  }

  /** The handshake is done; what comes now has the patience of the server it came to. */
  settle(end: End): void {
    clearTimeout(this.#open.get(keyOf(end))?.shaking)
  }

  /** It showed the key of a phone that is in. */
  trust(end: End): void {
    const connection = this.#open.get(keyOf(end))
    if (connection) connection.paired = true
  }

  closeAll(): void {
    for (const { socket } of this.#open.values()) socket.destroy()
  }

  #makeRoom(most: number, counts: (one: Connection) => boolean): boolean {
    const held = [...this.#open.entries()].filter(([, one]) => counts(one))
    if (held.length < most) return true
    const oldest = held.find(([, { paired }]) => !paired)
    if (!oldest) return false
    const [key, { socket }] = oldest
    this.#open.delete(key)
    socket.destroy()
    return true
  }
}
