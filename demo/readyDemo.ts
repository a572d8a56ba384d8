import type { ShopFile } from '@thimble/contract/answers'
import { readFileSync } from 'node:fs'
import path from 'node:path'

/** The demo shop as it was worked out: by the unit tests for themselves (tools/setUpSuites), or by the build. */
export function readyDemo(): ShopFile {
  const file = process.env.THIMBLE_READY_DEMO ?? path.resolve('dist/demo.json')
  return (JSON.parse(readFileSync(file, 'utf8')) as { shop: ShopFile }).shop
}
