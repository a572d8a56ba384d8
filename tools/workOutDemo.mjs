// Works the demo shop out: for the build, and for unit tests, which come before it.
import { build } from 'esbuild'
import { mkdirSync, rmSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { root } from './environment.mjs'

/** Writes the demo shop into a file, as a shop file with the day that is its today. */
export async function workOutDemo(file) {
  mkdirSync(path.dirname(file), { recursive: true })
  const outfile = `${file}.mjs`
  const banner = { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" }
  await build({
    ...{ entryPoints: [path.join(root, 'demo/demoShop.ts')], outfile, absWorkingDir: root, banner },
    ...{ bundle: true, platform: 'node', format: 'esm', target: 'node20', logLevel: 'error' },
  })
  const { demoShop, demoToday } = await import(pathToFileURL(outfile).href)
  rmSync(outfile)
  const folder = path.join(root, 'demo')
  writeFileSync(file, JSON.stringify({ today: demoToday(folder), shop: demoShop(folder) }))
}
