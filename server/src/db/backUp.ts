import { createClient } from '@libsql/client'
import { drizzle } from 'drizzle-orm/libsql'
import { existsSync, mkdirSync } from 'node:fs'
import path from 'node:path'
import { StartError } from '../startError'
import { fileFaultOf } from './fileFault'
import { copyWhole } from './openDatabase'

/**
 * Copies the shop in `folder` to a file, whole by itself; the shop may be open meanwhile.
 * @throws StartError for a folder without a shop, and for a file that is there already or cannot be written
 */
export async function backUp(folder: string, copy: string): Promise<void> {
  const file = path.join(folder, 'shop.db')
  if (!existsSync(file)) throw new StartError(`There’s no shop in ${folder}: set ZT_DATA to the folder it is kept in.`)
  if (existsSync(copy)) throw new StartError(`${copy} is there already: give the backup another name.`)
  const client = createClient({ url: `file:${file}`, timeout: 5000 })
  try {
    mkdirSync(path.dirname(copy), { recursive: true, mode: 0o700 })
    await copyWhole(drizzle(client), copy)
  } catch (error) {
    const full = fileFaultOf(error) === 'full' ? ' The disk is full.' : ''
    throw new StartError(`The backup ${copy} couldn’t be written.${full} Choose another place and try again.`)
  } finally {
    client.close()
  }
}
