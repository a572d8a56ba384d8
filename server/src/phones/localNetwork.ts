import { BlockList, isIP } from 'node:net'
import os from 'node:os'

/** Addresses that no other network can reach: [address, bits]. After RFC 1918, 3927, 4193 and 4291. */
export const LOCAL_RANGES = {
  ipv4: [
    ['10.0.0.0', 8],
    ['172.16.0.0', 12],
    ['192.168.0.0', 16],
    ['169.254.0.0', 16],
    ['127.0.0.0', 8],
  ],
  ipv6: [
    ['fc00::', 7],
    ['fe80::', 10],
    ['::1', 128],
  ],
} as const

const local = new BlockList()
for (const [kind, ranges] of Object.entries(LOCAL_RANGES))
  for (const [address, bits] of ranges) local.addSubnet(address, bits, kind as 'ipv4' | 'ipv6')

const plain = (address: string): string => address.replace(/^::ffff:/, '').replace(/%.*$/, '')

/** Whether an address is of this machine or of the network it stands in; a caller from elsewhere is let nowhere. */
export function isLocal(address: string): boolean {
  const bare = plain(address)
  const kind = isIP(bare)
  return kind !== 0 && local.check(bare, kind === 4 ? 'ipv4' : 'ipv6')
}

export type OwnPlace = {
  /** By which others in the network reach this machine, the likeliest first. */
  addresses: string[]
  /** Its names there. */
  names: string[]
}

/** What this machine is called in its network; a link-local address of the newer kind is of no use in a browser. */
export function ownPlace(interfaces = os.networkInterfaces(), hostname = os.hostname()): OwnPlace {
  const addresses = Object.values(interfaces)
    .flatMap((list) => list ?? [])
    .filter(({ internal, address }) => !internal && isLocal(address) && !/^fe80:/i.test(address))
    .map(({ address }) => plain(address))
  const name = hostname.toLowerCase().split('.')[0]!
  return {
    addresses: [...new Set(addresses)].sort((a, b) => likelihood(a) - likelihood(b)),
    names: /^[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?$/.test(name) ? [name, `${name}.local`] : [],
  }
}

/** A household's own network before those that programs make for themselves, and addresses that can be typed first. */
const likelihood = (address: string): number =>
  [/^192\.168\./, /^10\./, /^172\./, /^169\./].findIndex((kind) => kind.test(address)) + (isIP(address) === 6 ? 10 : 0)
