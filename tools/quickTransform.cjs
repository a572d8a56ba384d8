// How the app's suites read what is TypeScript or a module of today: types taken off, and no more. Babel is left what
// React Native wrote for it.
const { transformSync } = require('esbuild')

module.exports = {
  process: (text, file) => {
    const loader = /\.tsx$/.test(file) ? 'tsx' : /\.ts$/.test(file) ? 'ts' : 'js'
    const options = { loader, format: 'cjs', target: 'node20', jsx: 'automatic', sourcemap: 'inline', sourcefile: file }
    return { code: transformSync(text, options).code }
  },
}
