// npm test: everything from a fresh machine to one closing line.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import path from 'node:path'
import { fail, must, requireNode, requirePackages, root, run } from './environment.mjs'

requireNode()
await requirePackages()
const debian = [
  ['chromium-headless-shell', '/usr/bin/chromium-headless-shell'],
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
const started = Date.now()
let [passed, failed] = [0, 0]
/** What a run said of itself; one that said nothing broke before it could, and an earlier one's word is not its own. */
const results = (file) => path.join(root, 'test-results', file)
const forget = (file) => rmSync(results(file), { force: true })
const report = (file) => (existsSync(results(file)) ? JSON.parse(readFileSync(results(file), 'utf8')) : null)

async function step(what, command, args) {
  const { code, output } = await run(what, command, args, { env: { FORCE_COLOR: '0' } })
  if (code !== 0) console.log(`\n${what} failed:\n${output}`)
  if (code === 0) passed++
  else failed++
}
const script =
  (what, ...args) =>
  () =>
    step(what, 'npm', ['run', '--silent', ...args])
const unit =
  (what, ...projects) =>
  () =>
    unitTests(what, projects)

async function unitTests(what, projects) {
  const file = `${projects.join('-')}.json`
  const args = ['--selectProjects', ...projects, '--runInBand', '--json', `--outputFile=test-results/${file}`]
  forget(file)
  const { code, output } = await run(what, 'npx', ['jest', ...args], { env: { FORCE_COLOR: '0' } })
  const said = report(file)
  if (code !== 0) console.log(output)
  passed += said?.numPassedTests ?? 0
  const faults = said ? said.numFailedTests + said.numRuntimeErrorTestSuites : 0
  failed += code === 0 ? faults : Math.max(1, faults)
}

const nothing = { stats: { expected: 0, unexpected: 0, flaky: 0, skipped: 0 }, suites: [] }
let seen = nothing

/** The real interface, on what the build made. */
async function realInterface() {
  forget('e2e.json')
  const { code } = await run('Playwright', 'npx', ['playwright', 'test'], { quiet: false })
  seen = report('e2e.json') ?? nothing
  const { expected, unexpected, flaky } = seen.stats
  passed += expected + flaky
  failed += code === 0 ? unexpected : Math.max(1, unexpected)
}

// Worked out once, for every suite that works in it.
process.env.THIMBLE_READY_DEMO = results('demo.json')
const { workOutDemo } = await import('./workOutDemo.mjs')
await workOutDemo(process.env.THIMBLE_READY_DEMO)

async function oneByOne(...steps) {
  for (const go of steps) await go()
}
// Two lanes that take about as long: what needs no browser goes beside it, as it waits as often as it works.
await Promise.all([
  oneByOne(
    () => step('Production build', 'node', ['tools/build.mjs']),
    script('Types and lint', 'check'),
    realInterface,
  ),
  oneByOne(
    unit('Unit tests of the server', 'server'),
    unit('Unit tests of the core and its words', 'core', 'language'),
    unit('Unit tests of plan and app', 'plan', 'app'),
    script('Format', 'format'),
    script('Walls between rooms, and no circle', 'walls'),
    script('Dead exports', 'dead'),
    script('Paths and names in the docs', 'docs'),
    script('Words', 'words'),
  ),
])
const { stats, suites } = seen

/** Those that passed only when they were tried again. */
const second = []
const look = (suite, title) => {
  for (const inner of suite.suites ?? []) look(inner, inner.title)
  for (const spec of suite.specs ?? [])
    if (spec.tests.some(({ status }) => status === 'flaky')) second.push(`${title}: ${spec.title}`)
}
for (const suite of suites) look(suite, suite.title)
if (second.length > 0) console.log(`\nPassed only on the second try (${second.length}):\n  ${second.join('\n  ')}`)

const skipped = stats.skipped > 0 ? `, ${stats.skipped} skipped as this machine cannot` : ''
const minutes = ((Date.now() - started) / 60_000).toFixed(1)
console.log(`\n${passed} passed, ${failed} failed, ${second.length} on the second try${skipped}; ${minutes} min`)
process.exit(failed === 0 ? 0 : 1)
