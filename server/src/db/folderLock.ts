import { createClient } from '@libsql/client'
import path from 'node:path'
import { StartError } from '../startError'
import { fileFaultOf } from './fileFault'
import { ownersOnly } from './ownersOnly'

/**
 * Keeps a data folder to one program, by a write transaction that is never ended on a file of its own: the operating
 * system lets go of it when the program ends, however that happens, so that no lock is ever left behind.
 *
 * @throws StartError when another program has the folder
 */
export async function lockFolder(folder: string): Promise<() => void> {
  const file = path.join(folder, 'shop.lock')
  const client = createClient({ url: `file:${file}`, timeout: 0 })
  try {
    const held = await client.transaction('write')
    ownersOnly(file)
    return () => {
      held.close()
      client.close()
    }
  } catch (error) {
    client.close()
    if (fileFaultOf(error) !== 'busy') throw error
    throw new StartError(
      `The shop in ${folder} is open already: stop the program that has it open, or set ZT_DATA to another folder.`,
    )
  }
}
