// npm run test:changed: what the work in hand can break. REV (default HEAD) is what it is compared with.
import { execFileSync } from 'node:child_process'
import { must, requireNode, requirePackages, root } from './environment.mjs'

requireNode()
await requirePackages()
const since = process.env.REV ?? 'HEAD'
const git = (...args) => execFileSync('git', args, { cwd: root, encoding: 'utf8' }).split('\n').filter(Boolean)
const changed = [...git('diff', '--name-only', since), ...git('ls-files', '-o', '--exclude-standard')]
if (changed.length === 0) {
  console.log(`Nothing has changed since ${since}.`)
  process.exit(0)
}

/** Those that use a room are checked with it. */
const usedBy = {
  core: ['core', 'language', 'contract', 'plan', 'server', 'app', 'e2e'],
  language: ['core', 'language', 'plan', 'app', 'e2e'],
  contract: ['contract', 'plan', 'server', 'app', 'e2e'],
  plan: ['plan', 'server', 'app', 'e2e'],
  server: ['server', 'e2e'],
  app: ['app'],
  demo: ['e2e'],
  e2e: ['e2e'],
}
const rooms = new Set(changed.flatMap((file) => usedBy[file.split('/')[0]] ?? []))
const loud = { quiet: false }
await must('Format', 'npx', ['biome', 'format', '--no-errors-on-unmatched', ...changed], loud)
if (rooms.size > 0) await must('Types and lint', 'node', ['tools/checkCode.mjs', ...rooms], loud)
await must('Walls', 'npm', ['run', '--silent', 'walls'])
await must('Docs', 'npm', ['run', '--silent', 'docs'], loud)
await must('Words', 'npm', ['run', '--silent', 'words'], loud)
await must('Unit tests', 'npx', ['jest', `--changedSince=${since}`, '--passWithNoTests'], loud)
const specs = changed.filter((file) => /^e2e\/.*\.spec\.ts$/.test(file))
if (specs.length > 0) {
  const { build } = await import('./build.mjs')
  await build()
  await must('The real interface', 'npx', ['playwright', 'test', ...specs], loud)
}
console.log(`Sound, as far as ${changed.length} changed files go. “npm test” does all of it.`)
