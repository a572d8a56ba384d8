// Works the demo shop out once for a whole test run: jest and Playwright set it up by this, and clear it away.
import { build } from 'esbuild'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { root } from './environment.mjs'

/** Makes a folder with `demo.json` in it, and tells the tests of it (demo/readyDemo). */
export default async function workOutDemo() {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-ready-'))
  const outfile = path.join(folder, 'demoShop.mjs')
  const banner = { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" }
  await build({
    ...{ entryPoints: [path.join(root, 'demo/demoShop.ts')], outfile, absWorkingDir: root, banner },
    ...{ bundle: true, platform: 'node', format: 'esm', target: 'node20', logLevel: 'error' },
  })
  const { demoShop } = await import(pathToFileURL(outfile).href)
  writeFileSync(path.join(folder, 'demo.json'), JSON.stringify(demoShop(path.join(root, 'demo'))))
  process.env.THIMBLE_READY_DEMO = folder
  return () => rmSync(folder, { recursive: true, force: true })
}
