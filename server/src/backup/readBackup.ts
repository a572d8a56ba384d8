import { shopComputer as t } from '@thimble/language/en/shopComputer'
import type { Registry } from '@thimble/contract'
import { BackupManifest, BACKUP_VERSION } from '@thimble/contract/log'
import { CoreError } from '@thimble/core/errors'
import { createHash } from 'node:crypto'
import { promisify } from 'node:util'
import yauzl, { type Entry, type ZipFile } from 'yauzl'
import { LineTooLong, linesOf } from '../shopFile/lines'
import { asJson, MOST_LINE, type Part } from '../shopFile/readParts'
import { excessText, JsonGauge, type JsonLimits } from '../json/jsonGauge'
import { places } from './writeBackup'

/** No file of a backup is longer once it is unpacked, nor all of them together. */
const [MOST_FILE, MOST_ALL] = [4_000_000_000, 8_000_000_000]
/** What is held whole: the manifest, the settings, a drawing, a photo. */
const MOST_WHOLE = 40_000_000
/** A manifest names two hundred thousand files at the most. */
const MANIFEST_LIMITS: JsonLimits = { depth: 4, containers: 200_010, keys: 600_010, values: 800_000 }
/** Text packs to a tenth, seldom to a fiftieth: beyond this it was made to burst. */
const MOST_RATIO = 400

const open = promisify<string, yauzl.Options, ZipFile>(yauzl.open)

/**
 * The things in a backup, one after the other, each file's checksum compared as it ends. What the manifest does not
 * name is refused, and so is what leads out of the zip.
 *
 * @param file where the zip lies
 * @throws CoreError('bad-file') with a sentence and the file's name in the zip
 */
export async function* readBackup(file: string, registry: Registry): AsyncGenerator<Part> {
  const zip = await opened(file)
  try {
    const entries = await entriesOf(zip)
    const manifest = await manifestOf(zip, entries)
    requireSameFiles(entries, manifest)
    const inside: Inside = { zip, entries, sums: new Map(manifest.files.map((one) => [one.name, one.sha256])) }
    yield { list: 'shop', at: 0, json: await whole(inside, places.shop) }
    for (const name of Object.keys(registry)) {
      const place = places.documents(name)
      if (!entries.has(place)) continue
      let at = 0
      for await (const line of linesOf(checked(inside, place), MOST_LINE))
        if (line.length > 0) yield { list: name, at: at++, json: line }
    }
    yield* designsOf(inside)
    yield* photosOf(inside)
  } catch (error) {
    if (error instanceof CoreError) throw error
    if (error instanceof LineTooLong) throw badFile(t('one-line-is-too-long'), '')
    throw badFile(t('the-backup-cant-be-read', { message: (error as Error).message }), '')
  } finally {
    zip.close()
  }
}

type Inside = { zip: ZipFile; entries: ReadonlyMap<string, Entry>; sums: ReadonlyMap<string, string> }

async function* designsOf(inside: Inside): AsyncGenerator<Part> {
  let at = 0
  for (const name of inside.entries.keys()) {
    const id = /^drawings\/([\w-]+)\.json$/.exec(name)?.[1]
    if (id)
      yield {
        list: 'packedDesigns',
        at: at++,
        json: Buffer.concat([Buffer.from(`{"id":"${id}","packed":`), await whole(inside, name), CLOSE]),
      }
  }
}

const CLOSE = Buffer.from('}')

async function* photosOf(inside: Inside): AsyncGenerator<Part> {
  let at = 0
  for (const name of inside.entries.keys()) {
    const id = /^photos\/([\w-]+)\.jpg$/.exec(name)?.[1]
    if (id)
      yield { list: 'photos', at: at++, json: asJson({ id, jpeg: (await whole(inside, name)).toString('base64') }) }
  }
}

async function opened(file: string): Promise<ZipFile> {
  try {
    return await open(file, { lazyEntries: true, autoClose: false, strictFileNames: true, validateEntrySizes: true })
  } catch {
    throw badFile(t('this-isnt-a-zip-file'), '')
  }
}

