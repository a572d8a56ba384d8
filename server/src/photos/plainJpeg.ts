import { shopComputer as t } from '@thimble/language/en/shopComputer'
import { CoreError } from '@thimble/core/errors'

/** Baseline, extended and progressive pictures; and the segments they cannot do without. */
const FRAMES = new Set([0xc0, 0xc1, 0xc2])
const NEEDED = new Set([...FRAMES, 0xdb, 0xc4, 0xdd, 0xe0, 0xee])
const [START, SCAN, COLOURS] = [0xd8, 0xda, 0xe2]
const PROFILE = 'ICC_PROFILE'

const refuse = (says: string): never => {
  throw new CoreError('bad-photo', says, 'photo')
}

/**
 * The size of a JPEG that holds a picture and nothing else: no place, no device, no second picture.
 *
 * @throws CoreError('bad-photo') for another kind of file, one that is broken off, or one that tells more than its picture
 */
export function sizeOfPlainJpeg(bytes: Uint8Array): { width: number; height: number } {
  if (bytes.length < 4 || bytes[0] !== 0xff || bytes[1] !== START) refuse(t('this-is-not-a-jpeg'))
  let size: { width: number; height: number } | null = null
  for (const { kind, at, view } of segmentsOf(bytes)) {
    const profile = kind === COLOURS && text(bytes, at, PROFILE.length) === PROFILE
    if (!NEEDED.has(kind) && !profile) refuse(t('this-picture-holds-more-than'))
    if (FRAMES.has(kind)) size = { height: view.getUint16(at + 1), width: view.getUint16(at + 3) }
  }
  return size ?? refuse(t('this-picture-is-incomplete'))
}

type Segment = { kind: number; at: number; view: DataView }

/** What stands before the picture itself, each segment by where its content begins. */
function* segmentsOf(bytes: Uint8Array): Generator<Segment> {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  for (let at = 2; at + 4 <= bytes.length; ) {
    const [sign, kind] = [bytes[at]!, bytes[at + 1]!]
    if (sign !== 0xff) refuse(t('this-picture-is-damaged'))
    if (kind === SCAN && endsWell(bytes)) return
    const length = view.getUint16(at + 2)
    if (kind === SCAN || length < 2 || at + 2 + length > bytes.length) refuse(t('this-picture-is-incomplete'))
    yield { kind, at: at + 4, view }
    at += 2 + length
  }
  refuse(t('this-picture-is-incomplete'))
}

const endsWell = (bytes: Uint8Array): boolean => bytes.at(-2) === 0xff && bytes.at(-1) === 0xd9

const text = (bytes: Uint8Array, at: number, length: number): string =>
  String.fromCharCode(...bytes.subarray(at, at + length))
