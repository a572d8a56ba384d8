/** What may be wrong with the shop's file: held by another program, only to be read, damaged, gone, or without room. */
export type FileFault = 'busy' | 'read-only' | 'damaged' | 'gone' | 'full'

/** The file that was opened is not the one that lies there now. */
export class FileGone extends Error {}

const byCode: readonly [RegExp, FileFault][] = [
  // A connection is closed under a read only when all are reopened after one was refused.
  [/^(SQLITE_(BUSY|LOCKED)|CLIENT_CLOSED)/, 'busy'],
  [/^SQLITE_(READONLY|PERM)/, 'read-only'],
  [/^SQLITE_(CORRUPT|NOTADB)/, 'damaged'],
  [/^SQLITE_CANTOPEN/, 'gone'],
  [/^(SQLITE_FULL|ENOSPC)/, 'full'],
]

/** What an error says of the file, however deep the driver has wrapped it; null where it says nothing of it. */
export function fileFaultOf(error: unknown): FileFault | null {
  if (error instanceof FileGone) return 'gone'
  if (typeof error !== 'object' || error === null) return null
  const { code, cause } = error as { code?: unknown; cause?: unknown }
  const known = byCode.find(([pattern]) => pattern.test(String(code)))
  return known?.[1] ?? fileFaultOf(cause)
}
