// npm test: everything from a fresh machine to one closing line.
import { existsSync, mkdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { fail, must, requireNode, requirePackages, root, run } from './environment.mjs'

requireNode()
await requirePackages()
const debian = [
  ['chromium', '/usr/bin/chromium'],
  ['poppler-utils', '/usr/bin/pdftoppm'],
  ['iproute2', '/sbin/ip'],
].filter(([, file]) => !existsSync(file))
if (debian.length > 0) {
  const names = debian.map(([name]) => name)
  if (process.getuid?.() !== 0)
    fail(
      `Missing: ${names.join(', ')}. Install with “apt-get install ${names.join(' ')}” as root, then run npm test again.`,
    )
  await must('Fetching package lists', 'apt-get', ['update', '-q'])
  await must(`Installing ${names.join(' and ')}`, 'apt-get', ['install', '-qy', '--no-install-recommends', ...names])
}

mkdirSync(path.join(root, 'test-results'), { recursive: true })
let [passed, failed] = [0, 0]
const step = async (what, command, args) => {
  console.log(`\n== ${what}`)
  const { code, output } = await run(what, command, args, { env: { FORCE_COLOR: '0' } })
  if (code !== 0) console.log(`\n${what} failed:\n${output}`)
  if (code === 0) passed++
  else failed++
}
const report = (file) => JSON.parse(readFileSync(path.join(root, 'test-results', file), 'utf8'))

// Each keeps one core busy, so two go side by side.
const checks = [
  ['Types of every room', 'types'],
  ['Lint', 'lint'],
  ['Walls between rooms, and no circle', 'walls'],
  ['Dead exports', 'dead'],
  ['Format', 'format'],
]
const goThrough = async () => {
  for (let next = checks.shift(); next; next = checks.shift()) await step(next[0], 'npm', ['run', '--silent', next[1]])
}
await Promise.all([goThrough(), goThrough()])

console.log('\n== Unit tests')
await run('Unit tests', 'npx', ['jest', '--json', '--outputFile=test-results/unit.json'], { quiet: false })
const unit = report('unit.json')
passed += unit.numPassedTests
failed += unit.numFailedTests + unit.numRuntimeErrorTestSuites

const { build } = await import('./build.mjs')
console.log('\n== Production build')
await build()
passed++

console.log('\n== The real interface')
await run('Playwright', 'npx', ['playwright', 'test'], { quiet: false })
const { stats } = report('e2e.json')
passed += stats.expected + stats.flaky
failed += stats.unexpected
const skipped = stats.skipped > 0 ? `, ${stats.skipped} skipped as this machine cannot` : ''

console.log(`\n${passed} passed, ${failed} failed${skipped}`)
process.exit(failed === 0 ? 0 : 1)
