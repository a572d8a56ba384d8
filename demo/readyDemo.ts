import type { ShopFile } from '@thimble/contract/answers'
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { demoShop } from './demoShop'

/** Where a test run put the demo shop it worked out (tools/workOutDemo), so that its hundred tests need not. */
export const readyFolder = (): string | undefined => process.env.THIMBLE_READY_DEMO

/** The demo shop for a test: as this run worked it out, else worked out here. */
export function readyDemo(): ShopFile {
  const ready = readyFolder()
  if (!ready) return demoShop(path.resolve('demo'))
  return JSON.parse(readFileSync(path.join(ready, 'demo.json'), 'utf8')) as ShopFile
}
