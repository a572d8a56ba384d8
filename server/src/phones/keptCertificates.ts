import { createPrivateKey, X509Certificate } from 'node:crypto'
import { chmodSync, existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { type Certified, makeAuthority, makeServerCertificate, mayVouchFor } from './certificates'
import type { OwnPlace } from './localNetwork'

const DAY_MS = 86_400_000
/** What is left when the server's is made again, and when the authority is: none may outlast what vouches for it. */
const RENEW_DAYS = 30
const RENEW_AUTHORITY_DAYS = 400
/** The same machine as it calls itself. */
const ITSELF: OwnPlace = { names: ['localhost'], addresses: ['127.0.0.1', '::1'] }

export type ShopCertificates = {
  server: Certified
  /** The authority's certificate as phones take it in, and its SHA-256 as it is compared. */
  authority: { der: Uint8Array; fingerprint: string }
}

/**
 * The shop's authority and its server's certificate, kept in `folder` where only the owner reads them: made on first use,
 * and made again before they run out or when this machine has got another name or address.
 */
export async function shopCertificates(folder: string, at: OwnPlace, now: Date): Promise<ShopCertificates> {
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  chmodSync(folder, 0o700)
  let authority = readPair(folder, 'authority')
  const renewed = !authority || daysLeft(authority, now) < RENEW_AUTHORITY_DAYS
  if (!authority || renewed) {
    authority = await makeAuthority(now, at.names)
    keepPair(folder, 'authority', authority)
  }
  const vouched = authority
  const place: OwnPlace = {
    names: [...at.names, ...ITSELF.names].filter((name) => mayVouchFor(vouched, name)),
    addresses: [...at.addresses, ...ITSELF.addresses],
  }
  let server = renewed ? null : readPair(folder, 'server')
  if (!server || daysLeft(server, now) < RENEW_DAYS || !vouchedBy(authority, server) || !holds(server, place)) {
    server = await makeServerCertificate(authority, place, now)
    keepPair(folder, 'server', server)
  }
  const { raw, fingerprint256 } = new X509Certificate(authority.certificate)
  return { server, authority: { der: raw, fingerprint: fingerprint256 } }
}

const daysLeft = ({ certificate }: Certified, now: Date): number =>
  (Date.parse(new X509Certificate(certificate).validTo) - now.getTime()) / DAY_MS

const vouchedBy = (authority: Certified, { certificate }: Certified): boolean =>
  new X509Certificate(certificate).verify(new X509Certificate(authority.certificate).publicKey)

function holds({ certificate }: Certified, { names, addresses }: OwnPlace): boolean {
  const known = new X509Certificate(certificate)
  return names.every((name) => known.checkHost(name)) && addresses.every((address) => known.checkIP(address))
}

/** Null for one that is missing or cannot be read: then another is made. */
function readPair(folder: string, name: string): Certified | null {
  const [certificate, key] = [path.join(folder, `${name}.crt`), path.join(folder, `${name}.key`)]
  if (!existsSync(certificate) || !existsSync(key)) return null
  const pair = { certificate: readFileSync(certificate, 'utf8'), key: readFileSync(key, 'utf8') }
  try {
    return new X509Certificate(pair.certificate).checkPrivateKey(createPrivateKey(pair.key)) ? pair : null
  } catch {
    return null
  }
}

/** Each under its name once it is whole; a pair that was cut short does not fit together, and is made again. */
function keepPair(folder: string, name: string, { certificate, key }: Certified): void {
  for (const [ending, text] of [
    ['key', key],
    ['crt', certificate],
  ] as const) {
    const file = path.join(folder, `${name}.${ending}`)
    writeFileSync(`${file}.part`, text, { mode: 0o600 })
    renameSync(`${file}.part`, file)
  }
}
