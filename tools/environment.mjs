// What every start needs before anything of ours can run: the right Node, and the packages.
import { spawn } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..')

export function fail(sentence) {
  console.error(sentence)
  process.exit(1)
}

export function requireNode() {
  const [major] = process.versions.node.split('.').map(Number)
  if (major < 20 || major >= 25)
    fail(`Node ${process.versions.node} will not do: install Node 20 (or 22, 24) and start again.`)
}

/** Runs a command and says what is going on when it takes over two seconds. Resolves to its exit code and output. */
export function run(what, command, args, { quiet = true, env = {} } = {}) {
  return new Promise((resolve) => {
    const started = Date.now()
    const child = spawn(command, args, {
      cwd: root,
      env: { ...process.env, ...env },
      stdio: quiet ? ['ignore', 'pipe', 'pipe'] : 'inherit',
    })
    let output = ''
    child.stdout?.on('data', (text) => (output += text))
    child.stderr?.on('data', (text) => (output += text))
    let told = 0
    const clock = setInterval(() => {
      const seconds = Math.round((Date.now() - started) / 1000)
      if (seconds >= 2 && (told === 0 || seconds - told >= 20)) {
        console.log(`${what} ... ${seconds} s`)
        told = seconds
      }
    }, 500)
    child.on('error', (error) => {
      clearInterval(clock)
      resolve({ code: 1, output: String(error) })
    })
    child.on('close', (code) => {
      clearInterval(clock)
      if (told > 0 && code === 0) console.log(`${what}: done in ${Math.round((Date.now() - started) / 1000)} s`)
      resolve({ code: code ?? 1, output })
    })
  })
}

const lastLines = (text) => text.trim().split('\n').slice(-15).join('\n')

export async function must(what, command, args, options) {
  const { code, output } = await run(what, command, args, options)
  if (code !== 0) fail(`${what} did not work.\n${lastLines(output)}`)
}

/** npm ci when the packages are missing or older than the lock file. */
export async function requirePackages() {
  const stamp = path.join(root, 'node_modules/.thimble-lock')
  const lock = createHash('sha256')
    .update(readFileSync(path.join(root, 'package-lock.json')))
    .digest('hex')
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return
  await must('Installing packages', 'npm', ['ci', '--no-audit', '--no-fund'])
  writeFileSync(stamp, lock)
}
