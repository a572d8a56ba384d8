import { shopComputer as t } from '@thimble/language/en/shopComputer'
import 'reflect-metadata'
import { AsnConvert } from '@peculiar/asn1-schema'
import {
  GeneralName,
  GeneralSubtree,
  GeneralSubtrees,
  id_ce_nameConstraints,
  NameConstraints,
} from '@peculiar/asn1-x509'
import * as x509 from '@peculiar/x509'
import { LOCAL_RANGES, type OwnPlace } from './localNetwork'

const DAY_MS = 86_400_000
const AUTHORITY_DAYS = 3650
/** As long as browsers take one for. */
const SERVER_DAYS = 397
/** A clock that lags a little must not find one that is not valid yet. */
const BEFORE_MS = DAY_MS
const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const
/** Endings of names that stand for a machine in its own network only. */
const LOCAL_NAMES = ['local', 'localhost', 'lan', 'home', 'internal', 'home.arpa']

/** A certificate with its private key, both as PEM. */
export type Certified = { certificate: string; key: string }

/**
 * The shop's own authority: what a phone trusts, so that it trusts the shop's certificates after it too. It is bound to
 * local names and addresses (RFC 5280, 4.2.1.10): who stole its key could pass for no place of the internet.
 */
export async function makeAuthority(now: Date, names: readonly string[]): Promise<Certified> {
  const keys = await newKeys()
  const mark = Buffer.from(crypto.getRandomValues(new Uint8Array(2))).toString('hex')
  const made = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: newSerial(),
    name: [{ CN: [`Zealous Thimble, own workshop ${mark}`] }],
    ...lasting(now, AUTHORITY_DAYS),
    signingAlgorithm: ALGORITHM,
    keys,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
      onlyLocal(names),
    ],
  })
  return { certificate: made.toString('pem'), key: await keyText(keys) }
}

/** The certificate the server shows, for this machine's names and addresses as they are now. */
export async function makeServerCertificate(authority: Certified, place: OwnPlace, now: Date): Promise<Certified> {
  const [keys, issuer] = [await newKeys(), new x509.X509Certificate(authority.certificate)]
  const made = await x509.X509CertificateGenerator.create({
    serialNumber: newSerial(),
    subject: [{ CN: [t('zealous-thimble')] }],
    issuer: issuer.subject,
    ...lasting(now, SERVER_DAYS),
    signingAlgorithm: ALGORITHM,
    publicKey: keys.publicKey,
    signingKey: await signingKey(authority.key),
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
      await x509.AuthorityKeyIdentifierExtension.create(issuer.publicKey),
      new x509.SubjectAlternativeNameExtension([
        ...place.names.map((value) => ({ type: 'dns', value }) as const),
        ...place.addresses.map((value) => ({ type: 'ip', value }) as const),
      ]),
    ],
  })
  return { certificate: made.toString('pem'), key: await keyText(keys) }
}

/** Whether the authority may vouch for a name: its machine may have been renamed since it was made. */
export function mayVouchFor(authority: Certified, name: string): boolean {
  const bound = new x509.X509Certificate(authority.certificate).getExtension(id_ce_nameConstraints)
  if (!bound) return true
  const allowed = [...(AsnConvert.parse(bound.value, NameConstraints).permittedSubtrees ?? [])]
  return allowed.some(({ base: { dNSName } }) => dNSName && (name === dNSName || name.endsWith(`.${dNSName}`)))
}

const newKeys = (): Promise<CryptoKeyPair> =>
  crypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']) as Promise<CryptoKeyPair>

/** Positive, of 20 bytes at the most and not to be guessed. */
function newSerial(): string {
  const bytes = Buffer.from(crypto.getRandomValues(new Uint8Array(16)))
  bytes[0] = (bytes[0]! & 0x7f) | 0x40
  return bytes.toString('hex')
}

const lasting = (now: Date, days: number) => ({
  notBefore: new Date(now.getTime() - BEFORE_MS),
  notAfter: new Date(now.getTime() + days * DAY_MS),
})

const keyText = async ({ privateKey }: CryptoKeyPair): Promise<string> =>
  x509.PemConverter.encode(await crypto.subtle.exportKey('pkcs8', privateKey), x509.PemConverter.PrivateKeyTag)

const signingKey = (pem: string): Promise<CryptoKey> =>
  crypto.subtle.importKey('pkcs8', x509.PemConverter.decodeFirst(pem), ALGORITHM, false, ['sign'])

function onlyLocal(names: readonly string[]): x509.Extension {
  const ranges = [...LOCAL_RANGES.ipv4, ...LOCAL_RANGES.ipv6]
  const allowed = [
    ...[...LOCAL_NAMES, ...names].map((dNSName) => new GeneralName({ dNSName })),
    ...ranges.map(([address, bits]) => new GeneralName({ iPAddress: `${address}/${bits}` })),
  ]
  const permittedSubtrees = new GeneralSubtrees(allowed.map((base) => new GeneralSubtree({ base })))
  return new x509.Extension(
    id_ce_nameConstraints,
    true,
    AsnConvert.serialize(new NameConstraints({ permittedSubtrees })),
  )
}
