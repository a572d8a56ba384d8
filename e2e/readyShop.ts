import path from 'node:path'
import { readyFolder } from '../demo/readyDemo'
import { ShopServer } from './server'

/** Before all tests: the demo shop taken in once, through the import, for each test that works in it to copy. */
export default async function readyShop(): Promise<void> {
  const server = await ShopServer.at(path.join(readyFolder()!, 'shop'))
  await server.start()
  await server.importDemo()
  await server.stop()
}
