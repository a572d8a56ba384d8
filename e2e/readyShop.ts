import { mkdtempSync, rmSync } from 'node:fs'
import os from 'node:os'
import { ShopServer } from './server'

/** Before all tests: the demo shop taken in once, through the import, for each test that works in it to copy. */
export default async function readyShop(): Promise<() => void> {
  const folder = mkdtempSync(`${os.tmpdir()}/thimble-ready-shop-`)
  process.env.THIMBLE_READY_SHOP = folder
  const server = await ShopServer.at(folder)
  await server.start()
  await server.importDemo()
  await server.stop()
  return () => rmSync(folder, { recursive: true, force: true })
}