/** @throws CoreError for a zip that is broken, leads out of itself, or bursts */
function entriesOf(zip: ZipFile): Promise<Map<string, Entry>> {
  const entries = new Map<string, Entry>()
  let all = 0
  return new Promise((resolve, reject) => {
    zip.on('error', (error: Error) => reject(badFile(t('the-zip-is-damaged', { message: error.message }), '')))
    zip.on('end', () => resolve(entries))
    zip.on('entry', (entry: Entry) => {
      const { fileName, uncompressedSize, compressedSize } = entry
      all += uncompressedSize
      const bursts = uncompressedSize > 1_000_000 && uncompressedSize > compressedSize * MOST_RATIO
      if (uncompressedSize > MOST_FILE || all > MOST_ALL || bursts)
        return reject(badFile(t('unpacked-this-is-too-large'), fileName))
      if (entries.has(fileName)) return reject(badFile(t('this-name-is-in-the'), fileName))
      entries.set(fileName, entry)
      zip.readEntry()
    })
    zip.readEntry()
  })
}

async function manifestOf(zip: ZipFile, entries: ReadonlyMap<string, Entry>): Promise<BackupManifest> {
  const entry = entries.get(places.manifest)
  if (!entry) throw badFile(t('this-zip-isnt-a-shop'), '')
  const json = manifestJson(await gathered(bytesOf(zip, entry), places.manifest))
  const version = Number((json as { version?: unknown } | null)?.version)
  if (version > BACKUP_VERSION)
    throw badFile(t('this-backup-is-of-a', { version, one: BACKUP_VERSION }), places.manifest)
  const read = BackupManifest.safeParse(json)
  if (!read.success) throw badFile(read.error.issues[0]!.message, places.manifest)
  return read.data
}

function requireSameFiles(entries: ReadonlyMap<string, Entry>, { files }: BackupManifest): void {
  const named = new Map(files.map((one) => [one.name, one.bytes]))
  for (const [name, { uncompressedSize }] of entries) {
    if (name === places.manifest) continue
    if (!named.has(name)) throw badFile(t('its-manifest-doesnt-list-this'), name)
    if (named.get(name) !== uncompressedSize) throw badFile(t('this-files-length-differs-from'), name)
  }
  for (const name of named.keys()) if (!entries.has(name)) throw badFile(t('this-file-is-missing'), name)
  if (!named.has(places.shop)) throw badFile(t('the-settings-of-the-shop'), places.shop)
}

async function* bytesOf(zip: ZipFile, entry: Entry): AsyncGenerator<Uint8Array> {
  const stream = await new Promise<NodeJS.ReadableStream>((resolve, reject) =>
    zip.openReadStream(entry, (error, found) => (error ? reject(error) : resolve(found!))),
  )
  for await (const bytes of stream) yield bytes as unknown as Uint8Array
}

/** A file's bytes; at its end they are what they were when it was written, or it is refused. */
async function* checked({ zip, entries, sums }: Inside, name: string): AsyncGenerator<Uint8Array> {
  const hash = createHash('sha256')
  try {
    for await (const bytes of bytesOf(zip, entries.get(name)!)) {
      hash.update(bytes)
      yield bytes
    }
  } catch (error) {
    throw error instanceof CoreError ? error : damaged(name)
  }
  if (hash.digest('hex') !== sums.get(name)) throw damaged(name)
}

const whole = (inside: Inside, name: string): Promise<Buffer> => gathered(checked(inside, name), name)

async function gathered(bytes: AsyncIterable<Uint8Array>, name: string): Promise<Buffer> {
  const chunks: Uint8Array[] = []
  let size = 0
  for await (const chunk of bytes) {
    size += chunk.length
    if (size > MOST_WHOLE) throw badFile(t('this-file-is-too-large'), name)
    chunks.push(chunk)
  }
  return Buffer.concat(chunks)
}

function manifestJson(bytes: Buffer): unknown {
  const excess = new JsonGauge(MANIFEST_LIMITS).add(bytes)
  if (excess) throw badFile(excessText(excess, MANIFEST_LIMITS), places.manifest)
  try {
    return JSON.parse(bytes.toString('utf8'))
  } catch {
    throw badFile(t('this-is-not-valid-json'), places.manifest)
  }
}

const damaged = (name: string) => badFile(t('this-file-was-damaged-since'), name)
const badFile = (message: string, path: string) => new CoreError('bad-file', message, path)
