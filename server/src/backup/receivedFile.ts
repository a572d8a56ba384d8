import { shopComputer as t } from '@thimble/language/en/shopComputer'
import { CoreError } from '@thimble/core/errors'
import { randomUUID } from 'node:crypto'
import { open, rm } from 'node:fs/promises'
import path from 'node:path'

const MOST_BYTES = 4_000_000_000

/**
 * Puts what comes in into a file beside the database while `work` reads it; it is gone afterwards, and at the next start
 * where the program ended meanwhile.
 *
 * @throws CoreError('bad-file') for more than any shop needs
 */
export async function withReceived<T>(
  folder: string,
  body: AsyncIterable<Uint8Array>,
  work: (file: string) => Promise<T>,
): Promise<T> {
  const file = path.join(folder, `import-${randomUUID()}.part`)
  const handle = await open(file, 'wx', 0o600)
  try {
    let size = 0
    for await (const bytes of body) {
      size += bytes.length
      if (size > MOST_BYTES) throw new CoreError('bad-file', t('this-is-too-large-for'), '')
      await handle.write(bytes)
    }
    return await work(file)
  } finally {
    await handle.close()
    await rm(file, { force: true })
  }
}
