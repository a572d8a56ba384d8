// How the suites of rooms without an interface are read: each as one bundle. A suite then starts at once, where Jest reads
// hundreds of modules one by one, and runs at full speed, where Jest asks for each function through its module's table.
const { createHash } = require('node:crypto')
const { existsSync, readFileSync } = require('node:fs')
const path = require('node:path')
const { buildSync } = require('esbuild')

const root = path.dirname(require.resolve('../package.json'))
/** What has a binary beside it, or is to be the one copy that Node has. */
const external = ['@libsql/client', 'libsql', 'esbuild']
/**
 * Jest's world asks a table of its own for every word that no module declares, which makes work with numbers three times
 * as slow: what the language brings is declared here.
 */
const words = [
  ...['Math', 'Number', 'Object', 'Array', 'String', 'Boolean', 'Map', 'Set', 'WeakMap', 'JSON', 'Symbol', 'RegExp'],
  ...['Float64Array', 'Float32Array', 'Int32Array', 'Uint8Array', 'Uint16Array', 'Uint32Array', 'Infinity', 'NaN'],
]
const banner = { js: words.map((word) => `const ${word} = globalThis.${word};`).join('') }
const options = {
  ...{ bundle: true, platform: 'node', format: 'cjs', target: 'node20', absWorkingDir: root },
  ...{ external, banner, sourcemap: 'inline', sourcesContent: false, logLevel: 'error', keepNames: true },
}
const made = new Map()

/** Where a whole run puts its bundles, made together before it (tools/setUpSuites). */
const readyBundle = (file) =>
  path.join(process.env.THIMBLE_READY_SUITES ?? '', path.relative(root, file).replace(/\.ts$/, '.js'))

function bundle(file) {
  if (process.env.THIMBLE_READY_SUITES && existsSync(readyBundle(file))) return readFileSync(readyBundle(file), 'utf8')
  if (!made.has(file)) made.set(file, buildSync({ ...options, write: false, entryPoints: [file] }).outputFiles[0].text)
  return made.get(file)
}

module.exports = {
  options,
  process: (_, file) => ({ code: bundle(file) }),
  // What a suite is made of has a say: Jest itself only looks at the suite.
  getCacheKey: (_, file) => createHash('sha256').update(bundle(file)).digest('hex'),
}
