// npm run demo, npm start: everything from a fresh machine to an open shop.
import { spawn } from 'node:child_process'
import { readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { fail, requireNode, requirePackages, root } from './environment.mjs'

requireNode()
const demo = process.argv.includes('--demo')
const port = process.env.PORT ?? '4820'
if (!/^\d+$/.test(port) || Number(port) < 1 || Number(port) > 65535)
  fail(`PORT ${port} is not a port: choose a number from 1 to 65535.`)

const phonesPort = process.env.PHONES_PORT
if (phonesPort !== undefined && (!/^\d+$/.test(phonesPort) || Number(phonesPort) < 1 || Number(phonesPort) > 65535))
  fail(`PHONES_PORT ${phonesPort} is not a port: choose a number from 1 to 65535.`)

await requirePackages()
const { build, built } = await import('./build.mjs')
await build()

const data = path.resolve(process.env.ZT_DATA ?? path.join(root, 'data'), demo ? 'demo' : 'shop')

const args = [
  built.server,
  '--with-parent',
  '--data',
  data,
  '--static',
  built.site,
  '--migrations',
  path.join(root, 'server/drizzle'),
  '--port',
  port,
  ...(process.argv.includes('--phones') ? ['--phones'] : []),
  ...(phonesPort === undefined ? [] : ['--phones-port', phonesPort]),
  ...(demo && process.argv.includes('--fresh') ? ['--fresh'] : []),
]
const server = spawn(process.execPath, demo ? [...args, '--seed', demoFromToday()] : args, { stdio: 'inherit' })
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
// npm hands a SIGTERM to its shell, and the shell dies without passing it on: losing the parent means the same.
const parent = process.ppid
if (process.env.npm_lifecycle_event) setInterval(() => process.ppid !== parent && server.kill('SIGTERM'), 300).unref()
server.on('close', (code, signal) => process.exit(code ?? (signal ? 1 : 0)))

/** The demo shop with its dates moved so that its "today" is today. */
function demoFromToday() {
  const { shop, today } = JSON.parse(readFileSync(built.demo, 'utf8'))
  const days = Math.round((Date.parse(new Date().toISOString().slice(0, 10)) - Date.parse(today)) / 86_400_000)
  const moved = (text) => new Date(Date.parse(text) + days * 86_400_000).toISOString()
  const shift = (key, value) => {
    if (typeof value !== 'string' || !/^\d{4}-\d\d-\d\d/.test(value)) return value
    return value.length === 10 ? moved(value).slice(0, 10) : moved(value)
  }
  const file = path.join(path.dirname(built.demo), 'demo-shop.json')
  writeFileSync(file, JSON.stringify(shop, shift))
  return file
}
