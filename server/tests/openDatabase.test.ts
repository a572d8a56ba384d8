import { mkdtempSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { openDatabase, StartError } from '../src'

it('says in one sentence that a database file is broken, and what to do', async () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-'))
  writeFileSync(
    path.join(folder, 'shop.db'),
    'this is no database, but it is long enough to have a header of its own '.repeat(20),
  )
  await expect(openDatabase(folder, path.join(__dirname, '../drizzle'))).rejects.toThrow(StartError)
  await expect(openDatabase(folder, path.join(__dirname, '../drizzle'))).rejects.toThrow(
    /cannot be opened .*restore a backup/,
  )
})
