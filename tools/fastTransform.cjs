// How the suites of rooms without an interface read TypeScript: by esbuild, which keeps today's JavaScript as it is.
const { createHash } = require('node:crypto')
const { transformSync, version } = require('esbuild')

const options = { format: 'cjs', target: 'node20', sourcemap: 'inline', logLevel: 'silent' }

module.exports = {
  process: (source, file) => {
    const { code } = transformSync(source, { ...options, sourcefile: file, loader: /\.tsx?$/.test(file) ? 'ts' : 'js' })
    return { code }
  },
  getCacheKey: (source, file) =>
    createHash('sha256').update(version).update(JSON.stringify(options)).update(file).update(source).digest('hex'),
}
