// Builds the app and the server bundle when their sources have changed since the last build.
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { pathToFileURL } from 'node:url'
import { promisify } from 'node:util'
import { brotliCompress, constants, gzip } from 'node:zlib'
import { fail, must, requireNode, requirePackages, root } from './environment.mjs'
import { packagesIn, writeNotices } from './notices.mjs'
import { minifyScripts } from './minifyScripts.mjs'
import { layPairingPage } from './pairingPage.mjs'
import { optimiseStartup } from './optimiseStartup.mjs'
import { stubsCalled } from './stubsCalled.mjs'
import { workOutDemo } from './workOutDemo.mjs'

export const built = {
  site: path.join(root, 'app/dist'),
  server: path.join(root, 'dist/server.mjs'),
  checkThread: path.join(root, 'dist/checkThread.mjs'),
  demo: path.join(root, 'dist/demo.json'),
}
const stamp = path.join(root, 'dist/.sources')
const SKIPPED = new Set(['node_modules', 'dist', '.expo', 'tests', 'data'])

function filesUnder(folder) {
  return readdirSync(path.join(root, folder), { withFileTypes: true }).flatMap((entry) => {
    if (SKIPPED.has(entry.name)) return []
    const name = path.join(folder, entry.name)
    return entry.isDirectory() ? filesUnder(name) : [name]
  })
}

function sourcesHash() {
  const hash = createHash('sha256')
  const files = [
    ...['app', 'core', 'language', 'contract', 'plan', 'server', 'demo'].flatMap(filesUnder),
    'package-lock.json',
    'tools/build.mjs',
    'tools/notices.mjs',
    'tools/minifyScripts.mjs',
    'tools/offlineShell.mjs',
    'tools/pairingPage.mjs',
    'tools/optimiseStartup.mjs',
    'tools/stubsCalled.mjs',
    'tools/workOutDemo.mjs',
  ]
  for (const name of files.sort()) hash.update(name).update(readFileSync(path.join(root, name)))
  return hash.digest('hex')
}

async function compressSite() {
  const texts = filesUnderDist(built.site).filter((name) => /\.(js|css|html|svg|json|ttf|ico)$/.test(name))
  await Promise.all(
    texts.map(async (name) => {
      const raw = readFileSync(name)
      writeFileSync(
        `${name}.br`,
        await promisify(brotliCompress)(raw, { params: { [constants.BROTLI_PARAM_QUALITY]: 10 } }),
      )
      writeFileSync(`${name}.gz`, await promisify(gzip)(raw, { level: 9 }))
    }),
  )
}

function filesUnderDist(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const name = path.join(folder, entry.name)
    return entry.isDirectory() ? filesUnderDist(name) : [name]
  })
}

/** What a phone fetches before it shows anything, compressed; more than this is no quick start. */
const FIRST_LOAD_KB = 545

/** Fails when the page, the scripts and the faces that it names itself have grown beyond the budget. */
function checkFirstLoad() {
  const page = path.join(built.site, 'index.html')
  const named = [
    ...readFileSync(page, 'utf8').matchAll(/<(?:script|link)[^>]*? (?:src|href)="\/([^"]+\.(?:js|woff2))"/g),
  ]
  const files = [page, ...new Set(named.map(([, file]) => path.join(built.site, file)))]
  const sizeOf = (file) => statSync(existsSync(`${file}.br`) ? `${file}.br` : file).size
  const kB = Math.round(files.reduce((sum, file) => sum + sizeOf(file), 0) / 1000)
  if (kB > FIRST_LOAD_KB)
    fail(`The first load is ${kB} kB and may be ${FIRST_LOAD_KB}: leave something out of it, or fetch it later.`)
  return kB
}

async function bundle(entry, outfile, sources) {
  const { build } = await import('esbuild')
  mkdirSync(path.dirname(outfile), { recursive: true })
  const { metafile } = await build({
    metafile: true,
    absWorkingDir: root,
    entryPoints: [path.join(root, entry)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    external: ['@libsql/client', 'libsql'],
    sourcemap: true,
    // Half the text to read at each start.
    ...{ minifyWhitespace: true, minifySyntax: true },
    // By what a shop's file tells the program that closed it.
    define: { 'process.env.THIMBLE_BUILD': JSON.stringify(sources) },
    logLevel: 'error',
    banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  })
  return metafile.inputs
}

export async function build({ force = false } = {}) {
  const sources = sourcesHash()
  const fresh = [built.server, built.checkThread, built.demo, path.join(built.site, 'index.html'), stamp].every(
    (name) => existsSync(name),
  )
  if (!force && fresh && readFileSync(stamp, 'utf8') === sources) return
  const env = { CI: '1', EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1', NODE_ENV: 'production' }
  const site = ['expo', 'export', '--platform', 'web', '--no-minify']
  await must('Building the app', 'npm', ['exec', '--workspace=app', '--', ...site], { env })
  const { unmet, leftOut } = JSON.parse(readFileSync(path.join(root, 'app/.expo/notShipped.json'), 'utf8'))
  if (unmet.length > 0) fail(`These rules of app/metro.config.js meet nothing any more: ${unmet.join(', ')}`)
  const called = stubsCalled(leftOut, [path.join(root, 'app/src'), path.join(root, 'app/app')])
  if (called.length > 0) fail(`app/metro.config.js leaves out what is called: ${called.join('; ')}`)
  await minifyScripts(built.site)
  optimiseStartup(built.site, sources.slice(0, 16))
  await layPairingPage(built.site)
  const { writeOfflineShell } = await import('./offlineShell.mjs')
  await writeOfflineShell(built.site)
  const served = await bundle('server/src/main.ts', built.server, sources)
  await bundle('server/src/shopFile/checkThread.ts', built.checkThread, sources)
  await workOutDemo(built.demo)
  writeNotices(built.site, packagesIn(served))
  await compressSite()
  checkFirstLoad()
  writeFileSync(stamp, sources)
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) {
  requireNode()
  await requirePackages()
  await build({ force: process.argv.includes('--force') })
}
